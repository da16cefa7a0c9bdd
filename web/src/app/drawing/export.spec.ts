import { TestBed } from '@angular/core/testing';
import { bodyOf } from '@hopsk/core/body/body';
import { SCHOOLS } from '@hopsk/core/body/school';
import { study } from '@hopsk/core/judge/study';
import { fileName, pngFile, svgFile } from './export';
import { Floor } from './floor';

describe('a drawing as a file', () => {
  async function drawing(): Promise<SVGSVGElement> {
    const fixture = TestBed.createComponent(Floor);
    fixture.componentRef.setInput(
      'study',
      study('split, shuffle right 40 cm', { body: bodyOf({ height: 1.7 }), school: SCHOOLS[0], lead: null, playing: 'right' }, false),
    );
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    return host.querySelector('svg') as SVGSVGElement;
  }

  it('stands alone: no class, no variable of the page, its pattern within itself', async () => {
    const text = svgFile(await drawing(), '#EDE6D6');
    const file = new DOMParser().parseFromString(text, 'image/svg+xml');
    expect(file.querySelector('parsererror')).toBeNull();
    expect(text).not.toContain('class="');
    expect(text).not.toContain('var(--');
    const used = [...text.matchAll(/url\("?#([^")]+)/g)].map((match) => match[1] as string);
    expect(used.length).toBeGreaterThan(0);
    for (const id of used) expect(file.getElementById(id)).withContext(id).not.toBeNull();
  });

  it('is a picture of twice the size on the screen', async () => {
    const svg = await drawing();
    const picture = await createImageBitmap(await pngFile(svg, '#EDE6D6'));
    const { width, height } = svg.getBoundingClientRect();
    expect([picture.width, picture.height]).toEqual([Math.round(width * 2), Math.round(height * 2)]);
  });

  it('has a name that every file system takes', () => {
    expect(fileName('Ecke / vorn: „links“ 2', 'svg')).toBe('Ecke-vorn-links-2.svg');
    expect(fileName('🏓', 'png')).toBe('pattern.png');
    expect(fileName('אימון', 'txt')).toBe('אימון.txt');
  });
});
