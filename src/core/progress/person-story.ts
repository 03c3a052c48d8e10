import { saidWords, type CheckIn } from '../screening';
import { lineWords, type WrapUpPerson } from '../teach';
import { groupBy } from '../group';
import { capital, nameList, plural } from '../words';
import { rungWords } from './decision';

/** All that one class was for one person, from wherever it was entered. */
export type ClassStory = {
  readonly said: CheckIn | null;
  /** Null while the class is not written up. */
  readonly line: WrapUpPerson | null;
  readonly decisions: readonly {
    readonly family: string;
    readonly taken: 'accepted' | 'changed' | 'left';
    readonly takenRungs: number | null;
  }[];
  /** Days on which home practice was told of; null where no card was given. */
  readonly homeDays: number | null;
  /** What happened, of each incident. */
  readonly incidents: readonly string[];
};

/** The class in one line: "came; pain after 4 left; Ball squeeze: sore. At the door: hot. Grip: one rung back. At home on 3 days." */
export function storyWords({ said, line, decisions, homeDays, incidents }: ClassStory): string {
  const atDoor = said ? saidWords(said) : '';
  const kept = groupBy(
    decisions.filter((d) => d.taken !== 'left'),
    (d) => rungWords(d.takenRungs),
  );
  const sentences = [
    line ? lineWords(line) : 'not written up yet',
    ...incidents.map((what) => `incident: ${what}`),
    atDoor && `at the door: ${atDoor}`,
    said?.words && `“${said.words}”`,
    ...[...kept].map(([words, of]) => `${nameList(of.map((d) => d.family))}: ${words}`),
    homeDays !== null &&
      (homeDays === 0 ? 'a home card, nothing told of it' : `at home on ${plural(homeDays, 'day')}`),
  ].filter(Boolean) as string[];
  return `${sentences.map((words) => capital(words).replace(/\.$/, '')).join('. ')}.`;
}
