import type * as format from './format';
import type * as units from './units';

/** How the same figures read to people of other countries: the modules are read anew for each. */
function readBy(language: string) {
  Object.defineProperty(navigator, 'language', { value: language, configurable: true });
  let read!: { format: typeof format; units: typeof units };
  jest.isolateModules(() => {
    read = { format: jest.requireActual('./format'), units: jest.requireActual('./units') };
  });
  return read;
}

it('writes decimals with a comma where people do, and reads both', () => {
  const read = readBy('de-DE');
  expect(read.format.deg(12.5)).toBe('12,5°');
  expect(read.format.minutes(6.5)).toBe('6,5 min');
  expect(read.format.um(0.94)).toBe('0,94 µm');
  expect(read.format.mm(20)).toBe('20 mm');
  expect(read.format.times(0.041)).toBe('0,041');
  expect(read.units.typedNumber('12,5')).toBe(12.5);
  expect(read.units.typedNumber('12.5')).toBe(12.5);
});

it('puts a date in the order of the country', () => {
  const iso = '2026-10-24T12:00:00.000Z';
  expect(readBy('en-GB').format.day(iso)).toBe('24 Oct 2026');
  expect(readBy('de-DE').format.day(iso)).toMatch(/^24.* Oct.* 2026$/);
  expect(readBy('en-US').format.day(iso)).toBe('Oct 24, 2026');
});

it('says what is near in words', () => {
  const read = readBy('en-GB');
  const now = new Date().toISOString();
  expect(read.format.ago(now)).toBe('now');
});
