import { readFileSync } from 'node:fs';
import { PRINT_INK } from '@/core/paper/ink';

const css = readFileSync('src/app/globals.css', 'utf8');
const printed = css.slice(css.indexOf('@media print'));
const tokenIn = (part: string, name: string) => new RegExp(`--color-${name}: (#[0-9a-f]{6})`).exec(part)?.[1];

test.each(Object.entries(PRINT_INK))(
  '%s is the same in a PDF as on a page that is printed',
  (name, colour) => {
    expect(tokenIn(printed, name) ?? tokenIn(css, name)).toBe(colour);
  },
);
