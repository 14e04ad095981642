import { sectionProfile } from '../../core/edge';
import type { ToolKind } from '../../domain/kinds';
import { typicalTool } from '../../domain/typicalTools';
import type { Zone } from '../../domain/tool';
import { deg, fineMm } from '../format';
import { pictureWords as say } from '../words/glossary/pictureWords';
import { Hair, HEIGHT, LINE, rad, STEEL, timesLarger, wedgePath, WIDTH, Words } from './parts';

const MIDDLE = HEIGHT / 2;

/** An angle between the middle of the blade and one face, or between both faces. */
export function AnglePicture({ both = false }: { both?: boolean }) {
  const angleDeg = 15;
  const r = 150;
  const arc = (from: number, to: number): string =>
    `M${14 + r * Math.cos(rad(from))},${MIDDLE - r * Math.sin(rad(from))}A${r},${r} 0 0 1 ${14 + r * Math.cos(rad(to))},${MIDDLE - r * Math.sin(rad(to))}`;
  return (
    <g>
      <path d={wedgePath(14, MIDDLE, 200, angleDeg)} {...STEEL} />
      <path d={`M14,${MIDDLE}H240`} {...LINE} strokeDasharray="7 4 2 4" />
      <path d={arc(angleDeg, both ? -angleDeg : 0)} {...LINE} strokeWidth={3} />
      <Words x={226} y={both ? 60 : 44} bold>
        {both ? deg(2 * angleDeg) : deg(angleDeg)}
      </Words>
      <Words x={226} y={both ? 106 : 64}>
        {both ? say.inclusive : say.perSide}
      </Words>
    </g>
  );
}

/** The section of a usual tool from its edge back, to true scale, with one part of it drawn heavy. */
export function SectionPicture(props: {
  kind: ToolKind;
  change?: Partial<Zone>;
  /** How far behind the edge it is drawn. */
  depthMm: number;
  /** The part that is meant (mm behind the edge). */
  heavy?: readonly [fromMm: number, toMm: number];
  /** Places that are dotted, on both faces. */
  dots?: readonly number[];
  /** Places where the thickness is measured. */
  measured?: readonly number[];
  words?: string;
}) {
  const { kind, change, depthMm, heavy, dots = [], measured = [], words } = props;
  const tool = typicalTool(kind, '');
  const profile = sectionProfile(tool, { ...tool.zones[0]!, ...change });
  const mostMm = halfAt(profile, depthMm);
  const pxPerMm = Math.min((WIDTH - 30) / depthMm, 56 / mostMm);
  const right = 14 + depthMm * pxPerMm;
  const at = (depth: number, side: 1 | -1): string =>
    `${14 + depth * pxPerMm},${MIDDLE - 10 + side * halfAt(profile, depth) * pxPerMm}`;
  const depths = (from: number, to: number): number[] =>
    Array.from({ length: 41 }, (_, i) => from + ((to - from) * i) / 40);
  const side = (from: number, to: number, which: 1 | -1): string =>
    depths(from, to)
      .map((depth) => at(depth, which))
      .join('L');
  return (
    <g>
      <path
        d={`M${side(0, depthMm, -1)}L${depths(0, depthMm)
          .reverse()
          .map((depth) => at(depth, 1))
          .join('L')}Z`}
        {...STEEL}
        strokeWidth={1.4}
      />
      <path d={`M14,${MIDDLE - 10}H${right}`} {...LINE} strokeWidth={1} strokeDasharray="7 4 2 4" />
      {heavy &&
        ([1, -1] as const).map((which) => (
          <path key={which} d={`M${side(...heavy, which)}`} {...LINE} strokeWidth={5} />
        ))}
      {dots.map((depth) =>
        ([1, -1] as const).map((which) => {
          const [cx, cy] = at(depth, which).split(',');
          return <circle key={`${depth}${which}`} cx={cx} cy={cy} r={6} fill="var(--ink)" />;
        }),
      )}
      {measured.map((depth, i) => (
        <g key={depth}>
          <path d={`M${at(depth, -1)}L${at(depth, 1)}`} {...LINE} strokeWidth={3} />
          <Words x={14 + depth * pxPerMm + 6} y={22 + 17 * i} bold>
            {fineMm(2 * halfAt(profile, depth))}
          </Words>
        </g>
      ))}
      {words && (
        <Words x={14} y={22} bold>
          {words}
        </Words>
      )}
      <Hair x={14} y={HEIGHT - 10} pxPerMm={pxPerMm} words={say.hair} />
      <Words x={WIDTH - 4} y={HEIGHT - 5} end>
        {say.larger(timesLarger(pxPerMm))}
      </Words>
    </g>
  );
}

function halfAt(profile: readonly { depthMm: number; halfMm: number }[], depthMm: number): number {
  const after = profile.findIndex((point) => point.depthMm >= depthMm);
  if (after < 0) return profile.at(-1)!.halfMm;
  if (after === 0) return profile[0]!.halfMm;
  const [a, b] = [profile[after - 1]!, profile[after]!];
  const share = (depthMm - a.depthMm) / (b.depthMm - a.depthMm || 1);
  return a.halfMm + share * (b.halfMm - a.halfMm);
}

/** How round the very edge is: a circle within its end. */
export function ApexPicture({ radiusUm, words }: { radiusUm: number; words: string }) {
  const pxPerUm = 9;
  const r = radiusUm * pxPerUm;
  const angle = rad(20);
  const centre = 40 + r;
  const touchX = centre - r * Math.sin(angle);
  const touchY = r * Math.cos(angle);
  const end = 205;
  const half = touchY + (end - touchX) * Math.tan(angle);
  return (
    <g>
      <path
        d={`M${end},${MIDDLE - half}L${touchX},${MIDDLE - touchY}A${r},${r} 0 0 0 ${touchX},${MIDDLE + touchY}L${end},${MIDDLE + half}`}
        {...STEEL}
      />
      <circle cx={centre} cy={MIDDLE} r={r} {...LINE} strokeDasharray="3 4" />
      <path d={`M${centre},${MIDDLE}H${centre - r}`} {...LINE} />
      <Words x={centre + r + 12} y={MIDDLE + 5} bold>
        {words}
      </Words>
      <Words x={WIDTH - 4} y={HEIGHT - 5} end>
        {say.larger(timesLarger(pxPerUm * 1000))}
      </Words>
    </g>
  );
}

/** A lip of steel bent over the end of the edge, or the edge itself bent over. */
export function LipPicture({ isBurr }: { isBurr: boolean }) {
  const pxPerMm = 900;
  return (
    <g>
      <path
        d={
          isBurr
            ? 'M250,20L70,66C50,70 38,62 40,40C22,58 30,88 62,90L250,122'
            : 'M250,22L96,58C62,64 40,76 26,98C58,96 76,92 100,86L250,118'
        }
        {...STEEL}
      />
      {isBurr && (
        <>
          <path d="M70,34V66M64,34H76M64,66H76" {...LINE} />
          <Words x={82} y={42} bold>
            {say.um(40)}
          </Words>
        </>
      )}
      <Hair x={256} y={84} pxPerMm={pxPerMm} words="" />
      <Words x={WIDTH - 4} y={134} end>
        {say.hair}
      </Words>
      <Words x={14} y={HEIGHT - 5}>
        {say.larger(timesLarger(pxPerMm))}
      </Words>
    </g>
  );
}
