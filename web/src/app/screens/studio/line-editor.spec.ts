import { CompletionContext } from '@codemirror/autocomplete';
import { forceLinting } from '@codemirror/lint';
import { EditorState } from '@codemirror/state';
import { EditorView } from '@codemirror/view';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { MOVE_WORDS } from '@hopsk/core/language/moves';
import { parse } from '@hopsk/core/language/parse';
import { LineEditor } from './line-editor';
import { completeSteps, stepsLanguage, topStepAt } from './line-language';

describe('the line editor', () => {
  let fixture: ComponentFixture<LineEditor>;
  let typed: string[];
  const view = () =>
    EditorView.findFromDOM((fixture.nativeElement as HTMLElement).querySelector('.cm-editor') as HTMLElement) as EditorView;
  const text = () => view().state.doc.toString();

  async function open(value: string, caret = value.length): Promise<LineEditor> {
    fixture = TestBed.createComponent(LineEditor);
    typed = [];
    fixture.componentInstance.typed.subscribe((said) => typed.push(said));
    fixture.componentRef.setInput('value', value);
    fixture.componentRef.setInput('label', 'line of steps');
    await fixture.whenStable();
    view().dispatch({ selection: { anchor: caret } });
    return fixture.componentInstance;
  }

  it('adds a step behind the one that holds the caret, parted as the line needs it', async () => {
    for (const [before, caret, after] of [
      ['', 0, 'split'],
      ['advance', 7, 'advance, split'],
      ['advance, ', 9, 'advance, split'],
      ['advance,', 8, 'advance, split'],
      ['advance 20 cm, retreat', 3, 'advance 20 cm, split, retreat'],
      ['(advance, retreat) 3', 4, '(advance, retreat) 3, split'],
      ['advance\nretreat', 2, 'advance, split\nretreat'],
    ] as const) {
      const editor = await open(before, caret);
      editor.add('split');
      expect(text()).withContext(before).toBe(after);
      expect(typed.at(-1)).withContext(before).toBe(after);
      fixture.destroy();
    }
  });

  it('takes back what was typed, added, dragged or replaced, and does it again; what was opened stays', async () => {
    const editor = await open('advance');
    expect([editor.canUndo(), editor.canRedo()]).toEqual([false, false]);
    editor.add('split');
    editor.change({ from: 0, to: 7, insert: 'retreat' });
    editor.replace('hold 1 s');
    expect(text()).toBe('hold 1 s');
    const seen: string[] = [];
    while (editor.canUndo()) {
      editor.undo();
      seen.push(text());
    }
    expect(seen.at(-1)).toBe('advance');
    while (editor.canRedo()) editor.redo();
    expect(text()).toBe('hold 1 s');
    expect(typed.at(-1)).toBe('hold 1 s');
  });

  it('the next word goes in the place of what is typed of it, a separator to the end of its step', async () => {
    const editor = await open('split, shu');
    expect(editor.before()).toBe('split, shu');
    editor.write(7, 'shuffle');
    editor.write(15, 'left');
    expect([text(), editor.before()]).toEqual(['split, shuffle left ', 'split, shuffle left ']);
    editor.write(20, ',');
    editor.write(21, 'lunge');
    expect(typed.at(-1)).toBe('split, shuffle left, lunge ');
    editor.undo();
    expect(text()).not.toContain('lunge');
  });

  it('for whom a line is written is taken back and done again with the text that was turned round', async () => {
    const editor = await open('shuffle right');
    const written: object[] = [];
    editor.written.subscribe((one) => written.push(one));
    const [from, to] = [
      { hand: 'right', lead: 'none', area: 'squash at 0.4, -1' },
      { hand: 'left', lead: 'none', area: 'squash at -0.4, -1' },
    ] as const;
    editor.replace('shuffle left', { from, to });
    editor.undo();
    editor.redo();
    expect(written).toEqual([to, from, to]);
    expect(text()).toBe('shuffle left');
  });

  it('what comes from outside does not come back as typed, and does not lose the way back', async () => {
    const editor = await open('advance');
    fixture.componentRef.setInput('value', 'retreat');
    await fixture.whenStable();
    expect([text(), typed, editor.canUndo()]).toEqual(['retreat', [], false]);
    editor.add('split');
    fixture.componentRef.setInput('value', 'somebody else’s');
    await fixture.whenStable();
    expect(typed).toEqual(['retreat, split']);
    editor.undo();
    expect(text()).not.toBe('somebody else’s');
  });

  it('marks what is said about a stretch, and nothing beyond the line', async () => {
    await open('split, shufle');
    fixture.componentRef.setInput('marks', [
      { from: 7, to: 13, kind: 'unread', message: 'not understood', fixes: ['shuffle'] },
      { from: 7, to: 99, kind: 'stop', message: 'of an older line', fixes: [] },
    ]);
    fixture.componentRef.setInput('now', { from: 0, to: 5 });
    await fixture.whenStable();
    // They are set when what is drawn has been drawn.
    await new Promise((then) => setTimeout(then));
    forceLinting(view());
    const host = fixture.nativeElement as HTMLElement;
    expect(host.querySelector('.mark-unread')?.textContent).toBe('shufle');
    expect(host.querySelector('.mark-stop')).toBeNull();
    expect(host.querySelector('.now')?.textContent).toBe('split');
  });

  it('cannot be typed in while it is locked, and carries its name', async () => {
    await open('split');
    fixture.componentRef.setInput('locked', true);
    await fixture.whenStable();
    const content = (fixture.nativeElement as HTMLElement).querySelector('.cm-content');
    expect([content?.getAttribute('aria-label'), content?.getAttribute('aria-readonly'), view().state.readOnly]).toEqual([
      'line of steps',
      'true',
      true,
    ]);
  });
});

