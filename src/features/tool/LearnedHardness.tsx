'use client';

import { toolWords } from './words/toolWords';
import { useStandings } from '../../live';
import type { Tool } from '../../domain/tool';
import { rounded } from '../../ui/format';

/** What the strokes of the log say of a steel that is known as a range only. */
export function LearnedHardness({ tool }: { tool: Tool }) {
  const learned = useStandings()?.hardness.get(tool.id);
  if (!learned) return null;
  const { lowHrc, highHrc, steps } = learned;
  return (
    <p>
      {toolWords.yourLogNarrowsTheHardness}{' '}
      <b className="figures">{toolWords.toHrc2(rounded(lowHrc, 1), rounded(highHrc, 1))}</b>
      {toolWords.fromOnStonesPlansGo(steps)}
    </p>
  );
}
