import { readFileSync } from 'node:fs';
import { PRIORS, type Prior } from '../core/priors';
import { priorsTable, withPriorsTable } from './priorsTable';

it('the document of the model holds the constants as they are', () => {
  const document = readFileSync('docs/model.md', 'utf8');
  for (const row of priorsTable().split('\n').slice(2)) {
    // Its columns are aligned there.
    const cells = row.split('|').map((cell) => cell.trim());
    const kept = document
      .split('\n')
      .find((line) => line.startsWith(`| ${cells[1]} `))
      ?.split('|')
      .map((cell) => cell.trim());
    expect(kept).toEqual(cells);
  }
});

it('goes into its place and stays there', () => {
  const once = withPriorsTable('# Model\n');
  expect(withPriorsTable(once)).toBe(once);
});

it('every constant says what it is, in which unit and whence', () => {
  for (const { value, what, source } of Object.values<Prior>(PRIORS)) {
    expect(Number.isFinite(value)).toBe(true);
    expect(what.length).toBeGreaterThan(5);
    expect(source.length).toBeGreaterThan(3);
  }
});
