import { fullName } from '@/core/people';
import { ok, type Result } from '@/core/result';
import { listClasses } from '@/store/classes';
import type { Db } from '@/store/db';
import { listPeople } from '@/store/people';

/** What can be gone to by its name, beside the pages and the movements: people, and the newest classes. */
export type Findable = {
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly classes: readonly {
    readonly id: string;
    readonly name: string;
    readonly week: number;
    readonly day: string;
  }[];
};

export async function findable(db: Db): Promise<Result<Findable>> {
  const [people, classes] = await Promise.all([listPeople(db, 'current', 'none'), listClasses(db)]);
  return ok({
    people: people.map((p) => ({ id: p.id, name: fullName(p) })),
    classes: classes.map(({ id, name, week, day }) => ({ id, name, week, day })),
  });
}