describe('completion', () => {
  const state = (doc: string) => EditorState.create({ doc, extensions: [stepsLanguage()] });
  const offered = (doc: string, explicit = false): string[] =>
    (completeSteps(new CompletionContext(state(doc), doc.length, explicit))?.options ?? []).map((option) => option.label);

  it('begins a step with moves, events, things and the names that were given', () => {
    const heads = offered('out = (split), s');
    for (const word of ['split', 'shuffle', 'side step and turn', 'ball hit', 'cone', 'out']) expect(heads).toContain(word);
    expect(offered('')).toEqual([]);
    expect(offered('', true)).toContain('advance');
    expect(offered('advance 20 cm, ')).toEqual([]);
  });

  it('after a move offers only what it takes', () => {
    expect(offered('shuffle r')).toContain('right');
    expect(offered('advance r')).not.toContain('right');
    expect(offered('pivot r')).toContain('right 90°');
    expect(offered('split l')).toContain('low hop');
    expect(offered('hold s')).not.toContain('small');
    expect(offered('square up f')).not.toContain('right foot');
    expect(offered('side step and turn l')).toContain('left 90°');
  });

  it('whatever is offered after any move is understood', () => {
    for (const word of MOVE_WORDS)
      for (const label of offered(`${word} `, true)) {
        const codes = parse(`${word} ${label}`).errors.map(({ code }) => code);
        expect(codes.filter((code) => !['needs-way', 'needs-turn', 'corner-side', 'recover-way'].includes(code)))
          .withContext(`${word} ${label}`)
          .toEqual([]);
      }
    expect(offered('lunge ahead ', true)).toContain('toe 20° out');
    expect(offered('run t')).toContain('to rear corner');
  });

  it('says nothing inside comments and quotes, and codes of findings after ‘intended’', () => {
    expect(offered('split # shu')).toEqual([]);
    expect(offered('advance + "ja')).toEqual([]);
    expect(offered('intended cro')).toContain('crossed');
  });

  it('finds the step of the first level that holds a place', () => {
    const doc = 'split, (advance, retreat) 2, hold 1 s';
    const at = (pos: number): string | null => {
      const place = topStepAt(state(doc), pos);
      return place && doc.slice(place.from, place.to);
    };
    expect([at(2), at(12), at(30)]).toEqual(['split', '(advance, retreat) 2', 'hold 1 s']);
  });
});
