import type { LoadSetUp } from '../catalogue/movement';

/**
 * Share of body weight on each wrist that a set-up is planned with, both hands alike. The steeper ones follow
 * published shares through both hands (0.41 at 61 cm, 0.64 to 0.69 on the floor, 0.49 to 0.54 on the knees:
 * Ebben 2011, Suprak 2011); the seated and standing ones are planning figures in ladder order. They compare
 * one class with another and say nothing of a person.
 */
export const PLANNED_SHARE: Readonly<Record<LoadSetUp, number>> = {
  thighs: 0.04,
  'table, seated': 0.06,
  'chair arms': 0.1,
  wall: 0.08,
  worktop: 0.16,
  'chair seat': 0.21,
  'all fours': 0.2,
  'all fours, feet back': 0.26,
  'straight body': 0.33,
};

/** Bone-loading index of one bout: intensity x ln(N + 1), N load cycles (Turner & Robling 2003). */
export const boutIndex = (intensity: number, cycles: number): number => intensity * Math.log(cycles + 1);
