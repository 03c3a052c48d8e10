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
