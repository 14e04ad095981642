'use client';

import { Share2 } from 'lucide-react';
import type { MarkdownBlock } from '../formats/markdown';
import { notice } from './notice';
import { shareWords } from './words/shareWords';

/** Hands a text to another application of the device; where there is no way to that it is copied. */
export function Share(props: {
  title: string;
  blocks: () => MarkdownBlock[] | Promise<MarkdownBlock[]>;
}) {
  const { title, blocks } = props;
  const share = async (): Promise<void> => {
    const { plainText } = await import('../formats/plainText');
    const text = plainText(await blocks());
    if (navigator.share) {
      // Whoever closes the list of applications has changed their mind.
      await navigator.share({ title, text }).catch(() => undefined);
      return;
    }
    await navigator.clipboard.writeText(text);
    void notice(shareWords.copied);
  };
  return (
    <button type="button" className="btn btn-outline no-print" onClick={() => void share()}>
      <Share2 aria-hidden size={19} />
      {shareWords.share}
    </button>
  );
}
