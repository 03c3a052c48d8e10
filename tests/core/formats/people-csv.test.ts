import fc from 'fast-check';
import { CONDITIONS } from '@/catalogue/conditions';
import { decodeText, MAX_FILE_BYTES } from '@/core/formats/decode';
import {
  guessMapping,
  mergedFields,
  readPeopleFile,
  rowsToPeople,
  sameAs,
  writePeopleFile,
} from '@/core/formats/people-csv';
import { person, personFields } from '../people';

const read = (text: string) => {
  const file = readPeopleFile(text);
  if (!file.ok) throw new Error(file.message);
  return rowsToPeople(file.value, guessMapping(file.value.heads), CONDITIONS);
};
const bytes = (text: string) => new TextEncoder().encode(text);

describe('reading', () => {
  test.each([
    ['commas', 'First name,Initial,Conditions\r\nBea,K,tremor\r\n'],
    ['semicolons', 'First name;Initial;Conditions\nBea;K;tremor'],
    ['tabs', 'First name\tInitial\tConditions\nBea\tK\ttremor\n'],
    ['quotes, blank lines and spaces', '"First name" ,"Initial","Conditions"\n\n Bea ,"K"," tremor "\n\n'],
  ])('%s', (_, text) => {
    const [row, ...others] = read(text);
    expect(others).toEqual([]);
    expect(row!.problems).toEqual([]);
    expect(row!.fields).toMatchObject({ firstName: 'Bea', initial: 'K' });
    expect(row!.fields!.conditions).toEqual([
      expect.objectContaining({ conditionId: 'tremor', side: 'none' }),
    ]);
  });

  test('sides and states of conditions, several in one cell, none twice', () => {
    const thumb = CONDITIONS.find((c) => c.id === 'thumb-base')!.name;
    const [row] = read(
      `Name,Condition\nBea,"${thumb} left flare; thumb-base left; tremor | hand-oa both sore"\n`,
    );
    expect(row!.fields!.conditions.map((c) => [c.conditionId, c.side, c.state])).toEqual([
      ['thumb-base', 'L', 'flare'],
      ['tremor', 'none', 'settled'],
      ['hand-oa', 'both', 'sore'],
    ]);
  });

  test('what is wrong with a row is said by line, and the other rows stand', () => {
    const rows = read('First name,Help,Conditions\nBea,0,\n,1,\nOtto,7,gout\n');
    expect(rows.map((r) => [r.line, r.fields !== null])).toEqual([
      [2, true],
      [3, false],
      [4, false],
    ]);
    expect(rows[1]!.problems).toContain('A first name or nickname is needed');
    expect(rows[2]!.problems).toEqual(
      expect.arrayContaining([expect.stringContaining('“gout” is not in the list of conditions')]),
    );
  });

  test('a condition that is not known is kept as a note', () => {
    expect(read('First name,Conditions,Notes\nBea,gout,by the door\n')[0]!.fields!.notes).toBe(
      'by the door; gout',
    );
  });

  test.each([
    ['', /nothing in this file/],
    ['First name\n', /no people/],
    [`First name\n${'Bea\n'.repeat(5_001)}`, /at most 5,000/],
  ])('refused in words', (text, words) => {
    expect(readPeopleFile(text)).toMatchObject({ ok: false, message: expect.stringMatching(words) });
  });
});

