import { dropOwnVoice, keepOwnWord, ownVoice } from '@/server/voice/own-voice';
import { OWN_WORDS, ownWordSchema } from '@/core/voice';
import { databaseForFile } from './fresh';

const db = databaseForFile();
const sound = (byte: number) => Buffer.alloc(3_000, byte).toString('base64');

test('a word that is said again takes the place of what it was; the voice goes as a whole', async () => {
  await keepOwnWord(db, { word: '1', sound: sound(1) });
  await keepOwnWord(db, { word: 'and rest', sound: sound(2) });
  await keepOwnWord(db, { word: '1', sound: sound(3) });
  expect(await ownVoice(db)).toEqual({
    ok: true,
    value: {
      words: [
        { word: '1', sound: sound(3) },
        { word: 'and rest', sound: sound(2) },
      ],
    },
  });
  await dropOwnVoice(db);
  expect(await ownVoice(db)).toEqual({ ok: true, value: { words: [] } });
});

test('only a word of the count is taken, and only a recording of it', () => {
  const problems = (one: object) => ownWordSchema.safeParse(one).error?.issues.map((i) => i.message) ?? [];
  for (const word of OWN_WORDS) expect(problems({ word, sound: sound(0) })).toEqual([]);
  expect(problems({ word: 'Ball squeeze', sound: sound(0) })).toEqual(['That is not a word of the count']);
  expect(problems({ word: '1', sound: '' })).toContain('Nothing was heard');
  expect(problems({ word: '1', sound: 'ä'.repeat(500) })).toContain('The recording is not readable');
  expect(problems({ word: '1', sound: 'A'.repeat(100_000) })).toEqual(['A word is at most four seconds']);
});
