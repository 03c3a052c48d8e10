import { canAccess, type Asker } from '@/core/lock/access';

const MINE = '00000000-0000-4000-8000-000000000001';
const OTHER = '00000000-0000-4000-8000-000000000002';
const [nobody, instructor, helper, tv, program]: Asker[] = [
  { kind: 'nobody' },
  { kind: 'instructor', id: null, coordinator: true },
  { kind: 'helper', classId: MINE },
  { kind: 'tv', classId: MINE },
  { kind: 'program', instructorId: null },
];

test.each<[string, boolean, boolean, boolean]>([
  // path, nobody, helper, instructor
  ['/', false, false, true],
  ['/lock', true, true, true],
  ['/api/lock/open', true, true, true],
  ['/api/lock/close', true, true, true],
  ['/api/lock', false, false, true],
  ['/icon.svg', true, true, true],
  ['/people', false, false, true],
  ['/room', false, true, true],
  ['/room/', false, false, true],
  [`/classes/${MINE}/helper`, false, true, true],
  [`/classes/${OTHER}/helper`, false, false, true],
  [`/classes/${MINE}/teach`, false, false, true],
  [`/api/classes/${MINE}/marks`, false, true, true],
  [`/api/classes/${OTHER}/marks`, false, false, true],
  [`/api/classes/${MINE}/marks/../plan`, false, false, true],
  [`/api/classes/${MINE}/events`, false, false, true],
  ['/api/v1/catalogue', false, false, true],
  ['/files/out/register.csv', false, false, true],
  ['/files/backup/x.oskil', false, false, true],
  ['/lockpick', false, false, true],
])('%s: nobody %s, helper %s, instructor %s', (path, forNobody, forHelper, forInstructor) => {
  expect([nobody!, helper!, instructor!].map((a) => canAccess(a, path))).toEqual([
    forNobody,
    forHelper,
    forInstructor,
  ]);
});

test('a token reaches what other programs may ask, and nothing else', () => {
  for (const path of ['/api/v1/check', '/files/out/plan/x']) expect(canAccess(program!, path)).toBe(true);
  for (const path of [
    '/people',
    '/api/people',
    '/files/backup/x.oskil',
    '/api/token',
    '/api/backups',
    '/room',
  ])
    expect(canAccess(program!, path)).toBe(false);
});

test('a screen that all look at shows the room of its class, and not the marks', () => {
  for (const path of ['/room', `/api/classes/${MINE}/room`]) expect(canAccess(tv!, path)).toBe(true);
  for (const path of [
    '/',
    `/classes/${MINE}/helper`,
    `/api/classes/${MINE}/marks`,
    `/api/classes/${OTHER}/room`,
    '/files/out/register.csv',
  ])
    expect([path, canAccess(tv!, path)]).toEqual([path, false]);
});

test('an instructor by name reaches all but what is about everybody’s data; a coordinator that too', () => {
  const named = (coordinator: boolean): Asker => ({ kind: 'instructor', id: MINE, coordinator });
  const everybodys = [
    ...[
      '/backup',
      '/backup/x.oskil',
      '/instructors',
      '/api/backups',
      '/api/backups/x',
      '/api/backups/brought',
    ],
    ...['/api/instructors', `/api/instructors/${OTHER}`, '/files/backup/x.oskil'],
  ];
  for (const path of everybodys) {
    expect([path, canAccess(named(false), path)]).toEqual([path, false]);
    expect([path, canAccess(named(true), path)]).toEqual([path, true]);
  }
  for (const path of [
    '/',
    '/settings',
    `/classes/${OTHER}`,
    '/files/out/people',
    '/api/lock',
    '/instructorship',
  ])
    expect([path, canAccess(named(false), path)]).toEqual([path, true]);
});
