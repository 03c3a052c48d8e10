/** A place of the tour: where it is, and what there is to see. `href` is told from the class it goes round. */
export type TourStep = {
  readonly title: string;
  readonly words: string;
  readonly href: (classId: string) => string;
};

/** From what comes next to what is left of it. */
export const TOUR: readonly TourStep[] = [
  {
    title: 'Today',
    words:
      'The next class stands first, with its steps in a row: what is done is ticked, and the dark one comes next. Below it is what to pack and what is still open.',
    href: () => '/',
  },
  {
    title: 'The plan',
    words:
      'A row is a movement with its count as beads on a cord. The columns are your people: a mark says who does it in their own way, who swaps and who is left out. Point at a mark, or press it, for the reason.',
    href: (id) => `/classes/${id}`,
  },
  {
    title: 'At the door',
    words:
      'Each person is asked how the hands are. What hurts today changes their rows at once, on the plan and on the teaching screen.',
    href: (id) => `/classes/${id}/door`,
  },
  {
    title: 'A rehearsal',
    words:
      'The teaching screen as in class, faster, and nothing of it is kept: it counts, says sides and passes, and shows what to say and who does what instead.',
    href: (id) => `/classes/${id}/rehearse`,
  },
  {
    title: 'The people',
    words:
      'Whatever was said, marked, measured and decided is on the page of each person, one line a class. Every name and number here is made up.',
    href: () => '/people',
  },
];
