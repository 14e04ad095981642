import { toolOutline } from '../../ui/silhouette/outline';
import { LyingSilhouette } from '../../ui/silhouette/Silhouette';
import { ToolLabel } from './ToolLabel';
import type { RackProps } from './rackProps';

/** Width of the longest tool on a phone, in pixels. */
const LONGEST_PX = 300;

/** The rack of a phone: tools lying on a shelf each, all at one scale, most urgent first. */
export function RackList({ tools, needs }: RackProps) {
  const longest = Math.max(...tools.map((tool) => toolOutline(tool).lengthMm));
  const order = [...new Set(needs.map(({ tool }) => tool.id))];
  const sorted = [...tools].sort((a, b) => order.indexOf(a.id) - order.indexOf(b.id));
  return (
    <ul className="px-4 pb-4 sm:hidden">
      {sorted.map((tool) => (
        <li key={tool.id} className="border-t-2 border-[var(--rail-edge)] py-3">
          <LyingSilhouette tool={tool} scale={LONGEST_PX / longest} />
          <ToolLabel tool={tool} needs={needs} />
        </li>
      ))}
    </ul>
  );
}
