import { computed, inject, Injectable, signal } from '@angular/core';
import { Teaching } from '@hopsk/contract';
import { SCHOOLS, type OwnSchool } from '@hopsk/core/body/school';
import { schoolWords } from '@hopsk/words/naming';
import { firstValueFrom } from 'rxjs';
import { Latest } from '../compute/latest';
import { Api } from './api';
import { troubleOf, type Trouble } from './problem';
import { DeviceStore } from './device-store';

const NOTHING: Teaching = { version: 0, choices: {}, stances: [], moves: [], playbooks: [] };

/** What the club teaches: kept on this device, fetched when it can be. */
@Injectable({ providedIn: 'root' })
export class TeachingStore {
  private readonly api = inject(Api);
  private readonly device = inject(DeviceStore);
  private readonly kept = signal<Teaching>(NOTHING);
  private asked = false;
  private readonly question = new Latest();
  readonly teaching = this.kept.asReadonly();
  /** Whether it is known what the club teaches: before that nothing may be changed, or it would be taken for nothing. */
  readonly ready = signal(false);
  /** Everybody's stances and the club's own, with what they are called. */
  readonly stances = computed<readonly OwnSchool[]>(() => [
    ...SCHOOLS.map((school) => ({ ...school, ...schoolWords(school) })),
    ...this.kept().stances,
  ]);
  /** Fetches it once; later calls do nothing. */
  load(): void {
    if (this.asked) return;
    this.asked = true;
    void this.fetch();
  }

  /** Forgets whose it was: somebody else signs in. */
  clear(): void {
    this.asked = false;
    this.question.drop();
    this.ready.set(false);
    this.kept.set(NOTHING);
  }

  /** Saves a change; the trouble where it cannot be, null where it is saved. */
  async save(change: Partial<Pick<Teaching, 'choices' | 'stances' | 'moves' | 'playbooks'>>): Promise<Trouble | null> {
    try {
      this.kept.set(await firstValueFrom(this.api.saveTeaching({ ...this.kept(), ...change })));
      await this.device.keep('teaching', this.kept());
      return null;
    } catch (error) {
      const trouble = troubleOf(error);
      if (trouble.kind === 'stale') await this.fetch();
      return trouble;
    }
  }

  /** What comes after somebody has left is dropped: it was another club's. */
  private fetch(): Promise<void> {
    return this.question.ask(
      () => firstValueFrom(this.api.teaching()),
      (teaching) => {
        this.know(teaching);
        void this.device.keep('teaching', teaching);
      },
      () => this.recall(),
    );
  }

  /** Without a network what this device kept of it will do; the next visit asks again. */
  private recall(): void {
    this.asked = false;
    void this.question.ask(
      async () => Teaching.safeParse(await this.device.recall('teaching')),
      (kept) => kept.success && this.know(kept.data),
      () => undefined,
    );
  }

  private know(teaching: Teaching): void {
    this.kept.set(teaching);
    this.ready.set(true);
  }
}
