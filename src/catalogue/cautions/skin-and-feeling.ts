import { adapt, leaveOut } from './caution';

/** Skin, feeling, swelling, cold, rings, latex. */
export const skinAndFeeling = [
  leaveOut(
    'feeling-clip',
    'reduced-feeling',
    'no clips, no tapping, no warm things, no loops left on',
    [{ traits: ['clip on skin', 'impact', 'warm item'] }, { efforts: ['tap'] }],
    { instead: ['massage', 'active'] },
  ),
  adapt(
    'feeling-pressure',
    'reduced-feeling',
    'long pressure is not felt',
    'look at the skin after',
    [{ traits: ['pressure on the skin'] }],
    { ask: { countShare: 0.5 } },
  ),
  adapt('feeling-skin', 'reduced-feeling', 'check the skin by eye', 'look at the skin after', [
    { withProp: true },
  ]),
  adapt('feeling-loops', 'reduced-feeling', 'no loops left on', 'loops off between sets', [
    { traits: ['tight loops'] },
  ]),
  adapt('feeling-weight', 'reduced-feeling', 'pressure is felt less', 'look at the skin after', [
    { traits: ['weight on folded fingers', 'weight on the heel of the hand'] },
  ]),
  leaveOut(
    'skin-domes',
    'fragile-skin',
    'no textured domes, clips, blows or tapping',
    [{ traits: ['weight on folded fingers', 'clip on skin', 'impact'] }, { efforts: ['tap'] }],
    { instead: ['load', 'massage'] },
  ),
  adapt('skin-rub', 'fragile-skin', 'press, do not rub', 'press, do not rub', [{ traits: ['rubbing'] }]),
  adapt('skin-loops', 'fragile-skin', 'soft props only', 'over a cotton glove', [
    { traits: ['tight loops'] },
  ]),
  adapt('skin-hard', 'fragile-skin', 'soft props only', 'with a cloth round it', [
    { traits: ['small hard prop'] },
  ]),
  leaveOut(
    'lymph-loops',
    'swollen-arm',
    'no tight loops, no long pressure on the skin',
    [{ traits: ['tight loops', 'pressure on the skin', 'clip on skin'] }],
    { instead: ['active'] },
  ),
  adapt('swollen-light', 'swollen-arm', 'light only, by the clinician’s plan', 'light, hand raised between', [
    { efforts: ['grip', 'pinch', 'load', 'isometric', 'opening'] },
  ]),
  adapt(
    'swollen-stroke',
    'swollen-arm',
    'stroke towards the body',
    'from the fingers up towards the shoulder',
    [{ traits: ['strokes away from the body'] }],
  ),
  adapt('cold-prop', 'cold-fingers', 'no cold props', 'warm the prop and the hands first, keep moving', [
    { traits: ['cold prop'] },
  ]),
  adapt('cold-pressure', 'cold-fingers', 'no long pressure on the skin', 'off as soon as it pales', [
    { traits: ['pressure on the skin', 'clip on skin', 'tight loops'] },
  ]),
  adapt('ring', 'fixed-ring', 'no interlacing on this hand', 'flat palms', [{ traits: ['interlaced'] }]),
  leaveOut('ring-tap', 'fixed-ring', 'no tapping on this hand', [{ efforts: ['tap'] }], {
    instead: ['massage', 'active'],
  }),
  adapt('latex-swap', 'latex', 'must not touch latex', 'fabric or silicone instead', [{ latex: true }]),
];
