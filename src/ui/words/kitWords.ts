import type { WhyUnserved } from '../../core';

/** Why no kit serves an edge. */
export function whyNotWords(why: WhyUnserved): string {
  return why.kind === 'nothing owned'
    ? 'Nothing you own brings this edge to its target.'
    : `The quickest ladder you own takes ${Math.ceil(why.minutes)} min, over the limit of ${why.limitMinutes}.`;
}

/** Why a kit could not be planned, and the way on, by what the solver or the border said. */
export function kitFailureWords({ name, message }: Error): string {
  if (name === 'ValidationError')
    return `Something on the shelf or the rack does not fit a plan: ${message}. Look at it on its own screen.`;
  if (/memory|wasm|abort/i.test(message))
    return 'The solver ran out of room on this device. Close other tabs, or take a tool out, then plan again.';
  if (/no solution/.test(message))
    return 'The solver found no kit. Allow more minutes, or take a tool out, then plan again.';
  return `The solver stopped: ${message}. Plan it again; if it stops once more, take a tool out.`;
}
