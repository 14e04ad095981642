import { plainText } from './plainText';

it('says blocks in lines, each cell under its head', () => {
  expect(
    plainText([
      { heading: 'Wren, plan', level: 1 },
      { facts: [['Time', '6 min']] },
      { table: { heads: ['Step', 'Left', 'Right'], rows: [['plate', '14', '15']] } },
      { text: 'By *daylight*.' },
    ]),
  ).toBe('Wren, plan\n\nTime: 6 min\n\nplate, left 14, right 15\n\nBy *daylight*.\n');
});
