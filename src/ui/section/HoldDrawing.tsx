'use client';

import { holdGuide, sectionProfile, stoneInHand, type HoldGuide } from '../../core';
import type { Tool, Zone } from '../../domain/tool';
import { deg, mm } from '../format';
import { useWidth } from '../useWidth';
import { holdDetail, holdHeadline, MEASURED_AT_MM } from '../words/holdWords';

const HEIGHT = 150;

/**
 * How the angle is held: a blade on the stone with the gap under its spine and the coins that fill
 * it, or a stone tilted over a braced axe or machete; to true scale.
 */
export function HoldDrawing(props: {
  tool: Tool;
  zone: Zone;
  angleDeg: number;
  coinThicknessMm: number;
}) {
  const { tool, zone, angleDeg } = props;
  const hold = holdGuide({
    ...props,
    stoneInHand: stoneInHand(tool),
    stoneLengthMm: MEASURED_AT_MM,
  });
  const [ref, width] = useWidth<SVGSVGElement>(360);
  return (
    <figure>
      <p className="text-soft">{deg(angleDeg)} per side</p>
      <p className="sign figures text-3xl">{holdHeadline(hold)}</p>
      <p>{holdDetail(hold)}</p>
      <svg
        ref={ref}
        className="block w-full"
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="img"
        aria-label={`${holdHeadline(hold)}; ${holdDetail(hold)}`}
      >
        {hold.way === 'tilt the stone' ? (
          <StoneOverTool {...props} width={width} tiltDeg={hold.tiltDeg} />
        ) : (
          <BladeOnStone {...props} width={width} hold={hold} zone={zone} />
        )}
      </svg>
    </figure>
  );
}

function BladeOnStone(props: {
  tool: Tool;
  zone: Zone;
  angleDeg: number;
  coinThicknessMm: number;
  width: number;
  hold: HoldGuide;
}) {
  const { tool, zone, angleDeg, coinThicknessMm, width, hold } = props;
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
  const coins = hold.way === 'lift the spine' ? hold.coins.coins : 0;
  const liftMm = hold.way === 'lift the spine' ? hold.liftMm : 0;
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

function StoneOverTool(props: { tool: Tool; zone: Zone; tiltDeg: number; width: number }) {
  const { tool, zone, tiltDeg, width } = props;
  const profile = sectionProfile(tool, zone);
  const shownMm = MEASURED_AT_MM * 1.25;
  const rad = ((tiltDeg + zone.primaryAngleDeg) * Math.PI) / 180;
  const middle = HEIGHT - 40;
  const scale = Math.min((width - 40) / shownMm, (middle - 8) / (MEASURED_AT_MM * Math.sin(rad)));
  const points = profile.filter(({ depthMm }) => depthMm <= shownMm);
  const upper = points.map((p) => `${20 + p.depthMm * scale},${middle - p.halfMm * scale}`);
  const lower = [...points]
    .reverse()
    .map((p) => `${20 + p.depthMm * scale},${middle + p.halfMm * scale}`);
  const dx = Math.cos(rad) * scale;
  const dy = Math.sin(rad) * scale;
  return (
    <g>
      <polygon
        points={[...upper, ...lower].join(' ')}
        fill="var(--steel-light)"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      <line
        x1={20 - 8 * dx}
        y1={middle + 8 * dy}
        x2={20 + (MEASURED_AT_MM - 8) * dx}
        y2={middle - (MEASURED_AT_MM - 8) * dy}
        stroke="var(--ink)"
        strokeWidth={8}
        strokeLinecap="round"
      />
    </g>
  );
}
