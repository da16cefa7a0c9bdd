/** What a drawing takes from the page's styles: written into each element, so that the file stands alone. */
const TAKEN = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
  'paint-order',
] as const;

/** A drawing of the page as an SVG file of its own, in its present colours. */
export function svgFile(drawing: SVGSVGElement, ground: string): string {
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  const from = [drawing, ...drawing.querySelectorAll('*')];
  [copy, ...copy.querySelectorAll('*')].forEach((element, i) => {
    const style = getComputedStyle(from[i] as Element);
    for (const name of TAKEN) {
      const value = style.getPropertyValue(name);
      if (value !== '') element.setAttribute(name, value.replace(/url\("[^"#]*#([^"]+)"\)/g, 'url(#$1)'));
    }
    element.removeAttribute('class');
    for (const { name } of [...element.attributes]) if (name.startsWith('_ng')) element.removeAttribute(name);
  });
  const { width, height } = drawing.getBoundingClientRect();
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(Math.round(width)));
  copy.setAttribute('height', String(Math.round(height)));
  copy.setAttribute('style', `background:${ground}`);
  return `<?xml version="1.0" encoding="UTF-8"?>\n${new XMLSerializer().serializeToString(copy)}`;
}

/** The same as a PNG, twice as fine as on the screen. */
export async function pngFile(drawing: SVGSVGElement, ground: string): Promise<Blob> {
  const { width, height } = drawing.getBoundingClientRect();
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svgFile(drawing, ground))}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(width * 2);
  canvas.height = Math.round(height * 2);
  const pen = canvas.getContext('2d') as CanvasRenderingContext2D;
  pen.fillStyle = ground;
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((done, failed) => canvas.toBlob((blob) => (blob ? done(blob) : failed(new Error('no picture'))), 'image/png'));
}

/** A name that every file system takes. */
export const fileName = (name: string, ending: string): string =>
  `${name.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '') || 'pattern'}.${ending}`;

/** Hands a file to the browser. */
export function saveFile(content: Blob | string, name: string): void {
  const url = URL.createObjectURL(typeof content === 'string' ? new Blob([content], { type: 'text/plain' }) : content);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** Has the browser save what an address of ours answers with, however large it is, under the name that comes with it. */
export function openFile(address: string): void {
  const link = document.createElement('a');
  link.href = address;
  link.download = '';
  link.click();
}
