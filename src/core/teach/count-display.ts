import { firstHalfMs, type Beat, type DoneWith } from '../dose';
import { changeWord, setWord } from './change-words';
import { readyWord, startWord } from './count-in';
import { numberShown, USUAL_STYLE, type CountStyle } from './count-style';

/** What the screen shows of one beat at one moment. */
type Face = {
  /** The largest thing on the screen: a number, a finger, in or out. */
  readonly big: string;
  readonly of: string;
  readonly side: string;
  readonly turn: string;
};

/** Head, trunk and breath have sides only where they turn or bend to one. */
const SIDE_WORDS: Record<DoneWith, Record<Beat['side'], string>> = {
  hands: { L: 'left', R: 'right', both: 'both hands', alternating: 'alternating' },
  feet: { L: 'left foot', R: 'right foot', both: 'both feet', alternating: 'alternating' },
  none: { L: 'left', R: 'right', both: '', alternating: 'alternating' },
};

/** Beat and moment to words; `offsetMs` is from the start of the count. */
export function faceOf(
  beat: Beat,
  offsetMs: number,
  style: CountStyle = USUAL_STYLE,
  of: DoneWith = 'hands',
): Face {
  const inside = offsetMs - beat.startMs;
  const side = SIDE_WORDS[of][beat.side];
  const turn = turnWords(beat).join(', ');
  const numbered = { of: `of ${beat.of}`, side, turn };
  switch (beat.kind) {
    case 'rep':
      return {
        big: String(numberShown(style, beat.number, beat.of)),
        ...numbered,
        of: ofWords(style, beat.of),
      };
    case 'step':
      return { ...numbered, big: beat.step ?? '', of: `round ${beat.number} of ${beat.of}` };
    case 'hold':
      return {
        big: String(numberShown(style, Math.floor(inside / 1000) + 1, Math.ceil(beat.durationMs / 1000))),
        of: `${beat.waits ? 'until told' : `of ${Math.ceil(beat.durationMs / 1000)} s`}, hold ${beat.number} of ${beat.of}`,
        side,
        turn,
      };
    case 'relax':
      return { big: 'ease off', of: `hold ${beat.number} of ${beat.of} done`, side, turn };
    case 'breath':
      return {
        ...numbered,
        big: inside < firstHalfMs(beat) === !beat.outFirst ? 'in' : 'out',
        of: `breath ${beat.number} of ${beat.of}`,
      };
    case 'free':
      return beat.waits
        ? { big: String(Math.floor(inside / 1000) + 1), of: 'seconds, until told', side, turn }
        : { big: String(Math.ceil((beat.durationMs - inside) / 1000)), of: 'seconds left', side, turn };
    case 'rest':
      return {
        big: 'rest',
        of: `${Math.ceil((beat.durationMs - inside) / 1000)} s`,
        side: '',
        turn: restWords(beat),
      };
    case 'change': {
      if (beat.change === 'start') return { big: readyWord(beat, offsetMs), of: '', side, turn };
      const big = changeWord(beat);
      const besides = turnWords(beat).filter((words) => words !== big);
      const of = `${Math.ceil((beat.durationMs - inside) / 1000)} s`;
      return { big, of, side, turn: besides.join(', ') };
    }
  }
}

/** What a rest leads to: "then set two, the left, palm down". */
function restWords(beat: Beat): string {
  const begun = startWord(beat);
  return [`then ${setWord(beat)}`, begun === 'ready' ? '' : begun].filter(Boolean).join(', ');
}

function turnWords(beat: Beat): readonly string[] {
  const words = [];
  if (beat.layer) words.push(beat.layer);
  if (beat.pass.name !== '') words.push(beat.pass.name);
  if (beat.set > 1) words.push(`set ${beat.set}`);
  return words;
}

const ofWords = ({ order }: CountStyle, of: number): string =>
  order === 'down' ? `to go, of ${of}` : `of ${of}`;
