import { SCREENS, screenOf } from './screens';

describe('the signposts', () => {
  it('tell where one stands: a tool belongs to the rack, a guide to the touch-up', () => {
    expect(screenOf('/')).toBe('/');
    expect(screenOf('/tool')).toBe('/');
    expect(screenOf('/touch-up/guide')).toBe('/touch-up');
    expect(screenOf('/log/entry')).toBe('/log');
  });

  it('have a key each, none twice', () => {
    expect(new Set(SCREENS.map(({ key }) => key)).size).toBe(SCREENS.length);
    expect(new Set(SCREENS.map(({ path }) => path)).size).toBe(SCREENS.length);
  });
});
