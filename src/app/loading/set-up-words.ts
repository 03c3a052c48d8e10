import type { LoadSetUp } from '@/core/catalogue';

export const SET_UP_WORDS: Readonly<Record<LoadSetUp, string>> = {
  thighs: 'a press on one’s own thighs',
  'table, seated': 'a seated lean on a table',
  'chair arms': 'a press on the chair arms',
  wall: 'a standing lean to a wall',
  worktop: 'a lean on a worktop',
  'chair seat': 'a lean on a sturdy chair seat',
  'all fours': 'all fours',
  'all fours, feet back': 'all fours, knees lifted',
  'straight body': 'a straight body on the floor',
};

/** The movement each set-up is in the catalogue. */
export const SET_UP_MOVEMENT: Readonly<Record<LoadSetUp, string>> = {
  thighs: 'thigh-press',
  'table, seated': 'table-lean',
  'chair arms': 'chair-arm-press',
  wall: 'wall-lean',
  worktop: 'worktop-lean',
  'chair seat': 'chair-seat-lean',
  'all fours': 'all-fours',
  'all fours, feet back': 'feet-walked-back',
  'straight body': 'straight-body-lean',
};
