import { sectionProfile, type ProfilePoint } from '../../core/edge';
import type { DamageChoice } from '../../core/inspection';
import { zoneLeft } from '../../core/jobs';
import type { Tool, Zone } from '../../domain/tool';

const WIDTH = 150;
const HEIGHT = 112;
const RIGHT = 14;

/**
 * The apex of an edge to scale, pointing right, before and after damage is dealt with: what stays is
 * steel, what is taken is hatched, a chip that stays is a notch.
 */
export function ChipSection(props: {
  tool: Tool;
  zone: Zone;
  choice: DamageChoice;
  depthMm: number;
  /** How much of the edge is drawn (mm behind the apex): the same for every choice. */
  shownMm: number;
}) {
  const { tool, zone, choice, depthMm, shownMm } = props;
  const before = sectionProfile(tool, { ...zone, facet: null });
  const halfShown = Math.max(
    ...before.filter((p) => p.depthMm <= shownMm).map((p) => p.halfMm),
    0.01,
  );
  const scale = Math.min((WIDTH - RIGHT - 6) / shownMm, (HEIGHT / 2 - 6) / (1.25 * halfShown));
  const outline = (points: readonly ProfilePoint[], shiftMm: number): string => {
    const shown = cutAt(points, shownMm * 1.2);
    const at = ({ depthMm: d, halfMm }: ProfilePoint, side: number): string =>
      `${WIDTH - RIGHT - (d + shiftMm) * scale},${HEIGHT / 2 + side * halfMm * scale}`;
    return [...shown.map((p) => at(p, -1)), ...[...shown].reverse().map((p) => at(p, 1))].join(' ');
  };
  const after = zoneLeft(choice.plan.steps) ?? { ...zone, facet: null };
  const pattern = `taken-${choice.way.replace(' ', '-')}`;
  const notch = depthMm * scale;
  return (
    <svg
      width={WIDTH}
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="block max-w-full"
      aria-hidden
    >
      <defs>
        <pattern
          id={pattern}
          width="6"
          height="6"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line x1="0" x2="0" y1="0" y2="6" stroke="var(--ink)" strokeWidth="1.6" />
        </pattern>
      </defs>
      <polygon
        points={outline(before, 0)}
        fill={`url(#${pattern})`}
        stroke="var(--ink)"
        strokeWidth={1}
      />
      <polygon
        points={outline(
          choice.way === 'leave it' ? before : sectionProfile(tool, after),
          choice.recessionMm,
        )}
        fill="var(--steel-light)"
        stroke="var(--ink)"
        strokeWidth={1.8}
        strokeLinejoin="round"
      />
      {choice.way === 'leave it' && (
        <path
          d={`M${WIDTH - RIGHT - notch},0V${HEIGHT}`}
          stroke="var(--ink)"
          strokeDasharray="3 4"
          strokeWidth={1.4}
        />
      )}
    </svg>
  );
}

/** A profile up to a depth, ending on its own line. */
function cutAt(points: readonly ProfilePoint[], depthMm: number): ProfilePoint[] {
  const kept = points.filter((p) => p.depthMm <= depthMm);
  const next = points.find((p) => p.depthMm > depthMm);
  const last = kept.at(-1);
  if (!next || !last) return kept;
  const share = (depthMm - last.depthMm) / (next.depthMm - last.depthMm);
  return [...kept, { depthMm, halfMm: last.halfMm + share * (next.halfMm - last.halfMm) }];
}
