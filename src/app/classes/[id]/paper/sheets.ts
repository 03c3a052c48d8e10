/** What there is on paper about a class. */
export const SHEETS = [
  { id: 'cue', name: 'Cue sheet' },
  { id: 'group', name: 'Large print for the group' },
  { id: 'register', name: 'Register' },
  { id: 'kit', name: 'Kit and packing' },
  { id: 'safety', name: 'Safety page' },
] as const;
export type SheetId = (typeof SHEETS)[number]['id'];

export const sheetFrom = (raw: string | undefined): SheetId => SHEETS.find((s) => s.id === raw)?.id ?? 'cue';
