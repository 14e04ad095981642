'use client';

import { uiSectionWords as say } from '../words/sectionWords';
import { useId, useState } from 'react';
import { profileThickness, sectionProfile, type ProfilePoint } from '../../core/edge';
import type { Tool, Zone } from '../../domain/tool';
import { fineMm, mm } from '../format';
import { useWidth } from '../useWidth';
import { roundedSide, scaleBar, sectionViews, type SectionView } from './drawing';

const HEIGHT = 312;
const LEFT = 34;
/** The steel stands in a band of its own; words stand above it, figures and scale below. */
const TOP = 54;
const FOOT = 56;
const MIDDLE = (TOP + HEIGHT - FOOT) / 2;
const BAND = HEIGHT - TOP - FOOT;
/** Half the room of a figure, so that none is cut at the sides. */
const HALF_FIGURE = 60;

/**
 * The section of one zone, apex to the left, to true scale at four zoom steps, with its angles and
 * its thickness behind the edge. Redraws as the measures change.
 */
export function SectionDrawing(props: {
  tool: Pick<Tool, 'bladeWidthMm' | 'spineThicknessMm'>;
  zone: Zone;
  apexRadiusUm: number | null;
  /** The zone as it is now, drawn dashed behind the one that is planned. */
  asItIs?: Zone | null;
}) {
  const { tool, zone, apexRadiusUm, asItIs } = props;
  const [viewId, setViewId] = useState<SectionView['id']>('bevel');
  const [ref, width] = useWidth<SVGSVGElement>(560);
  const bandId = useId();
  const profile = sectionProfile(tool, zone);
  const views = sectionViews(profile, shoulderDepth(profile, zone));
  const view = views.find(({ id }) => id === viewId)!;
  // One scale for both directions: a short steep bevel is bound by the height.
  const scale = Math.min(
    (width - LEFT - 12) / view.depthMm,
    (BAND - 8) / profileThickness(profile, view.depthMm),
  );
  return (
    <figure>
      <svg
        ref={ref}
        className="block w-full"
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="img"
        aria-label={say.sectionLabel(
          view.label,
          zone.bevelAngleDeg,
          profileThickness(profile, 0.25),
        )}
      >
        <clipPath id={bandId}>
          <rect y={TOP} width={LEFT + view.depthMm * scale} height={BAND} />
        </clipPath>
        <g clipPath={`url(#${bandId})`}>
          <Steel
            profile={profile}
            apexMm={(apexRadiusUm ?? 0) / 1000}
            scale={scale}
            width={width}
          />
          {asItIs && <Ghost profile={sectionProfile(tool, asItIs)} scale={scale} />}
        </g>
        {asItIs && (
          <text x={width - 8} y={44} textAnchor="end" fontSize={15} fill="var(--blaze)">
            {say.dashedAsItIs}
          </text>
        )}
        <AngleMark zone={zone} width={width} />
        {view.id === 'edge' && (
          <Thickness profile={profile} scale={scale} width={width} at={[0.25, 1]} />
        )}
        {view.id === 'bevel' && view.depthMm > 1.6 && (
          <Thickness profile={profile} scale={scale} width={width} at={[1]} />
        )}
        <ScaleBar scale={scale} width={width} />
      </svg>
      <figcaption className="mt-1 flex flex-wrap gap-1" role="group" aria-label={say.zoom}>
        {views.map(({ id, label }) => (
          <button
            key={id}
            type="button"
            className={`btn btn-sm px-3 ${id === viewId ? 'btn-neutral' : 'btn-ghost'}`}
            aria-pressed={id === viewId}
            onClick={() => setViewId(id)}
          >
            {label}
          </button>
        ))}
      </figcaption>
    </figure>
  );
}

/** Depth (mm) at which the bevel ends. */
function shoulderDepth(profile: readonly ProfilePoint[], zone: Zone): number {
  const half = zone.shoulderThicknessMm / 2;
  return (profile.find(({ halfMm }) => halfMm >= half - 1e-6) ?? profile.at(-1)!).depthMm;
}

