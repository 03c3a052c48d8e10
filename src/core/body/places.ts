/** What a person sits on, stands at or kneels on. */
export const STANCES = [
  'on a chair',
  'on a chair with arms',
  'on a chair at a table',
  'standing',
  'standing at a wall',
  'standing at a worktop',
  'standing at a chair seat',
  'on hands and knees',
  'on hands and feet',
] as const;
export type StanceKind = (typeof STANCES)[number];

/** Where the hands are; free where the arms are carried by their own joints. */
export const HAND_PLACES = [
  'free',
  'on the thighs',
  'in the lap',
  'before the chest',
  'palms together',
  'palms up in front',
  'laced in front',
  'laced under the chin',
  'on the ribs',
  'round the body',
  'wrists crossed on the chest',
  'on the support',
  'one on the support',
  'forearms on the support',
  'on the seat',
  'on the other knee',
  'on the other arm',
  'held by the other',
  'on a lid',
  'arms laid on the thighs',
] as const;
export type HandPlace = (typeof HAND_PLACES)[number];

export const isSeated = (stance: StanceKind): boolean => stance.startsWith('on a chair');
export const isStanding = (stance: StanceKind): boolean => stance.startsWith('standing');
/** Is there something before or beside them that bears their hands? */
const hasSupport = (stance: StanceKind): boolean => stance !== 'on a chair' && stance !== 'standing';
/** Where hands can be in a stance. */
export const handPlacesIn = (stance: StanceKind): readonly HandPlace[] =>
  HAND_PLACES.filter((place) =>
    place.endsWith('on the support') ? hasSupport(stance) : isSeated(stance) || !NEEDS_A_LAP.has(place),
  );

const NEEDS_A_LAP: ReadonlySet<HandPlace> = new Set([
  'on the thighs',
  'in the lap',
  'on the seat',
  'on the other knee',
  'arms laid on the thighs',
]);
