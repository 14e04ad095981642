import { shelfWords as say } from '../../ui/words/screens/shelf';
import { whyUnfit, workingFace, type LadderAbrasive } from '../../core';
import { edgeName } from '../../domain/edgeName';
import type { Tool } from '../../domain/tool';
import { unfitWords } from '../../ui/words/unfitWords';

/** Which edges of the rack a thing reaches, and why not the others. */
export function Reaches(props: { faces: readonly LadderAbrasive[]; tools: readonly Tool[] }) {
  const { faces, tools } = props;
  const edges = tools.flatMap((tool) =>
    tool.zones.map((zone) => ({ name: edgeName(tool, zone), face: workingFace(tool, zone) })),
  );
  if (edges.length === 0 || faces.length === 0) return null;
  const missed = new Map<string, string[]>();
  for (const { name, face } of edges) {
    const reasons = faces.map((abrasive) => whyUnfit(abrasive, face));
    if (reasons.some((reason) => reason === null)) continue;
    const why = unfitWords(reasons[0]!);
    missed.set(why, [...(missed.get(why) ?? []), name]);
  }
  const reached = edges.length - [...missed.values()].flat().length;
  return (
    <div className="mt-2 border-l-4 border-rule pl-4">
      <p className="font-semibold">{say.worksOf(reached, edges.length)}</p>
      {[...missed].map(([why, names]) => (
        <p key={why}>{say.not(names.join(', '), why)}</p>
      ))}
    </div>
  );
}
