import type { Starter } from '@/core/draft';
import { STARTER_ROWS } from './starter-rows';

type Wish = Omit<Starter, 'sections'>;

const wish = (
  id: keyof typeof STARTER_ROWS,
  name: string,
  what: string,
  rest: Partial<Wish> = {},
): Wish & { id: keyof typeof STARTER_ROWS } => ({
  minutes: 45,
  focus: [],
  withoutProps: false,
  isFirst: false,
  ...rest,
  id,
  name,
  what,
});

/** What each ready class was drafted for; `npm run starters` drafts their rows anew. */
export const STARTER_WISHES = [
  wish('first', 'A first class', 'Eight movements shown in peace, most of them done again from memory.', {
    isFirst: true,
  }),
  wish('thirty', 'Half an hour', 'A little of everything, with a whole ending.', { minutes: 30 }),
  wish('forty-five', 'Three quarters of an hour', 'Gliding, holding, grip and easing in their usual shares.'),
  wish('sixty', 'A full hour', 'The same with more time for each.', { minutes: 60 }),
  wish('no-props', 'Nothing in the hands', 'No prop to hand out, collect or clean.', { withoutProps: true }),
  wish('stiffness', 'More for stiffness', 'More gentle movement, joint by joint.', {
    focus: ['stiffness'],
  }),
  wish('grip', 'More for grip', 'More gripping, and what opens the hand after it.', {
    focus: ['grip'],
  }),
  wish(
    'bone',
    'More for bone health',
    'Gentle seated loading through the hands, each time with a counter-stretch.',
    {
      focus: ['bone'],
    },
  ),
  wish('calm', 'A calm class', 'Twice as much easing: slow stretches, strokes and circles.', {
    focus: ['calm'],
  }),
] as const;

/** Ready classes that fit themselves to who comes. */
export const STARTERS: readonly Starter[] = STARTER_WISHES.map((of) => ({
  ...of,
  sections: STARTER_ROWS[of.id],
}));
