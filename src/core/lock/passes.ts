/** Who asks: nobody that is known, an instructor, or a helper of one class. */
export type Asker =
  | { readonly kind: 'nobody' }
  | {
      readonly kind: 'instructor';
      /** Null while there are no instructors by name: then whoever is let in sees everything. */
      readonly id: string | null;
      /** Keeps backups and says who the instructors are; without names everybody does. */
      readonly coordinator: boolean;
    }
  | { readonly kind: 'helper'; readonly classId: string };

/** Open to everybody, since without it the lock itself could not be shown or opened. */
const ALWAYS: readonly RegExp[] = [
  /^\/lock$/,
  /^\/api\/lock\/(open|close)$/,
  /^\/(icon\.svg|manifest\.webmanifest|sw\.js|offline)$/,
  /^\/icons\/[a-z0-9-]+\.png$/,
];

/** What another program may reach with its token; whether that is the right one is asked there. */
const WITH_TOKEN: readonly RegExp[] = [/^\/api\/v1\//, /^\/files\/out\//];

/** What a helper may: the screen for the room, and the marks of their class. */
const forHelper = (classId: string): readonly RegExp[] => [
  /^\/room$/,
  new RegExp(`^/classes/${classId}/helper$`),
  new RegExp(`^/api/classes/${classId}/(marks|room)$`),
];

/** What is about everybody's data at once: a backup holds all of it. */
const FOR_COORDINATORS: readonly RegExp[] = [
  /^\/(backup|instructors)(\/|$)/,
  /^\/api\/(backups|instructors)(\/|$)/,
  /^\/files\/backup\//,
];

const isIn = (path: string, list: readonly RegExp[]): boolean => list.some((r) => r.test(path));

/** Whether somebody may reach a path while Oskil is locked. What is there for them is asked of the database besides. */
export function mayPass(asker: Asker, path: string, carriesToken: boolean): boolean {
  if (isIn(path, ALWAYS)) return true;
  if (asker.kind === 'instructor') return asker.coordinator || !isIn(path, FOR_COORDINATORS);
  if (carriesToken && isIn(path, WITH_TOKEN)) return true;
  return asker.kind === 'helper' && isIn(path, forHelper(asker.classId));
}
