import { fileName, pngFile, saveFile, svgFile } from '../../drawing/export';

/** Saves the floor that is drawn on a page as a picture; nothing where none is drawn yet. */
export async function savePicture(page: HTMLElement, name: string, kind: 'svg' | 'png'): Promise<void> {
  const drawing = page.querySelector<SVGSVGElement>('hop-floor svg');
  if (!drawing) return;
  const ground = getComputedStyle(page).getPropertyValue('--mat').trim() || 'white';
  saveFile(kind === 'svg' ? svgFile(drawing, ground) : await pngFile(drawing, ground), fileName(name, kind));
}
