/**
 * Minutes and seconds as on a clock: 5:20, 1:02:03. Rounds up, so that a count-down reads 0:01 until it ends.
 * @example [clockText(320), clockText(0.4)] // ['5:20', '0:01']
 */
export function clockText(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds - 1e-6));
  const hours = Math.floor(whole / 3600);
  const minutes = Math.floor((whole % 3600) / 60);
  const rest = String(whole % 60).padStart(2, '0');
  return hours > 0 ? `${hours}:${String(minutes).padStart(2, '0')}:${rest}` : `${minutes}:${rest}`;
}
