/** The one place of colour: Material's theme, the drawings and the charts all take theirs from here. */
export interface Tokens {
  readonly ink: string;
  readonly paper: string;
  readonly raised: string;
  readonly mat: string;
  readonly rule: string;
  readonly edge: string;
  readonly muted: string;
  readonly left: string;
  readonly right: string;
  readonly accent: string;
  readonly onAccent: string;
  readonly good: string;
  readonly wrong: string;
  readonly beware: string;
  readonly line: string;
  readonly desk: string;
  readonly onDesk: string;
  readonly deskMuted: string;
}

export const LIGHT: Tokens = {
  ink: '#1C2733',
  paper: '#FBF9F4',
  raised: '#FFFFFF',
  mat: '#EDE6D6',
  rule: '#DDD5C4',
  edge: '#857E70',
  muted: '#595E62',
  left: '#0B5F6B',
  right: '#A83F14',
  accent: '#EDA843',
  onAccent: '#1C2733',
  good: '#2F6B41',
  wrong: '#B3261E',
  beware: '#805800',
  line: '#FFFFFF',
  desk: '#1C2733',
  onDesk: '#FBF9F4',
  deskMuted: '#B9C4CE',
};

export const DARK: Tokens = {
  ink: '#F1EDE4',
  paper: '#141C24',
  raised: '#1C2733',
  mat: '#26323D',
  rule: '#394652',
  edge: '#8C99A5',
  muted: '#B4BDC5',
  left: '#5FC3D0',
  right: '#F2925F',
  accent: '#EDA843',
  onAccent: '#1C2733',
  good: '#7CC48F',
  wrong: '#FF8A80',
  beware: '#E3B74F',
  line: '#5B6875',
  desk: '#0C1218',
  onDesk: '#FBF9F4',
  deskMuted: '#B9C4CE',
};

/** Relative luminance of #RRGGBB (WCAG 2.2). */
function luminance(colour: string): number {
  const [r, g, b] = [1, 3, 5]
    .map((i) => parseInt(colour.slice(i, i + 2), 16) / 255)
    .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
  return 0.2126 * (r as number) + 0.7152 * (g as number) + 0.0722 * (b as number);
}

/** Contrast ratio of two colours, 1…21 (WCAG 2.2). */
export function contrast(a: string, b: string): number {
  const [low, high] = [luminance(a), luminance(b)].sort((x, y) => x - y) as [number, number];
  return (high + 0.05) / (low + 0.05);
}

/** Puts the tokens on the page as custom properties: `ink` becomes --ink. */
export function wear(tokens: Tokens, element: HTMLElement): void {
  for (const [name, value] of Object.entries(tokens))
    element.style.setProperty(`--${name.replace(/[A-Z]/g, (c) => `-${c.toLowerCase()}`)}`, value as string);
}
