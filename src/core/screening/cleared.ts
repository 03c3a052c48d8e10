import { RESISTED } from '../catalogue';
import type { Hand } from '../dose';
import { clearanceFor, type ClearanceScope, type Clearance, type Person } from '../people';
import type { Exposure } from './exposure';
import type { Hit } from './hit';

/** The rung of the clearances that an exposure asks for. */
function scopeNeeded({ kind, joints, features, position }: Exposure): ClearanceScope {
  if (features.has('impact')) return 'impact';
  if (position === 'floor') return 'floor';
  if (kind === 'load') return position === 'standing' ? 'standing loading' : 'seated loading';
  if (kind === 'tap') return 'seated loading';
  if (RESISTED.has(kind)) return 'resisted';
  if (kind === 'stretch' || features.has('passive')) return 'stretch';
  return joints.every((j) => j === 'fingers' || j === 'thumb') ? 'fingers' : 'hand';
}

/** The clearance that opens what is met for a hand; `ofWhole` where what keeps it shut belongs to the whole person. */
export const clearanceOf = (
  person: Person,
  hand: Hand,
  ofWhole: boolean,
  exposure: Exposure,
  today: string,
): Clearance | null => clearanceFor(person, scopeNeeded(exposure), hand, ofWhole, today);

/** A clinician's own words stand wherever they changed a verdict. */
export const wordsOf = ({ by, what }: Clearance): Hit[] =>
  what ? [{ verdict: 'adapt', because: `cleared by ${by}`, how: `${by}: “${what}”` }] : [];
