import fc from 'fast-check';
import { momentIn, numberIn, plainHeading, readTable, unescaped, writeTable } from '.';

const read = (text: string, most = 100) => {
  const found = readTable(text, most);
  if ('problem' in found) throw new Error(found.problem.message);
  return found.table;
};

describe('tables', () => {
  it('go out and come in again, cell by cell, whatever stands in them', () => {
    const cell = fc.string({ maxLength: 20 }).map((text) => text.replace(/\r\n?/g, '\n'));
    const row = fc.array(cell, { minLength: 3, maxLength: 3 });
    fc.assert(
      fc.property(fc.array(row, { minLength: 1, maxLength: 6 }), (rows) => {
        const kept = rows.filter((cells) => cells.some((text) => text.trim() !== ''));
        fc.pre(kept.length > 0);
        const table = read(writeTable(['a', 'b', 'c'], rows));
        const back = table.rows.map(({ cells }) => cells.map(unescaped));
        expect(back).toEqual(kept.map((cells) => cells.map(unescaped)));
      }),
    );
  });

  it.each(['=1+1', '+1', '-1', '@x', '\t=1', '\n=1', '＝1+1', '＋1', '－1', '＠x'])(
    'hold %j where no spreadsheet takes it for a formula',
    (cell) => {
      expect(writeTable(['a', 'b'], [[cell, 'x']]).split('\r\n')[1]).toMatch(/^"?'/);
      expect(read(writeTable(['a', 'b'], [[cell, 'x']])).rows[0]!.cells.map(unescaped)[0]).toBe(
        cell,
      );
    },
  );

  it('end their lines as the standard has it', () => {
    expect(writeTable(['a', 'b'], [['1', 'x, y']])).toBe('a,b\r\n1,"x, y"');
  });

  it('know the line of each row, where cells hold lines of their own too', () => {
    const text = 'a,b\n"one\ntwo\nthree",x\n\nlast,y\n';
    expect(read(text).rows.map(({ line }) => line)).toEqual([2, 6]);
  });

  it('are told apart by whatever separates them', () => {
    expect(read('a;b\n1;2').headings).toEqual(['a', 'b']);
    expect(read('a\tb\n1\t2').rows[0]!.cells).toEqual(['1', '2']);
    expect(read('\uFEFFa,b\n1,2').headings).toEqual(['a', 'b']);
  });

  it('without rows, with too many or with an open quotation mark are refused with what to do', () => {
    const problem = (text: string, most = 100) => {
      const found = readTable(text, most);
      return 'problem' in found ? found.problem : null;
    };
    expect(problem('a,b')!.message).toMatch(/holds no rows/);
    expect(problem('a\n1\n2\n3', 2)).toMatchObject({ line: 4, field: 'file' });
    expect(problem('a,b\n1,"open\n2,x')!.message).toMatch(/close it/);
    expect(problem('a\n1\n2', 2)).toBeNull();
  });
});

describe('cells', () => {
  it('are numbers with a point or a comma, days at their noon, headings without their marks', () => {
    expect([numberIn('1,5', 0), numberIn('2.25', 0), numberIn('', 7)]).toEqual([1.5, 2.25, 7]);
    expect(numberIn('', null)).toBeNull();
    expect(numberIn('many', 0)).toBeNaN();
    expect(momentIn('2026-10-24')).toBe('2026-10-24T12:00:00.000Z');
    expect([momentIn(''), momentIn('soon')]).toEqual([null, 'soon']);
    expect(plainHeading('  Work_since (h) ')).toBe('work since h');
  });
});
