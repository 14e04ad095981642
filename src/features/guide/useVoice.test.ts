import { callOf } from './useVoice';

const at = (left: number, right: number, plannedPerSide = 40) => ({ plannedPerSide, left, right });

it('calls ten before the end of a side, at its end, and once both are done', () => {
  expect(callOf(at(0, 0), 'left')).toBeNull();
  expect(callOf(at(30, 0), 'left')).toBe('ten');
  expect(callOf(at(31, 0), 'left')).toBeNull();
  expect(callOf(at(40, 0), 'left')).toBe('turn');
  expect(callOf(at(40, 12), 'right')).toBeNull();
  expect(callOf(at(40, 30), 'right')).toBe('ten');
  expect(callOf(at(41, 40), 'right')).toBe('look');
});

it('does not call ten in a short set, and nothing where nothing is planned', () => {
  expect(callOf(at(2, 0, 12), 'left')).toBeNull();
  expect(callOf(at(5, 5, 0), 'left')).toBeNull();
});
