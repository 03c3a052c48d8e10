import { CONDITIONS } from '@/catalogue/conditions';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { SAID_WORDS } from '@/catalogue/said-words';
import { CATALOGUE } from '@/catalogue/movements';
import { mergedFields, personOfLine, readPeopleLines, type Guess } from '@/core/formats';
import { verdictFor } from '@/core/screening';

const KNOWLEDGE = { words: SAID_WORDS, conditions: CONDITIONS, thisYear: 2031 };
const read = (text: string) => readPeopleLines(text, KNOWLEDGE);
const told = ({ conditionId, side, state, asks }: Guess) =>
  [conditionId ?? 'not understood', side, state, ...(asks ? [`asks ${asks}`] : [])].join(' ');
const guessed = (text: string) => read(`Ida X, ${text}`)[0]!.guesses.map(told);

test.each<[string, readonly string[]]>([
  ['thumb arthritis right', ['thumb-base R settled']],
  ['arthritis base of right thumb', ['thumb-base R settled']],
  ['arthritis in both thumbs', ['thumb-base both settled']],
  ['bad arthritis both hands', ['hand-oa both settled']],
  ['OA left', ['hand-oa L settled']],
  ['CMC OA lt', ['thumb-base L settled']],
  ['rheumatoid arthritis flare', ['inflammatory both flare asks side']],
  ['RA, both hands, flaring', ['inflammatory both flare']],
  ['RA both hands, in flare', ['inflammatory both flare']],
  ['broken right wrist, not cleared', ['wrist-fracture R not cleared']],
  ['broken right wrist not cleared', ['wrist-fracture R not cleared']],
  ['broke left wrist in march', ['wrist-fracture L not cleared asks cleared']],
  ['old wrist fracture left', ['old-fracture L settled']],
  ['broken wrist right 1998, healed', ['old-fracture R settled']],
  ['osteoperosis', ['osteoporosis none settled']],
  ['osteoporosis and carpal tunnel left', ['osteoporosis none settled', 'median-nerve L settled']],
  ['carpel tunel both', ['median-nerve both settled']],
  ['DeQuervain left', ['not understood L not cleared asks what']],
  ["de Quervain's right wrist", ['thumb-tendon R settled']],
  ['Dupuytren’s right', ['palm-cord R settled']],
  ['trigger finger R', ['trigger-finger R settled']],
  ['stroke, left side weak', ['one-sided-weakness L settled']],
  ['parkinsons', ['tremor none settled']],
  ['on warfarin', ['fragile-skin none settled']],
  ['high blood pressure', ['blood-pressure none settled']],
  ['macular degeneration', ['poor-sight none settled']],
  ['hearing aids', ['poor-hearing none settled']],
  ['pacemaker', ['pacemaker none settled']],
  ['healthy', []],
  ['82', []],
  ['left-handed', []],
  ['broken right wrist 2030', ['wrist-fracture R not cleared asks cleared']],
  ['broken right wrist a year ago', ['wrist-fracture R not cleared asks cleared']],
  ['broken right wrist 20 years ago', ['old-fracture R settled']],
  ['broken right wrist, cleared', ['wrist-fracture R settled asks cleared']],
  ['broken right wrist that hasn’t healed', ['wrist-fracture R not cleared']],
  ['RA both hands, not settled', ['inflammatory both not cleared']],
  [
    'arthritis right hand after she broke it in May',
    ['hand-oa R settled', 'wrist-fracture R not cleared asks cleared'],
  ],
  [
    'arthritis right hand, pins in the wrist',
    ['hand-oa R settled', 'not understood both not cleared asks what'],
  ],
  ['arthritis right since she fell', ['hand-oa R settled', 'not understood R not cleared asks what']],
  ['wrist pain left', ['hand-unseen L sore']],
  ['sore thumbs', ['hand-unseen both sore']],
  ['stiff fingers', ['hand-unseen both settled asks side']],
  ['swollen knuckles', ['not understood both not cleared asks what']],
  ['RA left, thumb sore right', ['inflammatory both sore']],
  ['osteoporosis, right wrist sore', ['osteoporosis none settled', 'hand-unseen R sore']],
  ['finger joint replaced left', ['joint-repair L settled']],
  ['tendon repaired right thumb', ['joint-repair R settled']],
  ['wrist fused left', ['joint-repair L settled']],
  ['psoriasis', ['fragile-skin none settled']],
  ['psoriatic arthritis both', ['inflammatory both settled']],
  ['low blood pressure', ['balance none settled']],
  ['walks with a stick', ['balance none settled']],
  ['crushed vertebra', ['spine-fracture none settled']],
  ['allergic to rubber', ['latex none settled']],
  ['heart surgery 2020', ['blood-pressure none settled']],
  ['cataract surgery last month', ['poor-sight none settled']],
  ['fractured shoulder right', ['wrist-fracture R not cleared asks cleared', 'shoulder none settled']],
  ['back operation', ['not understood both not cleared asks what']],
  ['fell and broke her hip', ['not understood both not cleared asks what']],
  ['broke hip and wrist left', ['wrist-fracture L not cleared asks cleared']],
  ['something with the elbow', ['not understood both not cleared asks what']],
])('“%s” becomes %j', (text, guesses) => {
  expect(guessed(text)).toEqual(guesses);
});

