import { weightMeasured } from '@/core/load/weight-measurement';
test.each([
  ['kilograms in steps of 5 g', [0b0000, 0x08, 0x07], 9],
  ['pounds in hundredths', [0b0001, 0xd0, 0x07], 9.0718],
  ['with a time and more behind it', [0b1110, 0x08, 0x07, 0xe2, 0x07, 1, 1, 0, 0, 0], 9],
  ['that it could not weigh', [0b0000, 0xff, 0xff], null],
  ['a message cut short', [0b0000, 0x08], null],
  ['nothing', [], null],
])('what a scale sends: %s', (_, bytes, kg) => {
  const measured = weightMeasured(Uint8Array.from(bytes));
  if (kg === null) expect(measured).toBeNull();
  else expect(measured).toBeCloseTo(kg, 3);
});
