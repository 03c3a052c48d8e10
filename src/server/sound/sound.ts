import { scoreOf, type SoundScore } from '@/core/formats';
import { emptyPlan, type Plan } from '@/core/plan';
import { fail, ok, type Result } from '@/core/result';
import { rowsOfSnapshot, type Snapshot } from '@/core/teach';
import type { Db } from '@/store/db';
import { findCard, type HomeCard } from '@/store/home';
import { catalogueNow } from '../catalogue/catalogue';
import { fileName } from '../files/download-file';
import { rowsToTeach } from '../files/files';
import { idFrom } from '../shell/ids';

/** What a sound file is called and made of; the page puts the voice to it. */
export type SoundToMake = { readonly name: string; readonly score: SoundScore };

/** A whole class as planned. */
export async function soundOfClass(db: Db, rawId: string | undefined): Promise<Result<SoundToMake>> {
  const found = await rowsToTeach(db, rawId ?? '');
  if (!found.ok) return found;
  const { info, rows } = found.value;
  return ok({ name: `${fileName(`count ${info.name} ${info.day}`)}.wav`, score: scoreOf(rows) });
}

/** What one person practises at home, once through. The name of the file says nobody's. */
export async function soundOfCard(db: Db, rawId: string | undefined): Promise<Result<SoundToMake>> {
  const id = idFrom(rawId ?? '', 'card');
  const card = id.ok ? await findCard(db, id.value) : null;
  if (!card) return fail('not-found', 'There is no such card.');
  const { catalogue, own } = await catalogueNow(db);
  const snapshot: Snapshot = {
    plan: planOfCard(card),
    people: [],
    helpers: [],
    slotMs: 0,
    shown: catalogue.movements.map((m) => m.id),
    own,
  };
  return ok({ name: 'home practice.wav', score: scoreOf(rowsOfSnapshot(snapshot, catalogue)) });
}

/** Time to hear what comes and to get ready for it, ms. */
const WAY_IN_MS = 10_000;

function planOfCard({ rows }: HomeCard): Plan {
  const plan = emptyPlan();
  const ready = rows.map((row) => ({ ...row, wayInMs: WAY_IN_MS }));
  return { ...plan, sections: plan.sections.map((s) => (s.kind === 'move' ? { ...s, rows: ready } : s)) };
}
