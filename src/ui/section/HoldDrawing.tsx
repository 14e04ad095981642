'use client';

import { Said } from '../Term';
import { sectionProfile } from '../../core/edge';
import type { Hold, HoldGuide } from '../../core/hold';
import { PRIORS } from '../../core/priors';
import type { Tool, Zone } from '../../domain/tool';
import { mm } from '../format';
import { useWidth } from '../useWidth';
import { heldAt, holdDetail, holdHeadline } from '../words/holdWords';

const HEIGHT = 150;
const OVER_EDGE_MM = PRIORS.overEdgeMm.value;

/**
 * How the angle is held: a blade on the stone with the gap under its spine and the coins that fill
 * it, or a stone tilted over a braced axe or machete; to true scale.
 */
export function HoldDrawing(props: {
  tool: Tool;
  zone: Zone;
  hold: Hold;
  coinThicknessMm: number;
}) {
  const { tool, zone, hold, coinThicknessMm } = props;
  const { guide } = hold;
  const [ref, width] = useWidth<SVGSVGElement>(360);
  return (
    <figure>
      <p className="text-soft">
        <Said>{heldAt(hold)}</Said>
      </p>
      <p className="sign figures text-3xl">
        <Said>{holdHeadline(guide)}</Said>
      </p>
      <p>
        <Said>{holdDetail(guide)}</Said>
      </p>
      <svg
        ref={ref}
        className="block w-full"
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="img"
        aria-label={`${holdHeadline(guide)}; ${holdDetail(guide)}`}
      >
        {isOverTool(guide) ? (
          <OverTool tool={tool} zone={zone} hold={hold} width={width} />
        ) : (
          <BladeOnStone
            tool={tool}
            zone={zone}
            angleDeg={hold.angleDeg}
            guide={guide}
            coinThicknessMm={coinThicknessMm}
            width={width}
          />
        )}
      </svg>
    </figure>
  );
}

function isOverTool(guide: HoldGuide): boolean {
  if (guide.way === 'lay it flat') return guide.lies === 'the stone';
  return guide.way !== 'lift the spine';
}

function BladeOnStone(props: {
  tool: Tool;
  zone: Zone;
  angleDeg: number;
  coinThicknessMm: number;
  width: number;
  guide: HoldGuide;
}) {
  const { tool, zone, angleDeg, coinThicknessMm, width, guide } = props;
  const stoneY = HEIGHT - 34;
  const rad = (angleDeg * Math.PI) / 180;
  const highMm = tool.bladeWidthMm * Math.sin(rad) + tool.spineThicknessMm;
  const scale = Math.min((width - 110) / tool.bladeWidthMm, (stoneY - 14) / highMm);
  const profile = sectionProfile(tool, zone);
  const at = (depthMm: number, halfMm: number): [number, number] => [
    30 + (depthMm * Math.cos(rad) + halfMm * Math.sin(rad)) * scale,
    stoneY - (depthMm * Math.sin(rad) - halfMm * Math.cos(rad)) * scale,
  ];
  const outline = [
    ...profile.map(({ depthMm, halfMm }) => at(depthMm, halfMm)),
    ...[...profile].reverse().map(({ depthMm, halfMm }) => at(depthMm, -halfMm)),
  ];
  const [spineX, spineY] = at(profile.at(-1)!.depthMm, profile.at(-1)!.halfMm);
  const coins = guide.way === 'lift the spine' ? guide.coins.coins : 0;
  const liftMm = guide.way === 'lift the spine' ? guide.liftMm : 0;
  return (
    <g>
      <rect x={6} y={stoneY} width={width - 12} height={16} fill="var(--rule)" />
      <polygon
        points={outline.map((p) => p.join(',')).join(' ')}
        fill="var(--steel-light)"
        stroke="var(--ink)"
        strokeWidth={1.6}
        strokeLinejoin="round"
      />
      {Array.from({ length: coins }, (_, i) => (
        <rect
          key={i}
          x={spineX - 26}
          y={stoneY - (i + 1) * coinThicknessMm * scale}
          width={24}
          height={coinThicknessMm * scale}
          fill="var(--rail)"
          stroke="var(--ink)"
        />
      ))}
      {liftMm > 0 && (
        <g stroke="var(--blaze)" strokeWidth={2}>
          <line x1={spineX + 10} x2={spineX + 10} y1={spineY} y2={stoneY} />
          <line x1={spineX + 4} x2={spineX + 16} y1={spineY} y2={spineY} />
          <line x1={spineX + 4} x2={spineX + 16} y1={stoneY} y2={stoneY} />
          <text
            className="figures"
            x={spineX + 20}
            y={(spineY + stoneY) / 2 + 6}
            stroke="none"
            fontSize={17}
            fontWeight={680}
          >
            {mm(liftMm)}
          </text>
        </g>
      )}
    </g>
  );
}

/** What is drawn of a strop over a tool, behind the edge (mm). */
const STROP_SHOWN_MM = 60;

/** A stone tilted over a tool that lies still, as long as it reaches; or a strop that bends around its edge. */
function OverTool(props: { tool: Tool; zone: Zone; hold: Hold; width: number }) {
  const { tool, zone, hold, width } = props;
  const { guide, angleDeg } = hold;
  const reachMm = guide.way === 'tilt the stone' ? guide.leverMm : STROP_SHOWN_MM;
  const profile = sectionProfile(tool, zone);
  const shownMm = reachMm * 1.25;
  const rad = (angleDeg * Math.PI) / 180;
  const middle = HEIGHT - 40;
  const scale = Math.min(
    (width - 40) / (shownMm + OVER_EDGE_MM),
    (middle - 8) / (reachMm * Math.sin(rad)),
  );
  const edgeX = 20 + OVER_EDGE_MM * scale;
  const points = profile.filter(({ depthMm }) => depthMm <= shownMm);
  const upper = points.map((p) => `${edgeX + p.depthMm * scale},${middle - p.halfMm * scale}`);
  const lower = [...points]
    .reverse()
    .map((p) => `${edgeX + p.depthMm * scale},${middle + p.halfMm * scale}`);
  const at = (mm: number): string =>
    `${edgeX + mm * Math.cos(rad) * scale},${middle - mm * Math.sin(rad) * scale}`;
  return (
    <g>
      <polygon
        points={[...upper, ...lower].join(' ')}
        fill="var(--steel-light)"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      <path
        d={
          guide.way !== 'draw it over'
            ? `M${at(-OVER_EDGE_MM)}L${at(reachMm)}`
            : `M${at(-OVER_EDGE_MM)}L${at(reachMm / 3)}Q${at((2 * reachMm) / 3)} ${edgeX + reachMm * scale},${middle - reachMm * Math.sin(rad / 2) * scale}`
        }
        fill="none"
        stroke="var(--ink)"
        strokeWidth={guide.way === 'draw it over' ? 4 : 8}
        strokeLinecap="round"
      />
    </g>
  );
}