test('names, initials, ages, hands and lists as people write them', () => {
  const lines = read(
    [
      'Name, Remarks',
      '1. Dorothy K, 81, thumb arthritis left',
      '- Ken Smith\tleft handed',
      'Winnie',
      '',
      'Jean, B., 79 years',
    ].join('\n'),
  );
  expect(
    lines.map(({ firstName, initial, dominantHand, notes }) => [firstName, initial, dominantHand, ...notes]),
  ).toEqual([
    ['Dorothy', 'K', 'R', '81 years old'],
    ['Ken', 'S', 'L'],
    ['Winnie', '', 'R'],
    ['Jean', 'B', 'R', '79 years old'],
  ]);
  expect(lines.map(({ line }) => line)).toEqual([2, 3, 4, 6]);
});

test.each([
  ['Dorothy K thumb arthritis left', 'Dorothy K', ['thumb-base L settled']],
  ['Dorothy K - thumb arthritis left', 'Dorothy K', ['thumb-base L settled']],
  ['Dorothy K (stroke, right)', 'Dorothy K', ['one-sided-weakness R settled']],
  ['Dorothy: broken wrist left', 'Dorothy', ['wrist-fracture L not cleared asks cleared']],
  ['Dorothy arthritis', 'Dorothy', ['hand-oa both settled asks side']],
  ['Mary Ann Lee', 'Mary Ann L', []],
])('in “%s” nothing is lost in the name', (text, name, guesses) => {
  const [line] = read(text);
  expect([line!.firstName, line!.initial].filter(Boolean).join(' ')).toBe(name);
  expect(line!.guesses.map(told)).toEqual(guesses);
});

test('of one condition said twice the worse state stays, and a list adds to what is on record', () => {
  const [line] = read('Rosa V, RA left, RA left flare, 81');
  const fields = personOfLine(line!, line!.guesses, true);
  expect(fields.conditions).toMatchObject([{ conditionId: 'inflammatory', side: 'L', state: 'flare' }]);
  const before = { ...fields, screened: false, notes: 'likes the window', dominantHand: 'L' as const };
  const merged = mergedFields(before, fields);
  expect([merged.notes, merged.screened, merged.dominantHand]).toEqual([
    'likes the window; 81 years old',
    true,
    'L',
  ]);
  expect(mergedFields(merged, fields).notes).toBe(merged.notes);
});

test.each([
  'hip replacement',
  'broken ankle 2 months ago',
  'knee operation left in May',
  'flu injection',
  'wears glasses',
  'born 1940',
])('“%s” is a note and rests no hand', (remark) => {
  const [line] = read(`Ida X, ${remark}`);
  expect([line!.guesses, line!.notes]).toEqual([[], [remark]]);
});

test('what somebody wants to do again is their task, not a remark about their health', () => {
  const [line] = read('Ida X, OA left, wants to do up buttons, 81');
  expect([line!.wantedTask, line!.guesses.map(told)]).toEqual(['do up buttons', ['hand-oa L settled']]);
  expect(personOfLine(line!, line!.guesses, true).wantedTask).toBe('do up buttons');
  const [both] = read('Ida X, wants to write, wants to open jars');
  expect([both!.wantedTask, both!.notes]).toEqual(['write', ['wants to open jars']]);
});

test('of a remark in halves the one that is elsewhere is kept as well', () => {
  const [line] = read('Ida X, hip replacement and sore left thumb');
  expect([line!.guesses.map(told), line!.notes]).toEqual([
    ['hand-unseen L sore'],
    ['hip replacement and sore left thumb'],
  ]);
});

test('a remark that changes nothing in a class is kept as a note, as it is said to be', () => {
  const [line] = read('Ida X, osteoporosis');
  const dropped = line!.guesses.map((guess) => ({ ...guess, dropped: true as const }));
  expect(personOfLine(line!, dropped, true)).toMatchObject({ conditions: [], notes: 'osteoporosis' });
});

test('a line without a name says so', () => {
  expect(read('81, arthritis')[0]!.problem).toBe('This line does not begin with a name');
});

test('what is not understood, and an uncleared fracture, rest the hand until somebody answers', () => {
  const context = { table: CAUTIONS, catalogue: CATALOGUE, today: '2031-01-01' };
  for (const remark of ['broken right wrist', 'funny right hand since may']) {
    const [line] = read(`Sylvia P, ${remark}`);
    const fields = personOfLine(line!, line!.guesses, true);
    const squeeze = CATALOGUE.movement('ball-squeeze')!;
    const who = { ...fields, id: 'p', archived: false };
    const verdict = verdictFor(who, squeeze, squeeze.dose, context);
    expect(verdict.R.kind).toBe('leaveOut');
  }
});

test('nothing that was said is lost: what is more than a condition is kept as a note', () => {
  const [line] = read('Audrey M, arthritis right since the winter of the flood, likes knitting');
  expect(line!.notes).toEqual(['arthritis right since the winter of the flood', 'likes knitting']);
});
