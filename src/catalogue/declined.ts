import type { Declined } from '@/core/catalogue';

/** Things an instructor may look for that Oskil leaves out, and why. */
export const DECLINED: readonly Declined[] = [
  {
    id: 'leveraged-lock',
    name: 'Joint locks',
    why: 'A lever on a small joint puts more force on it than anyone can feel in time. Use the light stretches by the other hand, or the self-drawn finger stretch.',
  },
  {
    id: 'behind-back-lever',
    name: 'Wrist levered behind the back',
    why: 'It loads a shoulder and a wrist that nobody can see. Use the forearm turn-out in front of the body.',
  },
  {
    id: 'standing-on-hands',
    name: 'Standing on the hands',
    why: 'Body weight on folded wrists or fingers cannot be measured out. Climb the loading ladder from the thighs instead.',
  },
  {
    id: 'head-down-fold',
    name: 'Forward folds with the head down',
    why: 'A loaded forward bend is unsafe for thin bones, and a low head for eye pressure, blood pressure and balance. Lean from the hips with a long back instead.',
  },
  {
    id: 'sudden-thumb-pull',
    name: 'Sudden pulls on the thumb',
    why: 'Short sharp stretches irritate the joint at the base of the thumb. Use the long, low web stretch.',
  },
];
