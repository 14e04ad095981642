import dynamic from 'next/dynamic';
import type { Tool } from '../../domain/tool';
import { toolOutline } from '../../ui/silhouette/outline';
import { LyingSilhouette } from '../../ui/silhouette/Silhouette';
import { ToolLabel } from './ToolLabel';
import { sortedOut, type RackProps } from './rackProps';

const Gate = dynamic(() => import('./Gate'), { ssr: false });

/** Width of the longest tool on a phone, in pixels. */
const LONGEST_PX = 300;

/** The rack of a phone: tools lying on a shelf each, all at one scale, most urgent first. */
export function RackList(props: RackProps) {
  const { tools, needs, trip } = props;
  const longest = Math.max(...tools.map((tool) => toolOutline(tool).lengthMm));
  const { go, stay } = sortedOut(props);
  const line = (tool: Tool) => (
    <li key={tool.id} className="border-t-2 border-[var(--rail-edge)] py-3">
      <LyingSilhouette tool={tool} scale={LONGEST_PX / longest} />
      <ToolLabel tool={tool} needs={needs} />
    </li>
  );
  return (
    <ul className="px-4 pb-4 sm:hidden">
      {go.map(line)}
      {trip && (
        <li className="py-3">
          <Gate trip={trip} needs={needs} />
        </li>
      )}
      {stay.map(line)}
    </ul>
  );
}