function Steel(props: {
  profile: readonly ProfilePoint[];
  apexMm: number;
  scale: number;
  width: number;
}) {
  const { profile, apexMm, scale, width } = props;
  const side = roundedSide(profile, apexMm);
  const far = (width + 60 - LEFT) / scale;
  const shown = [...side, [far, side.at(-1)![1]] as const].filter(([depth]) => depth <= far);
  // The point beyond the drawing keeps the last visible face on its line.
  const next = side.find(([depth]) => depth > far);
  const points = next ? [...shown.filter(([d]) => d < far), next] : shown;
  const upper = points.map(([d, h]) => `${LEFT + d * scale},${MIDDLE - h * scale}`);
  const lower = [...points].reverse().map(([d, h]) => `${LEFT + d * scale},${MIDDLE + h * scale}`);
  return (
    <g>
      <polygon
        points={[...upper, ...lower].join(' ')}
        fill="var(--steel-light)"
        stroke="var(--ink)"
        strokeWidth={1.6}
        strokeLinejoin="round"
      />
      <line
        x1={8}
        x2={width}
        y1={MIDDLE}
        y2={MIDDLE}
        stroke="var(--ink)"
        strokeDasharray="2 6"
        strokeWidth={1}
      />
    </g>
  );
}

/** The outline of the section before the change. */
function Ghost(props: { profile: readonly ProfilePoint[]; scale: number }) {
  const { profile, scale } = props;
  const side = (sign: number): string =>
    profile.map((p) => `${LEFT + p.depthMm * scale},${MIDDLE + sign * p.halfMm * scale}`).join(' ');
  return (
    <g fill="none" stroke="var(--blaze)" strokeWidth={1.8} strokeDasharray="7 5">
      <polyline points={side(-1)} />
      <polyline points={side(1)} />
    </g>
  );
}

function AngleMark({ zone, width }: { zone: Zone; width: number }) {
  const micro = zone.microBevel;
  const behind =
    zone.grind === 'convex'
      ? say.arcToAtTheCheek(zone.bevelAngleDeg, zone.primaryAngleDeg)
      : say.bevelPerSide(zone.bevelAngleDeg);
  return (
    <g fontSize={16} className="figures">
      <text x={10} y={22} fontWeight={640}>
        {micro ? say.microBevelPerSide(micro.angleDeg, micro.faceWidthMm) : behind}
      </text>
      {micro && (
        <text x={10} y={44}>
          {behind}
        </text>
      )}
      <text x={width - 8} y={22} textAnchor="end" fill="var(--soft)">
        {say.inclusive(2 * (micro?.angleDeg ?? zone.bevelAngleDeg))}
      </text>
    </g>
  );
}

/** Dimension lines of the thickness behind the edge. */
function Thickness(props: {
  profile: readonly ProfilePoint[];
  scale: number;
  width: number;
  at: number[];
}) {
  const { profile, scale, width, at } = props;
  return (
    <g className="figures" fontSize={15}>
      {at.map((distanceMm) => {
        const thicknessMm = profileThickness(profile, distanceMm);
        const x = LEFT + distanceMm * scale;
        const half = (thicknessMm / 2) * scale;
        return (
          <g key={distanceMm} stroke="var(--blaze)" strokeWidth={1.6}>
            <line x1={x} x2={x} y1={MIDDLE - half} y2={HEIGHT - FOOT + 6} />
            <text
              x={Math.min(Math.max(x, HALF_FIGURE), width - HALF_FIGURE)}
              y={HEIGHT - FOOT + 22}
              textAnchor="middle"
              stroke="none"
              fill="var(--ink)"
            >
              {say.thickAtDistance(
                thicknessMm,
                distanceMm < 1 ? fineMm(distanceMm) : mm(distanceMm),
              )}
            </text>
          </g>
        );
      })}
    </g>
  );
}

function ScaleBar({ scale, width }: { scale: number; width: number }) {
  const { lengthMm, label } = scaleBar(110 / scale);
  const x1 = width - 14;
  const x0 = x1 - lengthMm * scale;
  return (
    <g stroke="var(--ink)" strokeWidth={1.6}>
      <path d={`M${x0},${HEIGHT - 14}v8H${x1}v-8`} fill="none" />
      <text
        className="figures"
        x={x0 - 8}
        y={HEIGHT - 5}
        textAnchor="end"
        stroke="none"
        fill="var(--ink)"
        fontSize={14}
      >
        {label}
      </text>
    </g>
  );
}
