import { breathInMs, type Beat } from '../dose';
import { numberShown, USUAL_STYLE, type CountStyle } from './count-style';
import { changeWord } from './ticks';

/** What the screen shows of one beat at one moment. */
type Face = {
  /** The largest thing on the screen: a number, a finger, in or out. */
  readonly big: string;
  readonly of: string;
  readonly side: string;
  readonly turn: string;
};

const SIDE_WORDS: Record<Beat['side'], string> = {
  L: 'left',
  R: 'right',
  both: 'both hands',
  alternating: 'hand by hand',
};

/** Beat and moment to words; `offsetMs` is from the start of the count. */
export function faceOf(beat: Beat, offsetMs: number, style: CountStyle = USUAL_STYLE): Face {
  const inside = offsetMs - beat.startMs;
  const side = SIDE_WORDS[beat.side];
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
        of: `of ${Math.ceil(beat.durationMs / 1000)} s, hold ${beat.number} of ${beat.of}`,
        side,
        turn,
      };
    case 'relax':
      return { big: 'ease off', of: `hold ${beat.number} of ${beat.of} done`, side, turn };
    case 'breath':
      return {
        ...numbered,
        big: inside < breathInMs(beat.durationMs) ? 'in' : 'out',
        of: `breath ${beat.number} of ${beat.of}`,
      };
    case 'free':
      return { big: String(Math.ceil((beat.durationMs - inside) / 1000)), of: 'seconds left', side, turn };
    case 'rest':
      return { big: 'rest', of: `${Math.ceil((beat.durationMs - inside) / 1000)} s`, side: '', turn: '' };
    case 'change': {
      const big = changeWord(beat);
      const besides = turnWords(beat).filter((words) => words !== big);
      const of = `${Math.ceil((beat.durationMs - inside) / 1000)} s`;
      return { big, of, side, turn: besides.join(', ') };
    }
  }
}

function turnWords(beat: Beat): readonly string[] {
  const words = [];
  if (beat.direction === 2) words.push('the other way');
  if (beat.lead === 2) words.push('other hand on top');
  if (beat.set > 1) words.push(`set ${beat.set}`);
  return words;
}

const ofWords = ({ order }: CountStyle, of: number): string =>
  order === 'down' ? `to go, of ${of}` : `of ${of}`;
