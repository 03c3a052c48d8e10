/** Who asks: nobody that is known, an instructor, a helper or a screen of one class, or another program with its token. */
export type Asker =
  | { readonly kind: 'nobody' }
  | {
      readonly kind: 'instructor';
      /** Null while there are no instructors by name: then whoever is let in sees everything. */
      readonly id: string | null;
      /** Keeps backups and says who the instructors are; without names everybody does. */
      readonly coordinator: boolean;
    }
  | { readonly kind: 'helper'; readonly classId: string }
  /** A screen that everybody looks at. */
  | { readonly kind: 'tv'; readonly classId: string }
  /** Its instructor's token; null as above. */
  | { readonly kind: 'program'; readonly instructorId: string | null };

/** Open to everybody, since without it the lock itself could not be shown or opened. */
const ALWAYS: readonly RegExp[] = [
  /^\/lock$/,
  /^\/api\/lock\/(open|close)$/,
  /^\/(icon\.svg|manifest\.webmanifest|sw\.js|offline)$/,
  /^\/icons\/[a-z0-9-]+\.png$/,
];

/** What another program may reach with a token. */
const WITH_TOKEN: readonly RegExp[] = [/^\/api\/v1\//, /^\/files\/out\//];

/** What a helper may: the screen for the room, and the marks of their class. */
const forHelper = (classId: string): readonly RegExp[] => [
  /^\/room$/,
  new RegExp(`^/classes/${classId}/helper$`),
  new RegExp(`^/api/classes/${classId}/(marks|room)$`),
];

/** What a screen may: the room of its class, in which there are no names. */
const forTv = (classId: string): readonly RegExp[] => [
  /^\/room$/,
  new RegExp(`^/api/classes/${classId}/room$`),
];

/** What is about everybody's data at once: a backup holds all of it. */
const FOR_COORDINATORS: readonly RegExp[] = [
  /^\/(backup|instructors)(\/|$)/,
  /^\/api\/(backups|instructors)(\/|$)/,
  /^\/files\/backup\//,
];

const isIn = (path: string, list: readonly RegExp[]): boolean => list.some((r) => r.test(path));

export const isOpenToAll = (path: string): boolean => isIn(path, ALWAYS);

/** Tells how other programs ask, and nothing of anybody. */
const DESCRIPTION = '/api/v1/openapi.json';

/** Whether another program has to have a token, also while there is no lock. */
export const needsToken = (path: string): boolean => takesToken(path) && path !== DESCRIPTION;

/** Whether a token opens a path; on any other it counts for nothing. */
export const takesToken = (path: string): boolean => isIn(path, WITH_TOKEN);

/** Whether somebody may reach a path. What is there for them is asked of the database besides. */
export function canAccess(asker: Asker, path: string): boolean {
  if (isOpenToAll(path)) return true;
  switch (asker.kind) {
    case 'nobody':
      return false;
    case 'instructor':
      return asker.coordinator || !isIn(path, FOR_COORDINATORS);
    case 'helper':
      return isIn(path, forHelper(asker.classId));
    case 'tv':
      return isIn(path, forTv(asker.classId));
    case 'program':
      return takesToken(path);
  }
}
