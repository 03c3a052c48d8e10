import type { EffortKind, Trait } from '../catalogue';
import type { Ask } from './adaptation';

/** Something that keeps a hand from a movement, or asks for it to be done another way. */
export type Hit = {
  readonly verdict: 'adapt' | 'leaveOut';
  readonly because: string;
  readonly how?: string;
  readonly ask?: Ask;
  readonly instead?: readonly EffortKind[];
  readonly insteadTrait?: Trait;
  /** Kinds of work that will do as well, after the same purpose. */
  readonly also?: readonly EffortKind[];
};