describe('the bytes of a file', () => {
  test.each([
    ['UTF-8', bytes('Zoë'), false],
    ['UTF-8 with its mark', bytes('\uFEFFZoë'), false],
    ['UTF-16, little end first', new Uint8Array([0xff, 0xfe, 0x5a, 0, 0x6f, 0, 0xeb, 0]), false],
    ['UTF-16, big end first', new Uint8Array([0xfe, 0xff, 0, 0x5a, 0, 0x6f, 0, 0xeb]), false],
    ['the older western encoding', new Uint8Array([0x5a, 0x6f, 0xeb]), true],
  ])('%s', (_, data, guessed) => {
    expect(decodeText(data)).toEqual({ ok: true, value: { text: 'Zoë', guessed } });
  });

  test('too large is refused', () => {
    expect(decodeText(new Uint8Array(MAX_FILE_BYTES + 1))).toMatchObject({ ok: false, code: 'too-large' });
  });

  test('no bytes whatever make reading throw', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 400 }), (data) => {
        const decoded = decodeText(data);
        const file = decoded.ok ? readPeopleFile(decoded.value.text) : null;
        if (file?.ok) rowsToPeople(file.value, guessMapping(file.value.heads), CONDITIONS);
      }),
      { numRuns: 500 },
    );
  });
});

describe('writing', () => {
  test.each([
    ...['=1+1', '+cmd', '-2', '@sum', '\tx', "'=x", "''=x"],
    // For spreadsheets that part cells at a semicolon or a tab, or read wide signs.
    ...['x;=1+1', 'x\t=1+1', '＝1+1', '＠sum', "x;'=1", ';-1'],
  ])('a cell that begins like a formula, %j, cannot run, and comes back as it was', (wantedTask) => {
    const csv = writePeopleFile([personFields({ firstName: 'Bea', wantedTask })], CONDITIONS);
    expect(csv.split('\r\n')[1]).not.toMatch(/(^|[,;\t])"?[=+\-@\t＝＋－＠]/);
    expect(read(csv)[0]!.fields!.wantedTask).toBe(wantedTask.trim());
  });

  test('whatever is on record, a file written and read back says the same', () => {
    const word = fc.string({ maxLength: 30 }).map((s) => s.replace(/[\r\n\0]/g, ' ').trim());
    const anyFields = fc
      .record({
        firstName: word.filter((s) => s.length > 0),
        wantedTask: word,
        notes: word,
        assistance: fc.integer({ min: 0, max: 3 }),
        conditionIds: fc.uniqueArray(fc.constantFrom(...CONDITIONS), { maxLength: 4 }),
        side: fc.constantFrom('L' as const, 'R' as const, 'both' as const),
      })
      .map(({ conditionIds, side, ...rest }) =>
        personFields({
          ...rest,
          screened: false,
          positions: ['chair', 'table'],
          conditions: conditionIds.map((c) => ({
            conditionId: c.id,
            side: c.sided ? side : 'none',
            state: 'settled',
            since: null,
            spots: [],
          })),
        }),
      );
    fc.assert(
      fc.property(fc.array(anyFields, { minLength: 1, maxLength: 5 }), (people) => {
        const back = read(writePeopleFile(people, CONDITIONS));
        expect(back.map((r) => r.fields)).toEqual(people);
      }),
      { numRuns: 150 },
    );
  });

  test('somebody of the same name is known; merging adds and takes nothing away', () => {
    const known = person({ firstName: 'Bea', initial: 'K', notes: 'door side', assistance: 2 });
    expect(sameAs({ firstName: 'bea', initial: 'k' }, [known])).toBe(known);
    expect(sameAs({ firstName: 'Bea', initial: 'L' }, [known])).toBeNull();
    const [file] = read('First name,Initial,Conditions\nBea,K,tremor\n');
    expect(mergedFields(known, file!.fields!)).toMatchObject({
      notes: 'door side',
      assistance: 2,
      screened: true,
      conditions: [{ conditionId: 'tremor' }],
    });
  });
});

test('a file that says a worse state of a condition on record is believed, a milder one is not', () => {
  const at = (state: 'settled' | 'sore' | 'flare' | 'not cleared') =>
    personFields({ conditions: [{ conditionId: 'hand-oa', side: 'R', state, since: null, spots: [] }] });
  expect(mergedFields(at('settled'), at('flare')).conditions).toMatchObject([{ state: 'flare' }]);
  expect(mergedFields(at('not cleared'), at('settled')).conditions).toMatchObject([{ state: 'not cleared' }]);
});
