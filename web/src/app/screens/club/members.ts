import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { ROLES, type Role } from '@hopsk/contract/club';
import { type Coach, type CoachChange, type Invitation, type WayInMade } from '@hopsk/contract/members';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { MembersApi } from '../../data/members-api';
import { people } from '../../data/records';
import { signInFeature } from '../../data/sign-in';
import { Sending, Sent } from '../../parts/sending';
import { Ask } from '../../ui/ask';
import { Choice } from '../../ui/choice';
import { Fields, type Field } from '../../ui/fields';
import { once } from '../../ui/once';
import { byId, namedOptions } from '../../ui/options';
import { emails, texts } from '../../ui/reads';
import { Several } from '../../ui/several';
import { Whole } from '../../ui/whole';
import { HandOver } from './hand-over';

const NOBODY: Invitation = { name: '', email: '', role: 'coach', athletes: [] };

/** Who belongs to the club, and what each may do; for its owners. */
@Component({
  selector: 'hop-members',
  imports: [Choice, Fields, HandOver, MatButton, Sent, Several, Whole],
  templateUrl: './members.html',
  styleUrl: './section.scss',
  styles: `
    li {
      border-top: 1px solid var(--rule);
      padding: 10px 0;
      display: grid;
      grid-template-columns: minmax(0, 1fr) 150px 230px;
      gap: 4px 14px;
      align-items: center;
    }
    li > div {
      min-width: 0;
      overflow-wrap: anywhere;
    }
    li hop-several {
      grid-column: 1 / -1;
      max-width: 420px;
    }
    ul {
      list-style: none;
      margin: 0 0 8px;
      padding: 0;
    }
    dl {
      display: grid;
      grid-template-columns: auto 1fr;
      gap: 2px 14px;
      margin: 10px 0;
    }
    dd {
      margin: 0;
    }
    form hop-several {
      width: 320px;
    }
    @media (max-width: 560px) {
      li {
        grid-template-columns: minmax(0, 1fr) auto;
      }
      li .acts {
        grid-column: 1 / -1;
        margin-inline-start: -12px;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Members {
  private readonly api = inject(MembersApi);
  private readonly questions = inject(Ask);
  private readonly store = inject(Store);
  private readonly people = this.store.selectSignal(people.selectHere);
  protected readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly text = words.club;
  protected readonly common = words.common;
  protected readonly sending = new Sending();
  protected readonly inviting = new Sending();
  protected readonly members = signal<readonly Coach[]>([]);
  /** Those who are in it, and those who are no more. */
  protected readonly here = computed(() => this.members().filter(({ gone }) => !gone));
  protected readonly gone = computed(() => this.members().filter(({ gone }) => gone));
  /** A link that was just made, and for whom: it is shown here and nowhere else. */
  protected readonly made = signal<(WayInMade & { readonly name: string }) | null>(null);
  protected readonly typed = signal(NOBODY);
  protected readonly roles = namedOptions(ROLES, words.club.roles);
  protected readonly says = ROLES.map((role) => ({ role, name: words.club.roles[role], says: words.club.rolesSay[role] }));
  protected readonly athletes = computed(() => byId(this.people()));
  protected readonly fields: readonly Field<'name' | 'email'>[] = [
    { key: 'name', label: words.common.name, reads: texts(80, 1) },
    { key: 'email', label: words.enter.email, reads: emails },
  ];

  constructor() {
    void this.sending.send(async () => {
      await this.look();
      return '';
    });
  }

  protected named(role: Role): string {
    return this.text.roles[role];
  }

  protected readonly invite = once(() =>
    this.inviting.send(async () => {
      const { name } = this.typed();
      this.made.set({ ...(await firstValueFrom(this.api.invite(this.typed()))), name });
      this.typed.set(NOBODY);
      await this.look();
      return '';
    }),
  );

  protected readonly link = once(({ id, name }: Coach) =>
    this.sending.send(async () => {
      this.made.set({ ...(await firstValueFrom(this.api.wayInOf(id))), name });
      return '';
    }),
  );

  protected async change(member: Coach, more: Partial<CoachChange>): Promise<void> {
    const { id, name, role, gone, athletes } = member;
    const question = this.text.takeOutAsk(name);
    if (more.gone && !(await this.questions.sure({ question, yes: this.text.takeOut, no: this.text.takeOutNo }))) return;
    await this.sending.send(async () => {
      try {
        this.members.set(await firstValueFrom(this.api.changeCoach(id, { role, gone, athletes, ...more })));
      } catch (error) {
        // What could not be changed stands as it did.
        this.members.set([...this.members()]);
        throw error;
      }
      return more.gone ? this.text.tookOut(name) : '';
    });
  }

  private async look(): Promise<void> {
    this.members.set(await firstValueFrom(this.api.coaches()));
  }
}
