import {
  captionsOf,
  clicksOf,
  withUnknown,
  writeFigure,
  writeVtt,
  type WavClick,
  type MovementFile,
  type PlanFile,
  type TermFile,
} from '@/core/formats';
import type { OwnMovementInput } from '@/core/catalogue';
import { stillOf } from '@/core/hand';
import { forAnybody, mapMovementRows, movementRows, type Plan } from '@/core/plan';
import { fail, ok, type Result } from '@/core/result';
import { rowsOfSnapshot, type Snapshot, type TaughtRow } from '@/core/teach';
import { findClass, shownMovements, type ClassInfo } from '@/store/classes';
import type { Db } from '@/store/db';
import { loadExtras } from '@/store/file-extras';
import { listOwn } from '@/store/own-movements';
import { peopleOfClass } from '@/store/people';
import { catalogueNow } from '../catalogue/catalogue';
import { idFrom } from '../shell/ids';
import { fileName, jsonFile, type OutFile } from './download-file';
import { planOf } from '../classes/plans';
import { classesInTerm, termFrom } from '../terms/terms';

/** A class plan, with what the file it came from said besides. */
export async function planFile(db: Db, rawId: string): Promise<Result<OutFile>> {
  const found = await classFrom(db, rawId);
  if (!found.ok) return found;
  const { info, plan } = found.value;
  const file: PlanFile = {
    oskil: 'plan',
    version: 3,
    name: info.name,
    slotMinutes: info.slotMinutes,
    plan: mapMovementRows(plan, forAnybody),
    movements: await ownIn(db, [plan]),
  };
  return ok(jsonFile(`plan ${info.name} ${info.day}`, withUnknown(file, await loadExtras(db, info.id))));
}

async function classFrom(db: Db, rawId: string): Promise<Result<{ info: ClassInfo; plan: Plan }>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const info = await findClass(db, id.value);
  const plan = await planOf(db, id.value);
  return info && plan.ok ? ok({ info, plan: plan.value.plan }) : fail('not-found', 'There is no such class.');
}

/** The instructor's own movements that plans use. */
async function ownIn(db: Db, plans: readonly Plan[]): Promise<OwnMovementInput[]> {
  const used = new Set(plans.flatMap((p) => movementRows(p).flatMap((r) => [r.movementId, r.joinedId])));
  return (await listOwn(db))
    .filter((o) => used.has(o.movement.id))
    .map(({ movement, figure }) => ({ movement, figure }) as OwnMovementInput);
}

export async function termFile(db: Db, rawId: string): Promise<Result<OutFile>> {
  const stored = await termFrom(db, rawId);
  if (!stored.ok) return stored;
  const { id: _, seriesId: __, ...term } = stored.value;
  const infos = await classesInTerm(db, stored.value);
  const plans = await Promise.all(infos.map((i) => planOf(db, i.id)));
  const classes = infos.flatMap((info, i) => {
    const plan = plans[i]!;
    return plan.ok
      ? [
          {
            week: info.week,
            day: info.day,
            startsAt: info.startsAt,
            plan: mapMovementRows(plan.value.plan, forAnybody),
          },
        ]
      : [];
  });
  const last = infos.at(-1);
  const file: TermFile = {
    oskil: 'term',
    version: 3,
    series: { name: last?.name ?? term.name, place: last?.place ?? '', slotMinutes: last?.slotMinutes ?? 45 },
    term,
    classes,
    movements: await ownIn(
      db,
      classes.map((c) => c.plan),
    ),
  };
  return ok(jsonFile(`term ${term.name}`, file));
}

export async function movementFile(db: Db, movementId: string): Promise<Result<OutFile>> {
  const own = (await listOwn(db)).find((o) => o.movement.id === movementId);
  if (!own) return fail('not-found', 'There is no such movement of yours.');
  const file = { oskil: 'movement', version: 3, movement: own.movement, figure: own.figure } as MovementFile;
  return ok(jsonFile(`movement ${own.movement.name}`, file));
}

export async function figureFile(db: Db, movementId: string): Promise<Result<OutFile>> {
  const { catalogue } = await catalogueNow(db);
  const movement = catalogue.movement(movementId);
  const figure = movement && catalogue.figure(movement.id);
  if (!movement || !figure) return fail('not-found', 'There is no such movement.');
  return ok({
    name: `${fileName(movement.name)}.svg`,
    type: 'image/svg+xml; charset=utf-8',
    body: writeFigure(stillOf(figure), movement.name, movement.what),
  });
}

/** A class as it would be taught: its rows with their counts. */
export async function rowsToTeach(
  db: Db,
  rawId: string,
): Promise<Result<{ info: ClassInfo; rows: readonly TaughtRow[] }>> {
  const found = await classFrom(db, rawId);
  if (!found.ok) return found;
  const { info, plan } = found.value;
  const [people, shown, { catalogue, own }] = await Promise.all([
    peopleOfClass(db, info.id),
    shownMovements(db, info.seriesId, info.day),
    catalogueNow(db),
  ]);
  const snapshot: Snapshot = {
    plan,
    people,
    helpers: info.helpers,
    slotMs: info.slotMinutes * 60_000,
    shown,
    own,
  };
  return ok({ info, rows: rowsOfSnapshot(snapshot, catalogue) });
}

export async function countFile(db: Db, rawId: string): Promise<Result<OutFile>> {
  const found = await rowsToTeach(db, rawId);
  if (!found.ok) return found;
  const { info, rows } = found.value;
  return ok({
    name: `${fileName(`count ${info.name} ${info.day}`)}.vtt`,
    type: 'text/vtt; charset=utf-8',
    body: writeVtt(captionsOf(rows), `${info.name}, ${info.day}`),
  });
}

/** The clicks of a class, from which the page makes a sound file. */
export async function clicksOfClass(
  db: Db,
  rawId: string | undefined,
): Promise<Result<{ name: string; clicks: readonly WavClick[]; lengthMs: number }>> {
  const found = await rowsToTeach(db, rawId ?? '');
  if (!found.ok) return found;
  const { info, rows } = found.value;
  const last = rows.at(-1);
  return ok({
    name: `${fileName(`clicks ${info.name} ${info.day}`)}.wav`,
    clicks: clicksOf(rows),
    lengthMs: last ? last.plannedStartMs + last.plannedMs : 0,
  });
}
