import type { MarkdownBlock } from '../../formats/markdown';
import { downloadText } from '../download';
import { saying } from '../saying';

/** Saves what is made of some blocks as a Markdown file; the writer loads when it is wanted. */
export async function saveMarkdown(
  fileName: string,
  blocks: () => MarkdownBlock[] | Promise<MarkdownBlock[]>,
): Promise<void> {
  await saying(async () => {
    const { markdown } = await import('../../formats/markdown');
    downloadText(fileName, markdown(await blocks()), 'text/markdown');
  });
}

/** A name as it may stand in a file's: wren, old-hob. */
export function fileWord(name: string): string {
  return (
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'tool'
  );
}
