'use client';

import { useStandings } from '../../live';
import type { Tool } from '../../domain/tool';
import { plural, rounded } from '../../ui/format';

/** What the strokes of the log say of a steel that is known as a range only. */
export function LearnedHardness({ tool }: { tool: Tool }) {
  const learned = useStandings()?.hardness.get(tool.id);
  if (!learned) return null;
  const { lowHrc, highHrc, steps } = learned;
  return (
    <p>
      Your log narrows the hardness to{' '}
      <b className="figures">
        {rounded(lowHrc, 1)} to {rounded(highHrc, 1)} HRC
      </b>
      , from {plural(steps, 'step')} on stones. Plans go by that.
    </p>
  );
}
