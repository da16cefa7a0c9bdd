import { effect, inject, Injectable, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import { Clips } from './clips';
import { FilmWorks } from './film-works';
import { people } from './records';

/** Film of somebody who was erased goes with them, and what was marked in it, wherever in the app that is known first. */
@Injectable({ providedIn: 'root' })
export class ErasedClips {
  private readonly clips = inject(Clips);
  private readonly works = inject(FilmWorks);
  private readonly store = inject(Store);
  private readonly people = this.store.selectSignal(people.selectById);
  private readonly status = this.store.selectSignal(people.selectStatus);

  constructor() {
    effect(() => {
      const [status, here] = [this.status(), this.people()];
      if (status !== 'ready') return;
      untracked(() => void this.clips.load().then(() => this.works.eraseWhere((athlete) => !(athlete in here))));
    });
    effect(() => {
      const [status, here, all] = [this.status(), this.people(), this.clips.all()];
      if (status !== 'ready') return;
      const gone = all.filter(({ athlete }) => athlete !== null && !(athlete in here)).map(({ id }) => id);
      if (gone.length > 0) untracked(() => void this.clips.erase(...gone));
    });
  }
}
