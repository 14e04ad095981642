/** A text in Markdown (CommonMark, tables as in its common extension), made of blocks. */
export type MarkdownBlock =
  | { heading: string; level: 1 | 2 | 3 }
  | { text: string }
  | { facts: readonly (readonly [name: string, value: string])[] }
  | { table: { heads: readonly string[]; rows: readonly (readonly string[])[] } };

/** The blocks as one text; what a reader would take for marks of its own is escaped. */
export function markdown(blocks: readonly MarkdownBlock[]): string {
  return `${blocks.map(blockText).filter(Boolean).join('\n\n')}\n`;
}

function blockText(block: MarkdownBlock): string {
  if ('heading' in block) return `${'#'.repeat(block.level)} ${plain(block.heading)}`;
  if ('text' in block)
    return block.text
      .split(/\n\s*\n/)
      .map(paragraph)
      .join('\n\n');
  if ('facts' in block) {
    return block.facts.map(([name, value]) => `- **${plain(name)}:** ${plain(value)}`).join('\n');
  }
  const { heads, rows } = block.table;
  const line = (cells: readonly string[]): string => `| ${cells.map(cell).join(' | ')} |`;
  return [line(heads), `|${heads.map(() => ' --- |').join('')}`, ...rows.map(line)].join('\n');
}

/** Lines of one paragraph stay lines. */
function paragraph(text: string): string {
  return text
    .split('\n')
    .map((line) => plain(line))
    .filter((line) => line !== '')
    .join('  \n');
}

function cell(text: string): string {
  return plain(text).replaceAll('|', '\\|') || ' ';
}

/** One line without marks: everything that begins or holds a mark stands behind a stroke. */
function plain(text: string): string {
  return text
    .replace(/\s+/g, ' ')
    .trim()
    .replace(/[\\`*_[\]<>~]/g, '\\$&')
    .replace(/^([#+-]|\d+[.)])/, (mark) =>
      /^\d/.test(mark) ? `${mark.slice(0, -1)}\\${mark.slice(-1)}` : `\\${mark}`,
    )
    .replace(/&(?=[#\w]+;)/g, '\\&');
}
