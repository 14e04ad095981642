/** How the same figures read to people of other countries: the modules are read anew for each. */
function readBy(language: string) {
  jest.replaceProperty(navigator, 'language' as never, language as never);
  let read!: { format: typeof import('./format'); units: typeof import('./units') };
  jest.isolateModules(() => {
    read = { format: jest.requireActual('./format'), units: jest.requireActual('./units') };
  });
  return read;
}

afterEach(() => jest.restoreAllMocks());

beforeEach(() => {
  Object.defineProperty(navigator, 'language', { value: 'en-GB', configurable: true });
});

it('writes decimals with a comma where people do, and reads both', () => {
  const { format, units } = readBy('de-DE');
  expect(format.deg(12.5)).toBe('12,5°');
  expect(format.minutes(6.5)).toBe('6,5 min');
  expect(format.um(0.94)).toBe('0,94 µm');
  expect(format.mm(20)).toBe('20 mm');
  expect(format.times(0.041)).toBe('0,041');
  expect(units.typedNumber('12,5')).toBe(12.5);
  expect(units.typedNumber('12.5')).toBe(12.5);
});

it('puts a date in the order of the country', () => {
  const iso = '2026-10-24T12:00:00.000Z';
  expect(readBy('en-GB').format.day(iso)).toBe('24 Oct 2026');
  expect(readBy('de-DE').format.day(iso)).toMatch(/^24.* Oct.* 2026$/);
  expect(readBy('en-US').format.day(iso)).toBe('Oct 24, 2026');
});

it('says what is near in words', () => {
  const { format } = readBy('en-GB');
  const now = new Date().toISOString();
  expect(format.ago(now)).toBe('now');
});
