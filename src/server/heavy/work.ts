import type { OwnMovement } from '@/core/catalogue';
import type { Paper, Sheet } from '@/core/paper';
import { checkAnswer, draftAnswer, type CheckBody, type DraftBody } from '../api/answers';
import { writePdf } from '../pdf/write-pdf';
import { makeClassSheet, type ClassSheetGiven } from '../sheets/class-sheet';

/** Sheets, or what one about a class is made from. */
export type Printed = { readonly title: string } & (
  { readonly sheets: readonly Sheet[] } | { readonly ofClass: ClassSheetGiven }
);

/** What takes so long that nothing else may wait for it; each is a function of plain data. */
const WORK = {
  check: ({ own, body }: { own: readonly OwnMovement[]; body: CheckBody }) => checkAnswer(own, body),
  draft: ({ own, body }: { own: readonly OwnMovement[]; body: DraftBody }) => draftAnswer(own, body),
  pdf: ({ paper, ...printed }: Printed & { readonly paper: Paper }) =>
    writePdf(printed.title, 'sheets' in printed ? printed.sheets : [makeClassSheet(printed.ofClass)], paper),
} as const;

export type Kind = keyof typeof WORK;
export type Given<K extends Kind> = Parameters<(typeof WORK)[K]>[0];
export type Done<K extends Kind> = Awaited<ReturnType<(typeof WORK)[K]>>;

export const work = <K extends Kind>(kind: K, given: Given<K>): Promise<Done<K>> =>
  Promise.resolve((WORK[kind] as (given: Given<K>) => Promise<Done<K>> | Done<K>)(given));
