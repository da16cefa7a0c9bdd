import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { TOPICS, type SchoolChoices, type TopicName } from '@hopsk/core/judge/schools';
import { words } from '@hopsk/words/words';

/** What is held where schools differ, topic by topic; a topic that is left open is whoever stands further off's to decide. */
@Component({
  selector: 'hop-school-choices',
  template: `@for (topic of topics; track topic.name) {
    <label
      >{{ topic.about }}
      <select [attr.aria-label]="topic.about" (change)="choose(topic.name, $any($event.target).value)">
        <option value="">{{ open() || usual() + ': ' + topic.usual }}</option>
        @for (option of topic.options; track option[0]) {
          <option [value]="option[0]" [selected]="choices()[topic.name] === option[0]">{{ option[1] }}</option>
        }
      </select></label
    >
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
  protected readonly topics = (Object.keys(TOPICS) as TopicName[]).map((name) => {
    const { about, options } = words.topics[name];
    return { name, about, usual: options[TOPICS[name].usual] ?? '', options: Object.entries(options) };
  });

  protected choose(topic: TopicName, option: string): void {
    const { [topic]: _, ...others } = this.choices();
    this.changed.emit(option === '' ? others : { ...others, [topic]: option });
  }
}
