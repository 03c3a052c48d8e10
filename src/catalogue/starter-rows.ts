import type { StarterSection } from '@/core/draft';

/** Made by `npm run starters`. */
export const STARTER_ROWS = {
  first: [
    [
      'arrive',
      'Arrive',
      [['talk', 'Welcome', 60, ''], ['look-at-hands', { seconds: 16 }], ['arms-with-breath']],
    ],
    ['wake', 'Wake up', [['warm-palms', { seconds: 20, wayIn: 60 }]]],
    [
      'move',
      'Move',
      [
        ['palms-tilt', { sets: 3, wayIn: 60 }],
        ['wrist-bend', { sets: 3, wayIn: 60 }],
        ['open-close', { sets: 3, wayIn: 60 }],
        ['thumb-to-tips', { sets: 3, wayIn: 60 }],
      ],
    ],
    [
      'grip',
      'Grip',
      [
        ['water', 60],
        ['alternate-fists', { sets: 3, wayIn: 60 }],
        ['turn-key', { sets: 2, wayIn: 60 }],
      ],
    ],
    [
      'move',
      'Once more',
      [
        ['arms-with-breath'],
        ['warm-palms', { seconds: 20 }],
        ['palms-tilt', { sets: 3 }],
        ['wrist-bend', { sets: 3 }],
        ['open-close', { sets: 3 }],
        ['water', 60],
        ['thumb-to-tips', { sets: 3 }],
        ['arms-with-breath'],
        ['warm-palms', { seconds: 20 }],
        ['palms-tilt', { sets: 3 }],
        ['wrist-bend', { sets: 3 }],
        ['open-close', { sets: 3 }],
        ['thumb-to-tips', { sets: 3 }],
      ],
    ],
    [
      'ease',
      'Ease',
      [
        ['question', 'How the hands are so far', 90, 'What has been easy, and what should go more gently?'],
        ['water', 45],
      ],
    ],
    [
      'settle',
      'Settle',
      [
        ['stroke-arms', { wayIn: 60 }],
        ['quiet-breath'],
        ['look-again'],
        ['talk', 'Closing line and goodbye', 45, ''],
      ],
    ],
  ],
  thirty: [
    [
      'arrive',
      'Arrive',
      [
        ['talk', 'Welcome', 60, ''],
        ['look-at-hands', { seconds: 16 }],
      ],
    ],
    ['wake', 'Wake up', [['warm-palms', { seconds: 20 }]]],
    [
      'move',
      'Move',
      [
        ['palm-circles-knee', { sets: 2 }],
        ['palms-tilt', { sets: 3 }],
        ['open-close', { sets: 3 }],
        ['fingers-lifted-held', { sets: 3 }],
        ['wrist-stretch-palm', { count: 4 }],
        ['water', 60],
        ['interlaced-chin', { count: 5 }],
      ],
    ],
    ['grip', 'Grip', [['turn-key', { sets: 2 }]]],
    [
      'move',
      'Once more',
      [
        ['warm-palms', { seconds: 20 }],
        ['palm-circles-knee', { sets: 2 }],
      ],
    ],
    ['ease', 'Ease', [['water', 45]]],
    [
      'settle',
      'Settle',
      [['stroke-arms'], ['quiet-breath'], ['look-again'], ['talk', 'Closing line and goodbye', 45, '']],
    ],
  ],
  'forty-five': [
    [
      'arrive',
      'Arrive',
      [
        ['talk', 'Welcome', 60, ''],
        ['look-at-hands', { seconds: 16 }],
      ],
    ],
    ['wake', 'Wake up', [['warm-palms', { seconds: 20 }]]],
    [
      'move',
      'Move',
      [
        ['palm-circles-knee', { sets: 2 }],
        ['palms-tilt', { sets: 3 }],
        ['open-close', { sets: 3 }],
        ['finger-taps', { sets: 2 }],
        ['wrist-stretch-palm', { count: 4 }],
        ['water', 60],
        ['interlaced-chin', { count: 5 }],
      ],
    ],
    ['hold', 'Hold', [['wrist-side-hold', { sets: 2 }]]],
    [
      'grip',
      'Grip',
      [
        ['alternate-fists', { count: 20 }],
        ['turn-key', { sets: 2 }],
      ],
    ],
    ['open', 'Open', [['strap-spread', { sets: 2 }]]],
    ['load', 'Load', [['water', 60], ['table-lean', { count: 5 }], ['backs-together'], ['wrist-shake']]],
    [
      'move',
      'Once more',
      [
        ['warm-palms', { seconds: 20 }],
        ['palm-circles-knee', { sets: 2 }],
        ['palms-tilt', { sets: 3 }],
        ['open-close', { sets: 3 }],
      ],
    ],
    ['ease', 'Ease', [['water', 45]]],
    [
      'settle',
      'Settle',
      [['stroke-arms'], ['quiet-breath'], ['look-again'], ['talk', 'Closing line and goodbye', 45, '']],
    ],
  ],
  sixty: [
    [
      'arrive',
      'Arrive',
      [
        ['talk', 'Welcome', 60, ''],
        ['look-at-hands', { seconds: 16 }],
      ],
    ],
    [
      'wake',
      'Wake up',
      [
        ['warm-palms', { seconds: 20 }],
        ['tap-interlaced', { count: 40 }],
      ],
    ],
    [
      'move',
      'Move',
      [
        ['palms-turn', { sets: 3 }],
        ['palm-circles-knee', { sets: 2 }],
        ['wrist-bend', { sets: 3 }],
        ['five-shapes', { sets: 3 }],
        ['open-close', { sets: 3 }],
        ['thumb-to-tips', { sets: 3 }],
        ['water', 60],
        ['finger-taps', { sets: 2 }],
        ['wrist-stretch-palm', { count: 4 }],
        ['interlaced-chin', { count: 5 }],
        ['web-clip'],
        ['web-over-ball'],
      ],
    ],
    [
      'hold',
      'Hold',
      [
        ['water', 60],
        ['wrist-side-hold', { sets: 2 }],
      ],
    ],
    [
      'grip',
      'Grip',
      [
        ['alternate-fists', { count: 20 }],
        ['ball-squeeze', { sets: 2 }],
      ],
    ],
    ['open', 'Open', [['strap-spread', { sets: 2 }]]],
    ['load', 'Load', [['table-lean', { count: 5 }], ['backs-together'], ['wrist-shake']]],
    [
      'move',
      'Once more',
      [
        ['warm-palms', { seconds: 20 }],
        ['water', 60],
        ['tap-interlaced', { count: 40 }],
        ['palms-turn', { sets: 3 }],
        ['palm-circles-knee', { sets: 2 }],
        ['wrist-bend', { sets: 3 }],
        ['five-shapes', { sets: 3 }],
        ['open-close', { sets: 3 }],
      ],
    ],
    [
      'ease',
      'Ease',
      [
        ['question', 'How the hands are so far', 30, 'What has been easy, and what should go more gently?'],
        ['water', 45],
      ],
    ],
    [
      'settle',
      'Settle',
      [['stroke-arms'], ['quiet-breath'], ['look-again'], ['talk', 'Closing line and goodbye', 45, '']],
    ],
  ],
  'no-props': [
    [
      'arrive',
      'Arrive',
      [
        ['talk', 'Welcome', 60, ''],
        ['look-at-hands', { seconds: 16 }],
      ],
    ],
    ['wake', 'Wake up', [['warm-palms', { seconds: 20 }]]],
    [
      'move',
      'Move',
      [
        ['palms-turn', { sets: 3 }],
        ['palm-circles-knee', { sets: 2 }],
        ['wrist-bend', { sets: 3 }],
        ['thumb-to-tips', { sets: 3 }],
        ['open-close', { sets: 3 }],
        ['self-drawn-stretch', { sets: 3 }],
        ['finger-taps', { sets: 2 }],
        ['water', 60],
        ['wrist-stretch-palm', { count: 4 }],
        ['interlaced-chin', { count: 5 }],
      ],
    ],
    ['hold', 'Hold', [['wrist-side-hold', { sets: 2 }]]],
    ['grip', 'Grip', [['alternate-fists', { count: 20 }]]],
    [
      'open',
      'Open',
      [
        ['single-finger-lifts', { sets: 2 }],
        ['spread-against-hand', { sets: 2 }],
      ],
    ],
    [
      'move',
      'Once more',
      [
        ['warm-palms', { seconds: 20 }],
        ['water', 60],
        ['palms-turn', { sets: 3 }],
        ['palm-circles-knee', { sets: 2 }],
        ['wrist-bend', { sets: 3 }],
        ['thumb-to-tips', { sets: 3 }],
        ['open-close', { sets: 3 }],
        ['self-drawn-stretch', { sets: 3 }],
      ],
    ],
    ['ease', 'Ease', [['water', 45]]],
    [
      'settle',
      'Settle',
      [['stroke-arms'], ['quiet-breath'], ['look-again'], ['talk', 'Closing line and goodbye', 45, '']],
    ],
  ],
  stiffness: [
    [
      'arrive',
      'Arrive',
      [
        ['talk', 'Welcome', 60, ''],
        ['look-at-hands', { seconds: 16 }],
      ],
    ],
    ['wake', 'Wake up', [['warm-palms', { seconds: 20 }]]],
    [
      'move',
      'Move',
      [
        ['ankle-circles', { sets: 2 }],
        ['palms-turn', { sets: 3 }],
        ['palms-tilt', { sets: 3 }],
        ['palm-circles-knee', { sets: 2 }],
        ['five-shapes', { sets: 3 }],
        ['open-close', { sets: 3 }],
        ['water', 60],
        ['thumb-to-tips', { sets: 3 }],
        ['split-hands', { sets: 3 }],
        ['finger-taps', { sets: 2 }],
        ['taps-opposed', { sets: 3 }],
        ['web-clip'],
      ],
    ],
    ['hold', 'Hold', [['wrist-side-hold', { sets: 2 }]]],
    [
      'grip',
      'Grip',
      [
        ['water', 60],
        ['ball-squeeze', { sets: 2 }],
      ],
    ],
    [
      'move',
      'Once more',
      [
        ['warm-palms', { seconds: 20 }],
        ['palms-turn', { sets: 3 }],
        ['palms-tilt', { sets: 3 }],
      ],
    ],
    [
      'ease',
      'Ease',
      [
        ['question', 'How the hands are so far', 30, 'What has been easy, and what should go more gently?'],
        ['water', 45],
      ],
    ],
    [
      'settle',
      'Settle',
      [['stroke-arms'], ['quiet-breath'], ['look-again'], ['talk', 'Closing line and goodbye', 45, '']],
    ],
  ],
  grip: [
    [
      'arrive',
      'Arrive',
      [
        ['talk', 'Welcome', 60, ''],
        ['look-at-hands', { seconds: 16 }],
      ],
    ],
    ['wake', 'Wake up', [['warm-palms', { seconds: 20 }]]],
    [
      'move',
      'Move',
      [
        ['palms-tilt', { sets: 3 }],
        ['wrist-bend', { sets: 3 }],
        ['thumb-to-tips', { sets: 3 }],
        ['open-close', { sets: 3 }],
        ['finger-taps', { sets: 2 }],
        ['wrist-stretch-palm', { count: 4 }],
        ['water', 60],
        ['interlaced-chin', { count: 5 }],
      ],
    ],
    ['hold', 'Hold', [['wrist-side-hold', { sets: 2 }]]],
    [
      'grip',
      'Grip',
      [
        ['alternate-fists', { count: 20 }],
        ['turn-key', { sets: 2 }],
        ['hand', 30],
        ['water', 60],
        ['ring-squeeze', { sets: 2 }],
      ],
    ],
    [
      'open',
      'Open',
      [
        ['single-finger-lifts', { sets: 2 }],
        ['strap-spread', { sets: 2 }],
      ],
    ],
    [
      'move',
      'Once more',
      [
        ['warm-palms', { seconds: 20 }],
        ['palms-tilt', { sets: 3 }],
      ],
    ],
    [
      'ease',
      'Ease',
      [
        ['question', 'How the hands are so far', 30, 'What has been easy, and what should go more gently?'],
        ['water', 45],
      ],
    ],
    [
      'settle',
      'Settle',
      [['stroke-arms'], ['quiet-breath'], ['look-again'], ['talk', 'Closing line and goodbye', 45, '']],
    ],
  ],
  bone: [
    [
      'arrive',
      'Arrive',
      [
        ['talk', 'Welcome', 60, ''],
        ['look-at-hands', { seconds: 16 }],
      ],
    ],
    ['wake', 'Wake up', [['warm-palms', { seconds: 20 }]]],
    [
      'move',
      'Move',
      [
        ['palms-tilt', { sets: 3 }],
        ['wrist-bend', { sets: 3 }],
        ['open-close', { sets: 3 }],
        ['thumb-to-tips', { sets: 3 }],
        ['wrist-stretch-palm', { count: 4 }],
        ['interlaced-chin', { count: 5 }],
      ],
    ],
    [
      'hold',
      'Hold',
      [
        ['water', 60],
        ['wrist-side-hold', { sets: 2 }],
      ],
    ],
    [
      'grip',
      'Grip',
      [
        ['alternate-fists', { count: 20 }],
        ['turn-key', { sets: 2 }],
      ],
    ],
    [
      'load',
      'Load',
      [
        ['hand', 30],
        ['dome-press', { count: 4 }],
        ['backs-together'],
        ['wrist-shake'],
        ['dome-each-finger'],
        ['water', 60],
        ['backs-together'],
        ['wrist-shake'],
      ],
    ],
    [
      'move',
      'Once more',
      [
        ['warm-palms', { seconds: 20 }],
        ['palms-tilt', { sets: 3 }],
        ['wrist-bend', { sets: 3 }],
        ['open-close', { sets: 3 }],
        ['thumb-to-tips', { sets: 3 }],
        ['warm-palms', { seconds: 20 }],
        ['palms-tilt', { sets: 3 }],
      ],
    ],
    ['ease', 'Ease', [['water', 45]]],
    [
      'settle',
      'Settle',
      [['stroke-arms'], ['quiet-breath'], ['look-again'], ['talk', 'Closing line and goodbye', 45, '']],
    ],
  ],
  calm: [
    [
      'arrive',
      'Arrive',
      [
        ['talk', 'Welcome', 60, ''],
        ['look-at-hands', { seconds: 16 }],
      ],
    ],
    ['wake', 'Wake up', [['warm-palms', { seconds: 20 }]]],
    [
      'move',
      'Move',
      [
        ['palm-circles-knee', { sets: 2 }],
        ['palms-tilt', { sets: 3 }],
        ['self-drawn-stretch', { sets: 3 }],
        ['open-close', { sets: 3 }],
        ['wrist-stretch-palm', { count: 4 }],
        ['water', 60],
        ['interlaced-chin', { count: 5 }],
        ['web-clip'],
        ['web-over-ball'],
      ],
    ],
    ['hold', 'Hold', [['wrist-side-hold', { sets: 2 }]]],
    [
      'grip',
      'Grip',
      [
        ['water', 60],
        ['turn-key', { sets: 2 }],
      ],
    ],
    ['move', 'Once more', [['warm-palms', { seconds: 20 }]]],
    [
      'ease',
      'Ease',
      [
        ['question', 'How the hands are so far', 45, 'What has been easy, and what should go more gently?'],
        ['circle-elbow', { seconds: 20 }],
        ['arm-route', { count: 2 }],
        ['circle-thumb-base', { seconds: 20 }],
        ['water', 45],
      ],
    ],
    [
      'settle',
      'Settle',
      [['stroke-arms'], ['quiet-breath'], ['look-again'], ['talk', 'Closing line and goodbye', 45, '']],
    ],
  ],
} satisfies Record<string, readonly StarterSection[]>;
