import type { UseFormReturn } from 'react-hook-form';
import type { Editable } from '@/core/frozen';
import type { WrapUp } from '@/core/teach';

export type PeopleProps = { form: UseFormReturn<Editable<WrapUp>>; names: readonly string[] };

export const COLUMNS = [
  ['painBeforeLeft', 'pain before, left'],
  ['painBeforeRight', 'pain before, right'],
  ['painAfterLeft', 'pain after, left'],
  ['painAfterRight', 'pain after, right'],
  ['effort', 'effort'],
  ['enjoyed', 'enjoyed'],
] as const;
