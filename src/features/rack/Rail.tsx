'use client';

import { toolForm } from '../../core';
import type { Tool } from '../../domain/tool';
import { toolOutline } from '../../ui/silhouette/outline';
import { Silhouette } from '../../ui/silhouette/Silhouette';
import { HangingSection } from '../../ui/section/HangingSection';
import { ToolLabel } from './ToolLabel';
import type { RackProps } from './rackProps';

/** Height kept for the hanging tools, in pixels. */
const HANG_PX = 288;
const HOOK_PX = 16;

/** The rack of a wide screen: tools hanging from a rail, all at one scale. */
export function Rail({ tools, needs }: RackProps) {
  const outlines = tools.map(toolOutline);
  const longest = Math.max(...outlines.map(({ lengthMm }) => lengthMm));
  const scale = (HANG_PX - HOOK_PX) / longest;
  return (
    <div className="hidden overflow-x-auto sm:block">
      <div className="min-w-fit">
        <div aria-hidden className="h-3 border-b-[3px] border-[var(--rail-edge)] bg-rail" />
        <ul className="mx-auto flex max-w-[82rem] px-8">
          {tools.map((tool, i) => (
            <li key={tool.id} className="w-0 min-w-[7.9rem] flex-1 pr-4">
              <div className="relative">
                <svg
                  aria-hidden="true"
                  width={Math.ceil(outlines[i]!.widthMm * scale) + 8}
                  height={HANG_PX}
                  className="block shrink-0 overflow-visible"
                >
                  <path
                    d={`M${hookX(outlines[i]!.widthMm * scale)},0v${HOOK_PX}`}
                    stroke="var(--ink)"
                    strokeWidth={2.5}
                  />
                  <g transform={`translate(0 ${HOOK_PX - 3})`}>
                    <Silhouette tool={tool} scale={scale} />
                  </g>
                </svg>
                <div
                  className="absolute top-[6.5rem]"
                  style={{ left: sectionLeft(tool, outlines[i]!.widthMm * scale) }}
                >
                  <HangingSection tool={tool} zone={tool.zones.at(-1)!} heightPx={108} />
                </div>
              </div>
              <ToolLabel tool={tool} needs={needs} />
            </li>
          ))}
        </ul>
        <ScaleRule scale={scale} />
      </div>
    </div>
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
      <span className="figures text-[0.95rem]">
        100 mm; all tools to one scale, their sections to another
      </span>
    </div>
  );
}
