import SwaggerParser from '@apidevtools/swagger-parser';
import { Ajv2020 } from 'ajv/dist/2020';
import { apiCatalogue, checkAnswer, draftAnswer } from '@/server/api/answers';
import { openApi } from '@/server/api/openapi';
import { API_ROUTES } from '@/server/api/routes';
import {
  catalogueReplySchema,
  checkReplySchema,
  checkRequestSchema,
  draftReplySchema,
  draftRequestSchema,
} from '@/server/api/schemas';
import { endToken, hasToken, makeToken, tokenHolder } from '@/server/api/token';
import { personFields } from '../core/people';
import { planWith } from '../core/plans';
import { databaseForFile } from './fresh';

const db = databaseForFile();
const plan = planWith({ move: ['wrist-bend'], grip: ['ball-squeeze'] });
const group = {
  people: [
    { id: 'a', ...personFields({ firstName: 'Ansel' }) },
    {
      id: 'b',
      ...personFields({
        firstName: 'Bea',
        conditions: [
          { conditionId: 'wrist-fracture', side: 'L', state: 'not cleared', since: null, spots: [] },
        ],
      }),
    },
  ],
  slotMinutes: 45,
  day: '2026-11-25',
};

test('the description is sound OpenAPI, by another reader, and names every route', async () => {
  const described = openApi();
  await SwaggerParser.validate(JSON.parse(JSON.stringify(described)) as never);
  for (const { path, method } of API_ROUTES) expect(described.paths).toHaveProperty([path, method]);
});

/** The schema a route is described with, as a validator of another make has it. */
const described = (path: string, method: 'get' | 'post', part: 'request' | 'reply') => {
  const operation = (openApi().paths as Record<string, Record<string, never>>)[path]![method]!;
  const { requestBody, responses } = operation as unknown as {
    requestBody?: { content: Record<string, { schema: object }> };
    responses: Record<string, { content: Record<string, { schema: object }> }>;
  };
  const content = part === 'request' ? requestBody!.content : responses['200']!.content;
  return new Ajv2020({ strict: false }).compile(content['application/json']!.schema);
};

test('a plan is checked: times, a verdict for each hand of each person, findings and kit, as described', async () => {
  const request = { ...group, plan };
  expect(described('/api/v1/check', 'post', 'request')(request)).toBe(true);
  const reply = checkAnswer([], checkRequestSchema.parse(request));
  if (!reply.ok) throw new Error(reply.message);
  expect(described('/api/v1/check', 'post', 'reply')(reply.value)).toBe(true);
  expect(checkReplySchema.safeParse(reply.value).success).toBe(true);
  expect(reply.value.verdicts).toHaveLength(4);
  const bea = reply.value.verdicts.find((v) => v.personId === 'b' && v.rowId === 'ball-squeeze')!;
  expect(bea.left.verdict).not.toBe('do');
  expect(reply.value.kit).toMatchObject([{ propId: 'foam-ball', inBag: 0 }]);
  expect(reply.value.rows.at(-1)!.startMs + reply.value.rows.at(-1)!.totalMs).toBe(reply.value.totalMs);
});

test('a class is drafted and breaks no must rule', async () => {
  const request = { ...group, lengthMinutes: 30, withoutProps: true };
  expect(described('/api/v1/draft', 'post', 'request')(request)).toBe(true);
  const reply = await draftAnswer([], draftRequestSchema.parse(request));
  if (!reply.ok) throw new Error(reply.message);
  expect(draftReplySchema.safeParse(reply.value).success).toBe(true);
  const checked = checkAnswer(
    [],
    checkRequestSchema.parse({ ...group, slotMinutes: 30, plan: reply.value.plan }),
  );
  expect(checked.ok && checked.value.findings.filter((f) => f.severity === 'must')).toEqual([]);
  expect(checked.ok && checked.value.kit).toEqual([]);
});

test('the catalogue is as described', async () => {
  const reply = await apiCatalogue(db);
  if (!reply.ok) throw new Error(reply.message);
  expect(catalogueReplySchema.safeParse(reply.value).success).toBe(true);
  expect(described('/api/v1/catalogue', 'get', 'reply')(reply.value)).toBe(true);
  expect(reply.value.movements.length).toBeGreaterThan(90);
});

test('a movement that is not in the catalogue is named', async () => {
  const strange = planWith({ move: ['wrist-bend'] });
  Object.assign(strange.sections[2]!.rows[0]!, { movementId: 'somersault' });
  expect(checkAnswer([], checkRequestSchema.parse({ ...group, plan: strange }))).toMatchObject({
    ok: false,
    message: '“somersault” is not in the catalogue.',
  });
});

test.each([
  [{ ...group, plan, people: [group.people[0], group.people[0]] }, 'Two people have the same id'],
  [{ ...group, plan, slotMinutes: 4 }, 'A class is at least 10 minutes'],
  [{ ...group, plan, day: '2026-02-31' }, 'There is no such day'],
])('a group that cannot be is refused: %#', (request, words) => {
  expect(checkRequestSchema.safeParse(request).error?.issues.map((i) => i.message)).toContain(words);
});

test('a token opens until another is made or it is ended, and is not kept itself', async () => {
  const token = async () => {
    const made = await makeToken(db, null);
    return made.ok ? made.value.token : '';
  };
  await endToken(db, null);
  expect(await hasToken(db, null)).toBe(false);
  expect(await tokenHolder(db, 'Bearer ')).toBeNull();
  const first = await token();
  expect(await tokenHolder(db, `Bearer ${first}`)).toEqual({ instructorId: null });
  expect(JSON.stringify(await db.query('select * from setting'))).not.toContain(first);
  const second = await token();
  expect(await tokenHolder(db, `Bearer ${first}`)).toBeNull();
  for (const wrong of [null, '', second, `Basic ${second}`, `Bearer ${second}x`, 'Bearer x'])
    expect(await tokenHolder(db, wrong)).toBeNull();
  await endToken(db, null);
  expect(await tokenHolder(db, `Bearer ${second}`)).toBeNull();
});
