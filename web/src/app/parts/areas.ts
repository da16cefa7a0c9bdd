import { AREAS } from '@hopsk/core/catalogue/areas';
import { areaName } from '@hopsk/words/naming';
import type { Option } from '../ui/options';

/** The floors that everybody knows, and the one that was typed elsewhere if it is another; `any` stands for none in particular. */
export function areaOptions(area: string, any: string): readonly Option<string>[] {
  const known = AREAS.map(({ code }) => ({ value: code, label: areaName(code) }));
  const other = area === '' || AREAS.some(({ code }) => code === area) ? [] : [{ value: area, label: area }];
  return [{ value: '', label: any }, ...known, ...other];
}
