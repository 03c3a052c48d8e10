import { describe, expect, test } from '@jest/globals';
import { lowGripWords } from '@/core/measure';
import { inSteps, MEASURE_KINDS, MEASURES, measureText, measureUnit } from '@/core/people';
import { loadSettingWords } from '@/core/stance';
import {
  amountText,
  fieldNumber,
  fromShown,
  LENGTH_UNITS,
  MASS_UNITS,
  METRIC,
  toShown,
  type Units,
} from '@/core/units';

const IMPERIAL: Units = { mass: 'lb', length: 'in' };
const ALL = MASS_UNITS.flatMap((mass) => LENGTH_UNITS.map((length): Units => ({ mass, length })));

describe('weights and lengths in the units of whoever looks', () => {
  test.each([
    [65, 'kg', '143.3 lb'],
    [14.5, 'kg', '32.0 lb'],
    [162, 'cm', '63.8 in'],
    [2.54, 'cm', '1.0 in'],
  ] as const)('%s %s is %s', (value, kept, words) => {
    expect(amountText(value, kept, IMPERIAL)).toBe(words);
    expect(amountText(value, kept, METRIC)).toBe(`${value.toFixed(1)} ${kept}`);
  });

  test('what has neither weight nor length is the same in all of them', () => {
    for (const units of ALL) {
      expect(measureText('flexion', 35, units)).toBe('35 degrees');
      expect(measureText('opposition', 6, units)).toBe('6 of 10');
    }
  });

  test('whatever is read off and typed reads the same when it is shown again', () => {
    for (const units of ALL)
      for (const kind of MEASURE_KINDS) {
        const { unit, most } = MEASURES[kind];
        for (let typed = 0; typed <= toShown(most, unit, units); typed += 0.37) {
          const read = inSteps(kind, typed, units);
          const again = measureText(kind, fromShown(read, unit, units), units);
          expect(again).toBe(
            `${Number(read.toFixed(measureUnit(kind, units) === 'in' ? 2 : 1))} ${measureUnit(kind, units)}`,
          );
        }
      }
  });

  test('whole pounds of a body and whole inches of a height come back as they were typed', () => {
    for (let lb = 56; lb <= 551; lb++)
      expect(fieldNumber(fromShown(lb, 'kg', IMPERIAL), 'kg', IMPERIAL)).toBe(lb);
    for (let inches = 40; inches <= 86; inches++) {
      const keptCm = Math.round(fromShown(inches, 'cm', IMPERIAL));
      expect(fieldNumber(keptCm, 'cm', IMPERIAL, true)).toBe(inches);
    }
  });

  test('sentences with a weight or a length in them follow', () => {
    expect(lowGripWords(15, IMPERIAL)).toContain(
      'under 35.3 lb, the line of low grip for women; for men it is 59.5 lb',
    );
    expect(lowGripWords(15)).toContain('under 16 kg, the line of low grip for women; for men it is 27 kg');
    const press = {
      stance: { kind: 'lean', surface: 'wall', pivot: 'toes', handHeightM: 0.9 },
      statureM: 1.62,
      leftShare: 0.5,
    } as const;
    expect(loadSettingWords(press)).toBe('hands 90 cm up');
    expect(loadSettingWords(press, IMPERIAL)).toBe('hands 35 in up');
  });
});
