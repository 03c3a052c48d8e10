import { z } from 'zod';
import { daySchema } from '../days';
import { fail, ok, type Result } from '../result';

/** How single cells are read; each says in a few words what it wants. */
export const textCell =
  (most: number) =>
  (cell: string): Result<string> =>
    cell.length <= most ? ok(cell) : fail('long', `at most ${most} letters`);

export const dayCell = (cell: string): Result<string> =>
  daySchema.safeParse(cell).success ? ok(cell) : fail('day', 'write the date as year-month-day');

export const choiceCell =
  <T extends string>(choices: Readonly<Record<string, T>>) =>
  (cell: string): Result<T> => {
    const found = Object.entries(choices).find(([words]) => words === cell.toLowerCase());
    return found ? ok(found[1]) : fail('choice', `one of ${Object.keys(choices).join(', ')}`);
  };

/** The words of a choice, to be written. */
export const choiceWords =
  <T extends string>(choices: Readonly<Record<string, T>>) =>
  (value: T): string =>
    Object.entries(choices).find(([, v]) => v === value)?.[0] ?? value;

export const numberCell =
  (least: number, most: number) =>
  (cell: string): Result<number> => {
    const n = Number(cell.replace(',', '.'));
    const fits = cell !== '' && z.number().min(least).max(most).safeParse(n).success;
    return fits ? ok(n) : fail('number', `a number from ${least} to ${most}`);
  };

/** A score of 0 to 10, or nothing where nobody said. */
export const scoreCell = (cell: string): Result<number | null> => {
  if (cell === '') return ok(null);
  const n = Number(cell);
  return Number.isInteger(n) && n >= 0 && n <= 10
    ? ok(n)
    : fail('score', 'a whole number from 0 to 10, or nothing');
};
export const scoreText = (n: number | null): string => (n === null ? '' : String(n));
