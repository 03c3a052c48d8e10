import { ok, type Result } from '@/core/result';
import type { OwnWord } from '@/core/voice';
import type { Db } from '@/store/db';
import { listOwnWords, removeOwnWords, saveOwnWord } from '@/store/own-voice';

/** Every word that this instructor has recorded, with its sound. */
export const ownVoice = async (db: Db): Promise<Result<{ words: readonly OwnWord[] }>> =>
  ok({ words: await listOwnWords(db) });

export async function keepOwnWord(db: Db, word: OwnWord): Promise<Result<object>> {
  await saveOwnWord(db, word);
  return ok({});
}

/** The recorded voice is thrown away as a whole. */
export async function dropOwnVoice(db: Db): Promise<Result<object>> {
  await removeOwnWords(db);
  return ok({});
}
