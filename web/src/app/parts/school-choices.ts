import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { TOPICS, type SchoolChoices, type TopicName } from '@hopsk/core/judge/schools';
import { words } from '@hopsk/words/words';
import { Choice } from '../ui/choice';
import { orNone } from '../ui/options';

/** What is held where schools differ, topic by topic; a topic that is left open is whoever stands further off's to decide. */
@Component({
  selector: 'hop-school-choices',
  imports: [Choice],
  template: `@for (topic of topics(); track topic.name) {
    <hop-choice
      [label]="topic.about"
      [options]="topic.options"
      [value]="choices()[topic.name] ?? null"
      (taken)="choose(topic.name, $event)"
    />
  }`,
  styleUrl: './school-choices.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SchoolChoicesForm {
  readonly choices = input.required<SchoolChoices>();
  /** What an open topic says; empty: the usual option, after this word. */
  readonly open = input('');
  readonly usual = input('');
  readonly changed = output<SchoolChoices>();
  protected readonly topics = computed(() =>
    (Object.keys(TOPICS) as TopicName[]).map((name) => {
      const { about, options } = words.topics[name];
      const named = Object.entries(options).map(([value, label]) => ({ value, label }));
      return { name, about, options: orNone(this.open() || `${this.usual()}: ${options[TOPICS[name].usual] ?? ''}`, named) };
    }),
  );

  protected choose(topic: TopicName, option: string | null): void {
    const { [topic]: _, ...others } = this.choices();
    this.changed.emit(option === null ? others : { ...others, [topic]: option });
  }
}
