import fc from 'fast-check';
import { markdown } from './markdown';

it('writes headings, facts, tables and paragraphs', () => {
  const text = markdown([
    { heading: 'Wren, 24 Oct 2026', level: 2 },
    { facts: [['Before', 'slices printer paper']] },
    { table: { heads: ['Step', 'Left'], rows: [['fine plate', '12']] } },
    { text: 'One line\nand one more.\n\nA second paragraph.' },
  ]);
  expect(text).toBe(
    [
      '## Wren, 24 Oct 2026',
      '- **Before:** slices printer paper',
      '| Step | Left |\n| --- | --- |\n| fine plate | 12 |',
      'One line  \nand one more.\n\nA second paragraph.',
    ].join('\n\n') + '\n',
  );
});

it('takes nothing that was written for a mark of its own', () => {
  const note = '# not a heading | *nor* this <b> [x](y) `z` & &amp; 1. no list';
  expect(markdown([{ text: note }])).toBe(
    '\\# not a heading | \\*nor\\* this \\<b\\> \\[x\\](y) \\`z\\` & \\&amp; 1. no list\n',
  );
  expect(markdown([{ text: '1. no list\n- nor this' }])).toBe('1\\. no list  \n\\- nor this\n');
});

it('keeps every table to its columns, whatever stands in the cells', () => {
  const cells = fc.array(fc.string({ maxLength: 30 }), { minLength: 3, maxLength: 3 });
  fc.assert(
    fc.property(fc.array(cells, { maxLength: 5 }), (rows) => {
      const text = markdown([{ table: { heads: ['a', 'b', 'c'], rows } }]);
      const lines = text.trimEnd().split('\n');
      expect(lines).toHaveLength(rows.length + 2);
      for (const line of lines) {
        // Bars that are not escaped part the cells.
        const bars = line.replace(/\\./g, '').split('|').length - 1;
        expect(bars).toBe(4);
      }
    }),
  );
});
