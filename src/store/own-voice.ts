import type { OwnWord } from '@/core/voice';
import type { Db } from './db';

const MINE = 'owner_id is not distinct from oskil_me()';

export const listOwnWords = (db: Db): Promise<OwnWord[]> =>
  db.query<OwnWord>(`select word, sound from own_word where ${MINE} order by word`);

/** Said again, a word takes the place of what it was. */
export async function saveOwnWord(db: Db, { word, sound }: OwnWord): Promise<void> {
  await db.query(
    `insert into own_word (word, sound) values ($1, $2)
     on conflict (owner_id, word) do update set sound = $2, made_at = now()`,
    [word, sound],
  );
}

export async function removeOwnWords(db: Db): Promise<void> {
  await db.query(`delete from own_word where ${MINE}`);
}
