import { Injectable, signal } from '@angular/core';
import { Hint } from '@hopsk/contract/live';
import { Subject } from 'rxjs';

/** The server says every 20 s that it is there; a stream that is silent for longer than this (ms) is dead, whatever the browser thinks. */
const SILENT = 50_000;
/** A stream that was refused is asked for again after so long (ms); one that broke comes back by itself. */
const AGAIN = 15_000;

/** Hears from the server what may be otherwise, past the service worker. Where it hears nothing, others ask every few seconds. */
@Injectable({ providedIn: 'root' })
export class Live {
  readonly hints = new Subject<Hint>();
  /** Whether it hears. */
  readonly hearing = signal(false);
  private source: EventSource | null = null;
  private timer: ReturnType<typeof setTimeout> | null = null;

  private wanted = false;
  private path = '/api/live';

  constructor() {
    // A browser has few connections for all its tabs: those that nobody looks at ask now and then.
    document.addEventListener('visibilitychange', () => {
      if (!this.wanted) return;
      if (document.hidden) this.shut();
      else this.open();
    });
  }

  /** @param path of another stream than that of somebody who is signed in. */
  open(path = this.path): void {
    this.shut();
    this.path = path;
    this.wanted = true;
    if (document.hidden) return;
    const source = new EventSource(`${this.path}?ngsw-bypass`);
    this.source = source;
    source.onopen = () => {
      this.hearing.set(true);
      this.after(SILENT);
    };
    source.addEventListener('beat', () => this.after(SILENT));
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const hint = Hint.safeParse(parsed(data));
      // A newer server may hint at what this page does not know.
      if (hint.success) this.hints.next(hint.data);
    };
    source.onerror = () => {
      this.hearing.set(false);
      if (source.readyState === EventSource.CLOSED) this.after(AGAIN);
    };
  }

  /** Asks anew after so long, unless it hears before. */
  private after(ms: number): void {
    this.rest();
    this.timer = setTimeout(() => this.open(), ms);
  }

  private rest(): void {
    if (this.timer !== null) clearTimeout(this.timer);
    this.timer = null;
  }

  close(): void {
    this.wanted = false;
    this.shut();
  }

  private shut(): void {
    this.rest();
    this.source?.close();
    this.source = null;
    this.hearing.set(false);
  }
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
