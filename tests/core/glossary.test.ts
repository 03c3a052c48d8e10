import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { GLOSSARY } from '@/catalogue/glossary';

test('words are told in order, once each, in whole sentences that a card can hold', () => {
  const words = GLOSSARY.map((g) => g.word);
  expect(new Set(GLOSSARY.map((g) => g.id)).size).toBe(GLOSSARY.length);
  expect(new Set(words).size).toBe(words.length);
  for (const { word, means } of GLOSSARY) {
    expect([word, /^[A-Z].*[.]$/.test(means), means.length <= 260]).toEqual([word, true, true]);
    expect(means.toLowerCase().startsWith(word.toLowerCase())).toBe(false);
  }
});

test('each is explained on a page where it stands', () => {
  const screens = readdirSync('src', { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.tsx'))
    .map((file) => readFileSync(join('src', file), 'utf8'));
  const placed = screens.flatMap((text) =>
    [...text.matchAll(/<(?:Word|Meant) of=(?:"([\w-]+)"|\{\[([^\]]*)\]\})/g)].flatMap(([, one, some]) =>
      one === undefined ? [...some!.matchAll(/'([\w-]+)'/g)].map(([, id]) => id) : [one],
    ),
  );
  expect([...new Set(placed)].sort()).toEqual(GLOSSARY.map((g) => g.id).sort());
});
