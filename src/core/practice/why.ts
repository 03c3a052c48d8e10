import type { Circumstance } from './rates';
import type { SlipKind } from './slips';

/** What it comes of, in a few words. */
export function whyOf(kind: SlipKind, c: Circumstance): string {
  const hurried = c.hurry > 0 ? 'the count was too quick for them' : null;
  const tired = c.tired > 0.3 ? 'the hand was tired' : null;
  const held = c.heldS > 4 ? `the effort had been held for ${Math.round(c.heldS)} seconds` : null;
  const lost = c.lost > 0.35 ? 'they take longer to follow' : null;
  switch (kind) {
    case 'shoulders':
    case 'breath':
    case 'wrist':
      return held ?? tired ?? hurried ?? (c.load > 0.3 ? 'it was hard work' : 'it was not said for a while');
    case 'other hand':
      return (
        hurried ??
        (c.againstHabit ? 'they begin with the other hand by habit' : (lost ?? 'the side had just changed'))
      );
    case 'other way':
      return hurried ?? lost ?? 'the way had just changed';
    case 'finger':
    case 'behind':
      return hurried ?? lost ?? 'it happens';
    case 'talking':
      return c.idleS > 5 ? `they had waited for ${Math.round(c.idleS)} seconds` : 'they like a chat';
    case 'wince':
    case 'stopped':
      return c.pain > 3 ? `it hurt, ${Math.round(c.pain)} of ten` : (tired ?? 'it was too much');
    case 'dropped':
      return tired ?? (c.weak > 0.3 ? 'there was little grip to spare' : (hurried ?? 'it happens'));
    case 'ring':
      return 'rings were not asked about';
    case 'light-headed':
      return c.holdsBreath
        ? 'the breath was held'
        : c.onFeet
          ? 'they were on their feet'
          : 'it was a hard day';
  }
}
