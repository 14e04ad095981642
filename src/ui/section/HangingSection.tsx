import { uiSectionWords as say } from '../words/sectionWords';
import { apexAngle, sectionProfile } from '../../core/edge';
import type { Tool, Zone } from '../../domain/tool';
import { deg } from '../format';

/** Millimetres behind the apex that are shown, the same for every tool. */
const SHOWN_MM = 12;

/**
 * The grind of one zone at a glance: its section with the apex down, as the tool hangs, to one
 * scale for all tools.
 */
export function HangingSection(props: { tool: Tool; zone: Zone; heightPx: number }) {
  const { tool, zone, heightPx } = props;
  const scale = heightPx / SHOWN_MM;
  const profile = sectionProfile(tool, zone);
  const shown = profile.filter(({ depthMm }) => depthMm <= SHOWN_MM);
  const next = profile.find(({ depthMm }) => depthMm > SHOWN_MM);
  const last = shown.at(-1)!;
  const topHalfMm = next
    ? last.halfMm +
      ((next.halfMm - last.halfMm) * (SHOWN_MM - last.depthMm)) / (next.depthMm - last.depthMm)
    : last.halfMm;
  const side = [...shown, { depthMm: SHOWN_MM, halfMm: topHalfMm }];
  const half = Math.max(...side.map(({ halfMm }) => halfMm)) * scale;
  const middle = half + 1;
  const right = side.map((p) => `${middle + p.halfMm * scale},${heightPx - p.depthMm * scale}`);
  const left = [...side]
    .reverse()
    .map((p) => `${middle - p.halfMm * scale},${heightPx - p.depthMm * scale}`);
  return (
    <figure className="text-[0.95rem]">
      <svg aria-hidden="true" width={2 * middle} height={heightPx + 2} className="block">
        <polygon
          points={[...right, ...left].join(' ')}
          fill="var(--steel-light)"
          stroke="var(--ink)"
          strokeWidth={1.4}
          strokeLinejoin="round"
        />
      </svg>
      <figcaption className="figures mt-1 whitespace-nowrap">
        {deg(apexAngle(zone))}
        <span className="block leading-4 text-soft">{say.perSide}</span>
      </figcaption>
    </figure>
  );
}
