/** A word of the screens and what it means, in one or two plain sentences. */
export type GlossaryEntry = { readonly id: string; readonly word: string; readonly means: string };

/** Words that an instructor meets here and may not know in this sense, in alphabetical order. */
export const GLOSSARY = [
  {
    id: 'clearance',
    word: 'Clearance',
    means:
      'What a clinician allowed in their own words: for which hand, up to which rung, from and until which day. Nothing above it is offered.',
  },
  {
    id: 'cord',
    word: 'Cord and beads',
    means:
      'A count drawn: each bead is one repetition, breath or step, and a bar is a hold as long as it is drawn. One line for each side that is counted by itself.',
  },
  {
    id: 'count-in',
    word: 'Count-in',
    means: 'Two beats with the side and the pass, before a count and again after a rest or another hand.',
  },
  {
    id: 'dose',
    word: 'Dose',
    means: 'How much of a movement: the count, the sides, the passes, the sets, how fast and how strongly.',
  },
  {
    id: 'effort',
    word: 'Effort of ten',
    means:
      'How hard it feels, from 0, nothing at all, to 10, as hard as can be. Two to four is where most of a class belongs.',
  },
  {
    id: 'in-hand',
    word: 'In hand',
    means: 'Minutes of the slot that the plan does not use. A few are wanted: somebody is always late.',
  },
  {
    id: 'layer',
    word: 'Layer',
    means:
      'What comes on top where a movement is built up in class, each layer with a short count of its own.',
  },
  {
    id: 'loading',
    word: 'Loading',
    means:
      'Weight put on the hands through the arms, by leaning or pressing. The loading index compares plans; it says nothing of anybody’s bones.',
  },
  {
    id: 'mend',
    word: 'Mend',
    means: 'One step that puts a finding right. It says first what it changes, and Undo takes it back.',
  },
  {
    id: 'severity',
    word: 'Must, should, could',
    means:
      'How much a finding weighs. A must is about safety: it can be muted only with your reason written down. A should is good practice, a could a thought.',
  },
  {
    id: 'mute',
    word: 'Mute',
    means:
      'Keep a rule quiet for this class alone. It stays listed under what is muted, and can speak again.',
  },
  {
    id: 'pass',
    word: 'Pass',
    means:
      'One way of doing the count, by its name: palm up, the other way round, the other thumb in front. A dose with two passes is counted through twice.',
  },
  {
    id: 'range',
    word: 'Fewest and most',
    means:
      'A count that people choose within: the least that is worth it, and the most that is asked. Nobody is asked for more than the most.',
  },
  {
    id: 'reserve',
    word: 'Reserve',
    means:
      'The modelled share of grip that a hand has left, from the effort and the time so far. It guides the order of a plan; it measures nobody.',
  },
  {
    id: 'rung',
    word: 'Rung',
    means:
      'A place on a movement’s ladder from easy to hard. Each person stands on one of their own, and it moves only when you accept a proposal.',
  },
  {
    id: 'state',
    word: 'Settled, sore, flare, not cleared',
    means:
      'How a condition is at present. Settled: as it always is. Sore: more than usual, and gentler today. Flare: hot, swollen or much worse, and kept to easy movement. Not cleared: the hand rests until a clinician says otherwise.',
  },
  {
    id: 'until-told',
    word: 'Until told',
    means: 'Held or moved until you say so, by feel. The usual length is there for planning.',
  },
  {
    id: 'verdict',
    word: 'Do, adapt, swap, leave out',
    means:
      'What a row is for one hand of one person: done as planned, done in a way of their own, something else in its place, or left out. The reason is always one press away.',
  },
  {
    id: 'way-in',
    word: 'Way in',
    means: 'What is said and shown before a row’s first count, and how long that takes at your own pace.',
  },
] as const satisfies readonly GlossaryEntry[];

export type GlossaryId = (typeof GLOSSARY)[number]['id'];
