import { PRIORS, type Prior } from '../core/priors';

/** The place of the table in the document. */
const BEGIN = '<!-- constants: npm run priors -->';
const END = '<!-- end of constants -->';

/** The constants of the model as a table in Markdown. */
export function priorsTable(): string {
  const rows = Object.entries<Prior>(PRIORS).map(
    ([name, { value, unit, what, source }]) =>
      `| \`${name}\` | ${value} | ${unit} | ${what} | ${source} |`,
  );
  return [
    '| constant | value | unit | what | from |',
    '| --- | --- | --- | --- | --- |',
    ...rows,
  ].join('\n');
}

/** A document with the table as it stands now in its place; at its end where it had none. */
export function withPriorsTable(text: string): string {
  const table = `${BEGIN}\n\n${priorsTable()}\n\n${END}`;
  const [from, to] = [text.indexOf(BEGIN), text.indexOf(END)];
  if (from < 0 || to < 0) return `${text.trimEnd()}\n\n## Constants\n\n${table}\n`;
  return text.slice(0, from) + table + text.slice(to + END.length);
}
