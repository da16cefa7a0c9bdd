const SYSTEMS = [
  [/iPhone/, 'iPhone'],
  [/iPad/, 'iPad'],
  [/Android/, 'Android'],
  [/Windows/, 'Windows'],
  [/Mac OS X|Macintosh/, 'Mac'],
  [/CrOS/, 'ChromeOS'],
  [/Linux|X11/, 'Linux'],
] as const;
const BROWSERS = [
  [/Firefox|FxiOS/, 'Firefox'],
  [/Edg/, 'Edge'],
  [/Chrom(?:e|ium)|CriOS/, 'Chromium'],
  [/Safari/, 'Safari'],
] as const;

const nameIn = (list: readonly (readonly [RegExp, string])[], agent: string): string =>
  list.find(([looks]) => looks.test(agent))?.[1] ?? '';

/**
 * What a browser calls itself, in two words: enough to know one's own devices by, and no more is kept.
 * @example deviceOf('Mozilla/5.0 (Linux; Android 14) AppleWebKit/537.36 Chrome/150.0 Mobile Safari/537.36') // 'Android Chromium'
 */
export const deviceOf = (agent: string): string => [nameIn(SYSTEMS, agent), nameIn(BROWSERS, agent)].filter((one) => one !== '').join(' ');
