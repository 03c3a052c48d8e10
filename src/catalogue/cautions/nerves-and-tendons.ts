import { HAND_JOINTS } from '@/core/catalogue';
import { adapt, GLIDING, leaveOut } from './caution';

/** The median nerve, tendons, the cord in the palm, a weak side, tremor. */
export const nervesAndTendons = [
  leaveOut(
    'median-fold',
    'median-nerve',
    'no long folding of the wrist, no leaning on the heel of the hand, no pressing or tapping on the nerve',
    [
      { traits: ['weight on the heel of the hand', 'taps on the wrist'] },
      { traits: ['wrist folded at its end'], endRangeSecondsOver: 5 },
    ],
    { instead: GLIDING, insteadTrait: 'tendon glide' },
  ),
  leaveOut(
    'median-long-grip',
    'median-nerve',
    'no long firm gripping',
    [
      { efforts: ['grip', 'pinch'], effortOver: 2, effortSecondsOver: 5 },
      { traits: ['firm squeeze'], effortOver: 3 },
    ],
    { instead: GLIDING, insteadTrait: 'tendon glide' },
  ),
  adapt(
    'median-grip',
    'median-nerve',
    'no long firm gripping',
    'wrist near straight, stop on tingling',
    [{ efforts: ['grip'], effortOver: 2 }, { efforts: ['pinch'] }],
    { ask: { countShare: 0.5, effortMost: 3 } },
  ),
  adapt(
    'median-fold-short',
    'median-nerve',
    'short and light, wrist near straight',
    'stop on tingling',
    [{ traits: ['backs of the hands stretched', 'wrist folded at its end'] }],
    { ask: { holdMostMs: 5_000 } },
  ),
  leaveOut(
    'trigger-grip',
    'trigger-finger',
    'no repeated forceful grip',
    [{ efforts: ['grip', 'pinch'], effortOver: 2 }],
    { instead: ['opening', 'active'] },
  ),
  leaveOut(
    'tendon-fist',
    'thumb-tendon',
    'no thumb in the fist with a sideways bend',
    [{ traits: ['thumb in the fist, bent sideways'] }],
    { instead: GLIDING },
  ),
  adapt('tendon-thumb', 'thumb-tendon', 'keep the thumb relaxed', 'thumb relaxed', [
    { traits: ['thumb in the grip', 'thumb forced out'], efforts: ['grip', 'opening', 'stretch'] },
  ]),
  adapt('tendon-twist', 'thumb-tendon', 'no hard twist', 'a small twist, held loosely', [
    { traits: ['twisting against force'], efforts: ['grip', 'opening', 'stretch'] },
  ]),
  adapt('tendon-pinch', 'thumb-tendon', 'no tight pinch', 'a light pinch, wrist straight', [
    { efforts: ['pinch'] },
  ]),
  adapt('tendon-drift', 'thumb-tendon', 'no sideways bend to its end', 'a small swing only', [
    { traits: ['little-finger drift'], efforts: ['active', 'coordination'] },
  ]),
  adapt('tendon-push', 'thumb-tendon', 'no sideways push', 'push lightly, wrist straight', [
    { traits: ['little-finger drift'], efforts: ['isometric', 'load'] },
  ]),
  adapt('tendon-taps', 'thumb-tendon', 'no blows on the sore side', 'soft pats', [
    { traits: ['taps on the thumb side'] },
  ]),
  leaveOut(
    'cord-straighten',
    'palm-cord',
    'no forced straightening of the fingers',
    [{ traits: ['fingers drawn straight'] }],
    { instead: ['massage', 'active'] },
  ),
  adapt('cord-open', 'palm-cord', 'open only as far as the cord allows', 'open as far as it goes', [
    { traits: ['opens the hand'] },
    { efforts: ['stretch'], joints: ['fingers'] },
  ]),
  leaveOut(
    'weak-unsupported',
    'one-sided-weakness',
    'no unsupported load on the weak side',
    [
      { efforts: ['load'], position: 'standing' },
      { efforts: ['load'], position: 'floor' },
    ],
    { instead: ['load'] },
  ),
  adapt(
    'weak-side',
    'one-sided-weakness',
    'the weak side works with help',
    'the other hand assists',
    [{ efforts: ['load', 'grip', 'pinch', 'opening', 'isometric', 'active'], apart: true }],
    { ask: { support: 'table support' } },
  ),
  adapt(
    'weak-side-together',
    'one-sided-weakness',
    'the weak side works with help',
    'as far as the weak side goes',
    [{ efforts: ['load', 'grip', 'pinch', 'opening', 'isometric', 'active'], apart: false }],
    { ask: { support: 'table support' } },
  ),
  adapt(
    'tremor-support',
    'tremor',
    'slower, forearm supported',
    'slower',
    [{ efforts: ['grip', 'pinch', 'coordination', 'opening'], joints: HAND_JOINTS }],
    { ask: { support: 'forearm supported' } },
  ),
  adapt('tremor-prop', 'tremor', 'a larger thing is easier to hold', 'a larger but no heavier prop', [
    { efforts: ['grip', 'pinch', 'coordination'], joints: HAND_JOINTS, withProp: true },
  ]),
];
