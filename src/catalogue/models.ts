import { RULES_OF_GROUP } from '@/core/practice';
import { FREE_CYCLE_MS } from '@/core/dose';
import { ASSUMED_GRIP_KG } from '@/core/load';
import {
  enduranceCheck,
  indexCheck,
  leanCheck,
  readinessCheck,
  realChangeCheck,
  recoveryCheck,
  type ModelTold,
} from '@/core/models';
import { GRIP_LEFT } from '@/core/plan';

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const OURS = 'ours, from teaching practice; no study is behind it';

/** Every model whose numbers stand on a screen. */
export const MODELS: readonly ModelTold[] = [
  {
    id: 'time',
    name: 'Time of a class',
    use: 'How long a row, a section and the class take: the plan, its clock, Teach, paper.',
    goesIn: [
      'the dose: repetitions times tempo, holds and pauses, breaths times breath length, or time, in seconds',
      'changes of side, pass and layer, rests, the way in, talk, props out and in, in seconds',
      'this instructor’s own pace, where enough rows were taught to tell it',
    ],
    comesOut: 'Minutes and seconds, an exact sum. A class really taught differs by what nobody planned.',
    sources: ['arithmetic', `the times of changing over, handing out and setting up are ${OURS}`],
    limits: [
      'Talk and setting up differ from group to group: the learned pace tells by how much, once there is one.',
    ],
    checks: [],
  },
  {
    id: 'fatigue',
    name: 'Grip reserve',
    use: 'How much of a hand’s grip is not tired, over the whole class: the traces of a plan and the rules R3 and O4.',
    goesIn: [
      'effort of each gripping row, of ten, or what its prop asks of this hand’s greatest squeeze, whichever is more',
      'when it is asked, from the dose: every way of counting, breaths and free time by their cycles',
      `the greatest squeeze of this hand, kg, or ${ASSUMED_GRIP_KG} kg assumed where nothing was measured`,
    ],
    comesOut:
      'Percent of the grip that is not tired, for each hand. Good to about a fifth in how long a squeeze can be held, within its range. How low the lowest hand goes has a range besides: nine of ten people of whom each feels all efforts as up to a point of ten more or less (sixty drawn by chance, always the same).',
    sources: [
      'Xia & Frey-Law 2008',
      'Looft, Herkert & Frey-Law 2018 (rest)',
      'Frey-Law & Avin 2010 (the law)',
    ],
    limits: [
      'Made from healthy adults; no arthritis and no pain is in it.',
      `Counted squeezes are half rest, so that the reserve levels off high: the lines are ${percent(GRIP_LEFT.should)} (should) and ${percent(GRIP_LEFT.must)} (must), which holds and long rows without a break can reach.`,
      'Beyond 60 % of the greatest squeeze it falls short of the law.',
    ],
    checks: [enduranceCheck, recoveryCheck],
  },
  {
    id: 'grip-demand',
    name: 'What a prop asks of a hand',
    use: 'Which grade of a prop suits whom: the kit panel, and the grip reserve.',
    goesIn: ['force of a grade at a closure, newtons', 'the greatest squeeze of the hand, kg times 9.81'],
    comesOut:
      'Percent of the greatest squeeze. Props of one grade differ by about a fifth, which is our estimate.',
    sources: [
      'the force lines are ours, of usual grades',
      'targets of 20 to 30 % early and 40 to 50 % later: teaching practice',
    ],
    limits: [
      `Where nothing was measured ${ASSUMED_GRIP_KG} kg is assumed, under the low-grip line of women (EWGSOP2 2019), on the gentler side, and marked so.`,
      'Putty has no line, since it gives way slowly: it goes by effort.',
    ],
    checks: [],
  },
  {
    id: 'weight',
    name: 'Weight through the hands',
    use: 'How much a lean, a press or all fours puts on the wrists: the loading bench, its ladder, rows of loading.',
    goesIn: [
      'stature, m, and mass, kg',
      'how high and how far the hands are, cm, or how far the trunk leans, degrees',
      'how the weight is shared between left and right, %',
    ],
    comesOut:
      'Two numbers, each with a band: what a scale under the hands reads, and the force along the forearm through the wrist, in % of body weight and kg. Beside them what nine of ten bodies would put through the wrists: stature to 2 cm, lengths to 2 %, masses of segments to 5 % (spreads are ours; three hundred bodies drawn by chance, always the same).',
    sources: ['segments: Winter 2009', 'checked against Ebben 2011 and Suprak 2011'],
    limits: [
      'Average bodies that stand still; no slip, no bounce.',
      'Set-ups whose bands overlap are about the same; one on the floor is never the next step of a standing one.',
      'A real press on a scale comes before it.',
    ],
    checks: [leanCheck],
  },
  {
    id: 'loading-index',
    name: 'Loading index',
    use: 'Compares how much loading two plans hold: the traces, the rule G2, terms.',
    goesIn: [
      'force through the busier wrist, in body weights',
      'load cycles of a class, times',
      'hours between bouts',
    ],
    comesOut:
      'A number without a unit: body weights times the logarithm of the cycles. As uncertain as the weight in it.',
    sources: ['Turner & Robling 2003', 'a drop counts twice, and a first loading is at most 0.5: ours'],
    limits: ['It compares plans. It says nothing of bone density.', 'It was made from animals’ bones.'],
    checks: [indexCheck],
  },
  {
    id: 'change',
    name: 'Real change',
    use: 'Better, no real change or worse: results, look back, summaries, counts of a group.',
    goesIn: ['the scores of the days, in the unit of the measure', 'how finely the instrument shows'],
    comesOut:
      'Changed where the difference is larger than the threshold. Grip: 5 kg, or from six days on the hand’s own, 19 times of 20. Everything else: two steps of the reading; no published value.',
    sources: [
      'Bohannon 2019 (grip, 5.0 to 6.5 kg)',
      'standard error of test and retest, t × √2 × the standard error',
    ],
    limits: [
      'It says nothing of why.',
      'A look back calls it worse on two signs, or on one of twice the threshold.',
    ],
    checks: [realChangeCheck],
  },
  {
    id: 'readiness',
    name: 'Ready today',
    use: 'A quick squeeze before class against this hand’s own of late: results.',
    goesIn: ['today’s squeeze, kg', 'up to eight earlier days, kg'],
    comesOut: 'A usual day, a lighter day (over two spreads under the median) or rest and glide (over four).',
    sources: [OURS],
    limits: ['It needs four earlier days.', 'It guides today’s class and diagnoses nothing.'],
    checks: [readinessCheck],
  },
  {
    id: 'measures',
    name: 'Measures',
    use: 'Grip, press, wrist range, thumb, task, stiffness: what each is and how it is read.',
    goesIn: ['what an instrument showed, with its name and step'],
    comesOut:
      'The reading in its own steps. Wavering is the spread of the force about its course while it is held, as % of the peak.',
    sources: [
      'grip: seated, elbow at a right angle, three tries (Roberts et al. 2011)',
      'low grip: 27 kg men, 16 kg women (EWGSOP2 2019)',
      'thumb opposition, 0 to 10 (Kapandji 1986)',
    ],
    limits: [
      'What the simulated meter or scale shows is marked so and, on data of one’s own, counts for nothing.',
    ],
    checks: [],
  },
  {
    id: 'effort',
    name: 'Effort, pain and the load of a class',
    use: 'Effort targets, moving on and stepping back, stop signs: the plan, the wrap-up, who moves on.',
    goesIn: ['effort, of ten', 'pain before and after, of ten', 'minutes of the class'],
    comesOut:
      'Effort aimed at: up to 4 in the first three weeks, then up to 6, one lower with a precaution. Load of a class: effort times minutes. As uncertain as what people say.',
    sources: [
      'Borg 1998 (CR10)',
      'Foster et al. 2001 (load)',
      'Thomeé 1997 (pain: 2 comfortable, 5 at most)',
    ],
    limits: ['The effort of a movement is our estimate; what a person says comes before it.'],
    checks: [],
  },
  {
    id: 'hand',
    name: 'The hand that is drawn',
    use: 'Figures, how far a movement goes, the hand map of a class.',
    goesIn: ['lengths of the bones, mm', 'angles of the joints, degrees'],
    comesOut:
      'Degrees as drawn, and degrees moved over a class. They are the drawing’s; a real hand may differ by a fifth, which is our estimate.',
    sources: ['Buryanov & Kotiuk 2010 (lengths)', 'usual active ranges of joints'],
    limits: ['An average adult hand; no swelling, no deformity.'],
    checks: [],
  },
  {
    id: 'draft',
    name: 'A drafted class',
    use: 'Which movements, how much of each and in which order: draft a class, ready classes.',
    goesIn: [
      'who comes, the bag, the slot, the focus, what was taught lately',
      'weights of what a minute is worth',
    ],
    comesOut:
      'A score, in minutes of purpose and what they are worth together; a swap costs what the score would lose. It compares drafts of one class and has no meaning beyond.',
    sources: [
      `the weights are ${OURS}`,
      'solved as a mixed-integer programme; how near to the best is proven is said',
    ],
    limits: [
      'What is proven holds for the model as it was asked last; what is mended afterwards is not looked at again.',
    ],
    checks: [],
  },
  {
    id: 'volumes',
    name: 'Volumes of a week',
    use: 'Repetitions, holds, grip and loading week by week: terms, the rule G2.',
    goesIn: ['each dose, hand by hand', 'effort of ten, minutes, body weights'],
    comesOut: `Sums. A hold of five seconds is one repetition, a longer one as many as it has five seconds; free time goes by cycles of ${FREE_CYCLE_MS / 1000} s. Those equivalents are good to about a third.`,
    sources: [OURS],
    limits: ['It compares weeks of one group.'],
    checks: [],
  },
  {
    id: 'term',
    name: 'A term played forward',
    use: 'What a term might ask and who might fall behind, before it begins.',
    goesIn: ['the plans of the term', 'made-up attendance, effort, soreness and flares'],
    comesOut: 'The middle of a hundred plays or more, with the half of them around it.',
    sources: ['the response is made up: plausible numbers, not measured'],
    limits: [
      'It compares plans; it predicts nobody.',
      'A name stands there only where the difference is over three standard errors.',
    ],
    checks: [],
  },
  {
    id: 'group',
    name: 'A made-up group',
    use: 'Practice classes: who slips when, what they answer to, who hurts and why.',
    goesIn: [
      'the plan and what is done on the teaching screen; verdicts and grip fatigue as for real people',
      'made-up lag, range, habit, strength, understanding, pace and pain, from a seed',
    ],
    comesOut: RULES_OF_GROUP,
    sources: ['the rates and the pain are made up: plausible numbers, not measured'],
    limits: [
      'Nobody in it exists, and it says nothing of anybody who does.',
      'The same seed and the same teaching give the same class; another seed is another day.',
    ],
    checks: [],
  },
];
