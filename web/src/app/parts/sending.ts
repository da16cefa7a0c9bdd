import { ChangeDetectionStrategy, Component, input, signal } from '@angular/core';
import { troubleOf, type Trouble } from '../data/problem';

/** Something that is asked of the server by a press: whether it is under way, what went wrong, and what is to be said when it is done. */
export class Sending {
  readonly trouble = signal<Trouble | null>(null);
  readonly said = signal('');
  readonly busy = signal(false);

  /** Does it, and says what comes back; an empty line says nothing. */
  readonly send = async (work: () => Promise<string | Trouble>): Promise<void> => {
    this.busy.set(true);
    this.trouble.set(null);
    this.said.set('');
    try {
      const done = await work();
      if (typeof done === 'string') this.said.set(done);
      else this.trouble.set(done);
    } catch (error) {
      this.trouble.set(troubleOf(error));
    } finally {
      this.busy.set(false);
    }
  };

  /** What the server says of a field that was sent. */
  readonly of = (path: string): string => this.trouble()?.fields.find((field) => field.path === path)?.message ?? '';
}

/** What came of it, beside what was pressed. */
@Component({
  selector: 'hop-sent',
  template: `
    @if (of().trouble(); as trouble) {
      <p class="said wrong" role="alert">{{ trouble.message }}</p>
    }
    @if (of().said() !== '') {
      <p class="said good" role="status">{{ of().said() }}</p>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Sent {
  readonly of = input.required<Pick<Sending, 'trouble' | 'said'>>();
}
