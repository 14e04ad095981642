'use client';

import { rackWords as say } from './words';
import dynamic from 'next/dynamic';
import { toolForm } from '../../core/ladder';
import type { Tool } from '../../domain/tool';
import { toolOutline } from '../../ui/silhouette/outline';
import { Silhouette } from '../../ui/silhouette/Silhouette';
import { useWidth } from '../../ui/useWidth';
import { HangingSection } from '../../ui/section/HangingSection';
import { ToolLabel } from './ToolLabel';
import { sortedOut, type RackProps } from './rackProps';
const Gate = dynamic(() => import('./Gate'), { ssr: false });

/** Height kept for the hanging tools, in pixels. */
const HANG_PX = 178;
const HOOK_PX = 16;

/** Width that the words under a tool need, in pixels. */
const TOOL_PX = 118;
const MARGIN_PX = 64;
/** The rack is no wider than this. */
const WIDEST_PX = 1312;

/** The rack of a wide screen: tools hanging from as many rails as they need, all at one scale. */
export function Rail(props: RackProps) {
  const { tools, needs, trip } = props;
  const [ref, width] = useWidth<HTMLDivElement>(WIDEST_PX);
  const longest = Math.max(...tools.map((tool) => toolOutline(tool).lengthMm));
  const scale = (HANG_PX - HOOK_PX) / longest;
  const { go, stay } = sortedOut(props);
  const hanging: (Tool | 'gate')[] = [...go, ...(trip ? (['gate'] as const) : []), ...stay];
  const room = Math.min(WIDEST_PX, width) - MARGIN_PX;
  const most = Math.max(2, Math.floor(room / TOOL_PX));
  const rails = Math.ceil(hanging.length / most);
  const onEach = Math.ceil(hanging.length / rails);
  return (
    <div ref={ref} className="hidden sm:block">
      {Array.from({ length: rails }, (_, i) => (
        <div
          key={i}
          // Rails below the window are laid out when they come into view.
          className={
            i < 2 ? undefined : '[contain-intrinsic-size:auto_460px] [content-visibility:auto]'
          }
        >
          <div aria-hidden className="h-3 border-b-[3px] border-[var(--rail-edge)] bg-rail" />
          <ul className="mx-auto flex max-w-[82rem] px-8">
            {hanging.slice(i * onEach, (i + 1) * onEach).map((each) =>
              each === 'gate' ? (
                <li key="gate" className="w-0 min-w-36 flex-1 pr-3">
                  <Gate trip={trip!} needs={needs} />
                </li>
              ) : (
                <Hanging key={each.id} tool={each} scale={scale} needs={needs} />
              ),
            )}
          </ul>
        </div>
      ))}
      <ScaleRule scale={scale} />
    </div>
  );
}

/** One tool on its hook, its section beside it, what it needs below. */
function Hanging({ tool, scale, needs }: { tool: Tool; scale: number; needs: RackProps['needs'] }) {
  const widthPx = toolOutline(tool).widthMm * scale;
  return (
    <li className="w-0 min-w-0 flex-1 pr-3">
      <div className="relative">
        <svg
          aria-hidden="true"
          width={Math.ceil(widthPx) + 8}
          height={HANG_PX}
          className="block shrink-0 overflow-visible"
        >
          <path d={`M${hookX(widthPx)},0v${HOOK_PX}`} stroke="var(--ink)" strokeWidth={2.5} />
          <g transform={`translate(0 ${HOOK_PX - 3})`}>
            <Silhouette tool={tool} scale={scale} />
          </g>
        </svg>
        <div className="absolute top-[2rem]" style={{ left: sectionLeft(tool, widthPx) }}>
          <HangingSection tool={tool} zone={tool.zones.at(-1)!} heightPx={96} />
        </div>
      </div>
      <ToolLabel tool={tool} needs={needs} />
    </li>
  );
}

/** The section stands beside the blade, or beside the haft under an axe's head. */
function sectionLeft(tool: Tool, widthPx: number): number {
  return toolForm(tool.kind) === 'axe' ? 52 : widthPx + 22;
}

function hookX(widthPx: number): number {
  return Math.min(widthPx / 2, 10);
}

/** What 100 mm is at the common scale. */
function ScaleRule({ scale }: { scale: number }) {
  return (
    <div className="mx-auto flex max-w-[82rem] items-center gap-2 px-8 pt-1 pb-4 text-soft">
      <svg aria-hidden="true" width={Math.ceil(100 * scale) + 2} height={12}>
        <path
          d={`M1,1v10M1,6H${100 * scale}M${100 * scale},1v10`}
          stroke="var(--ink)"
          fill="none"
        />
      </svg>
      <span className="figures text-[0.95rem]">{say.allToolsToOneScale(100)}</span>
    </div>
  );
}
