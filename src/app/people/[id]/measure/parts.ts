/** What is measured together. */
export const PARTS = [
  { id: 'grip', name: 'Grip' },
  { id: 'press', name: 'Press' },
  { id: 'range', name: 'Wrist range' },
  { id: 'thumb', name: 'Thumb and fingers' },
  { id: 'told', name: 'Task and stiffness' },
] as const;
export type Part = (typeof PARTS)[number]['id'];

export const partFrom = (raw: string | undefined): Part => PARTS.find((p) => p.id === raw)?.id ?? 'grip';
