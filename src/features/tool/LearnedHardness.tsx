'use client';

import { toolWords } from './words/toolWords';
import { useStandings } from '../../live';
import type { Tool } from '../../domain/tool';

/** What the strokes of the log say of a steel that is known as a range only. */
export function LearnedHardness({ tool }: { tool: Tool }) {
  const learned = useStandings()?.hardness.get(tool.id);
  if (!learned) return null;
  const { lowHrc, highHrc, steps } = learned;
  return (
    <p>
      {toolWords.logNarrowsHardness(
        <b className="figures">{toolWords.hardnessFromTo(lowHrc, highHrc)}</b>,
        steps,
      )}
    </p>
  );
}
