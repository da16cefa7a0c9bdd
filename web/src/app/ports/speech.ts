import { Injectable, signal } from '@angular/core';

/** Says what the clock says, where the browser can. A new word takes the place of one that is still being said. */
@Injectable({ providedIn: 'root' })
export class Speech {
  /** What was said last, for those who read along. */
  readonly said = signal('');

  say(words: string): void {
    if (words === '') return;
    this.said.set(words);
    if (!('speechSynthesis' in globalThis)) return;
    speechSynthesis.cancel();
    const utterance = new SpeechSynthesisUtterance(words);
    utterance.lang = 'en';
    utterance.rate = 1.1;
    speechSynthesis.speak(utterance);
  }

  hush(): void {
    if ('speechSynthesis' in globalThis) speechSynthesis.cancel();
  }
}
