/** Units in which a coach reads and types lengths. Inside everything is metres. */
export const LENGTH_UNITS = ['cm', 'ft-in'] as const;
export type LengthUnits = (typeof LENGTH_UNITS)[number];

const INCH = 0.0254;

/**
 * A length in metres as the coach reads it: '52.8 cm', or feet and inches to the half inch: `5'7"`, `20½"`.
 * @example formatLength(1.7, 'ft-in') // '5\'7"'
 */
export function formatLength(metres: number, units: LengthUnits, decimals = 0): string {
  if (units === 'cm') return `${(metres * 100).toFixed(decimals)} cm`;
  const sign = metres < 0 ? '−' : '';
  const halves = Math.round((Math.abs(metres) / INCH) * 2);
  const feet = Math.floor(halves / 24);
  const inches = Math.floor((halves % 24) / 2);
  const half = halves % 2 === 1 ? '½' : '';
  if (feet === 0) return `${sign}${inches === 0 && half !== '' ? '' : inches}${half}"`;
  return `${sign}${feet}'${inches}${half}"`;
}

/**
 * Reads what a coach types for a length: '170', '170 cm', '1.7 m', `5'7"`, '5 ft 7 in', '67 in'.
 * A bare number is centimetres, or inches when the units are feet and inches.
 * Gives metres, or null when it is not a length.
 * @example parseLength('5 ft 7 in', 'cm') // 1.7018
 */
export function parseLength(text: string, units: LengthUnits): number | null {
  const t = text.trim().toLowerCase().replace(',', '.').replace('½', '.5').replace(/[’′]/g, "'").replace(/[”″]/g, '"');
  const feet = /^(\d+(?:\.\d+)?)\s*(?:ft|')\s*(?:(\d+(?:\.\d+)?|\.\d+)\s*(?:in|")?)?$/.exec(t);
  if (feet) return (Number(feet[1]) * 12 + Number(feet[2] ?? 0)) * INCH;
  const plain = /^(\d+(?:\.\d+)?|\.\d+)\s*(cm|m|in|")?$/.exec(t);
  if (!plain) return null;
  const value = Number(plain[1]);
  const unit = plain[2] ?? (units === 'cm' ? 'cm' : 'in');
  return unit === 'm' ? value : unit === 'cm' ? value / 100 : value * INCH;
}
