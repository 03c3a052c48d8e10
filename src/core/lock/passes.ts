/** Who asks: nobody that is known, an instructor, or a helper of one class. */
export type Asker =
  | { readonly kind: 'nobody' }
  | { readonly kind: 'instructor' }
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
  new RegExp(`^/api/classes/${classId}/marks$`),
];

const isIn = (path: string, list: readonly RegExp[]): boolean => list.some((r) => r.test(path));

/** Whether somebody may reach a path while Oskil is locked. */
export function mayPass(asker: Asker, path: string, carriesToken: boolean): boolean {
  if (asker.kind === 'instructor' || isIn(path, ALWAYS)) return true;
  if (carriesToken && isIn(path, WITH_TOKEN)) return true;
  return asker.kind === 'helper' && isIn(path, forHelper(asker.classId));
}
