import type { Tool } from '../../domain/tool';
import { toolOutline } from '../../ui/silhouette/outline';
import { LyingSilhouette } from '../../ui/silhouette/Silhouette';

/** The longest tool of the trip is drawn so long; the others to its scale. */
const LONGEST_PX = 118;

/** A tool of a trip as it looks, all of them to one scale. */
export default function RowSilhouette({ tool, tools }: { tool: Tool; tools: readonly Tool[] }) {
  const longestMm = Math.max(1, ...tools.map((each) => toolOutline(each).lengthMm));
  return (
    <span className="flex h-8 w-32 items-center">
      <LyingSilhouette tool={tool} scale={LONGEST_PX / longestMm} />
    </span>
  );
}
