import type { MarkdownBlock } from './markdown';

/** Blocks as lines of plain text, as a message takes them: no marks, a row of a table as one line. */
export function plainText(blocks: readonly MarkdownBlock[]): string {
  return `${blocks.map(linesOf).join('\n\n')}\n`;
}

function linesOf(block: MarkdownBlock): string {
  if ('heading' in block) return block.heading;
  if ('text' in block) return block.text;
  if ('facts' in block) return block.facts.map(([name, value]) => `${name}: ${value}`).join('\n');
  const { heads, rows } = block.table;
  return rows
    .map(([first, ...cells]) =>
      [first, ...cells.map((cell, i) => `${heads[i + 1]!.toLowerCase()} ${cell}`)].join(', '),
    )
    .join('\n');
}
