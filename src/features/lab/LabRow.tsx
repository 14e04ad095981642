import {
  grindSection,
  groundRadiusUm,
  geometricRadiusUm,
  sectionReport,
  stoneFinishUm,
} from '../../core';
import type { LabCourse, Section } from '../../core';
import { deg, um } from '../../ui/format';
import { useWidth } from '../../ui/useWidth';
import { labWords as say } from '../../ui/words/labWords';
import { StrokeRays } from './StrokeRays';
import {
  fittingScale,
  outlinePath,
  placeOf,
  tipMm,
  tipOf,
  type SectionWindow,
} from './sectionView';

export const VIEWS = ['bevel', 'edge', 'apex'] as const;
export type LabView = (typeof VIEWS)[number];

/** How deep each view looks (mm); the bevel's own by its face. */
const EDGE_MM = 0.11;
const APEX_MM = 0.012;
/** Beside each other, and one at a time. */
const HEIGHTS_PX = { several: 112, one: 190 } as const;
const LEAST_PX = 100;
/** Rays are so long, as a share of the worked face. */
const RAY_SHARE = 0.9;
/** Room for the bells at the rays' ends (px). */
const BELL_ROOM_PX = 34;

/** One way to work the edge after some strokes: the bevel with every stroke, the edge, and the apex. */
export function LabRow(props: {
  course: LabCourse;
  startUm: number;
  apexAngleDeg: number;
  strokes: number;
  isRival: boolean;
  name: string;
  line: string;
  views: readonly LabView[];
}) {
  const { course, startUm, apexAngleDeg, strokes, isRival, name, line, views } = props;
  const done = course.strokes.slice(0, strokes);
  const ground = grindSection({ section: course.section, strokes: done });
  const report = sectionReport({ section: ground.section });
  const radiusUm = groundRadiusUm({
    geometricUm: geometricRadiusUm({ apexWidthUm: report.apexWidthUm, apexAngleDeg }),
    beforeUm: startUm,
    finishUm: stoneFinishUm(course.way.experiment.stone),
    isReached: ground.apexReachedAt !== null,
  });
  const shorterUm = 1000 * (tipMm(ground.section) - tipMm(course.section));
  const shown = {
    course,
    ground: ground.section,
    done,
    isRival,
    isReached: ground.apexReachedAt !== null,
    radiusUm,
    apexWidthUm: report.apexWidthUm,
    edgeDeg: report.edgeInclusiveDeg,
    heightPx: views.length > 1 ? HEIGHTS_PX.several : HEIGHTS_PX.one,
  };
  return (
    <section aria-label={name} className="border-t border-rule pt-1 first:border-0">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h2 className="text-lg">{name}</h2>
        <p className="text-soft">{line}</p>
        <p className="ml-auto">
          <b className="sign text-2xl">{deg(report.edgeInclusiveDeg)}</b>{' '}
          <span>
            {say.atTheBevel(deg(report.bevelInclusiveDeg))}
            {shorterUm >= 0.5 ? `, ${say.shorter(um(shorterUm))}` : ''}
          </span>
        </p>
      </div>
      <div
        className="grid gap-2"
        style={{ gridTemplateColumns: views.length > 1 ? '1.75fr 1fr 1fr' : '1fr' }}
      >
        {views.includes('bevel') && <BevelView {...shown} />}
        {views.includes('edge') && <EdgeView {...shown} />}
        {views.includes('apex') && <ApexView {...shown} />}
      </div>
    </section>
  );
}

interface Shown {
  course: LabCourse;
  ground: Section;
  done: LabCourse['strokes'];
  isRival: boolean;
  isReached: boolean;
  radiusUm: number;
  apexWidthUm: number;
  edgeDeg: number;
  heightPx: number;
}

function BevelView({ course, ground, done, isRival, heightPx }: Shown) {
  const [ref, width] = useWidth<SVGSVGElement>(360, LEAST_PX);
  const shoulder = course.section.points[1]!;
  const rayMm = RAY_SHARE * Math.hypot(shoulder.xMm, shoulder.yMm);
  const steepest = Math.max(...course.strokes.map(({ angleDeg }) => angleDeg));
  const window: SectionWindow = {
    fromMm: -0.03 * shoulder.xMm,
    pxPerMm: fittingScale(
      { widthPx: width, heightPx: heightPx - BELL_ROOM_PX },
      {
        depthMm: 1.2 * shoulder.xMm,
        thicknessMm: 2 * rayMm * Math.sin((steepest * Math.PI) / 180),
      },
    ),
    heightPx,
  };
  const at = placeOf(tipOf(ground), window);
  const lengthPx = rayMm * window.pxPerMm;
  return (
    <svg ref={ref} height={heightPx} className="block w-full" aria-hidden fontSize={13}>
      <path
        d={outlinePath(ground, window)}
        fill="var(--steel-light)"
        stroke="var(--ink)"
        strokeWidth={1.8}
        strokeDasharray={isRival ? '7 4' : undefined}
      />
      <StrokeRays strokes={done} at={at} lengthPx={lengthPx} />
      <ScaleBar window={window} mm={1} label="1 mm" />
    </svg>
  );
}

function EdgeView({ course, ground, isRival, heightPx }: Shown) {
  const [ref, width] = useWidth<SVGSVGElement>(220, LEAST_PX);
  const window: SectionWindow = {
    fromMm: -0.004 + Math.min(tipMm(course.section), tipMm(ground)),
    pxPerMm: (width - 4) / EDGE_MM,
    heightPx,
  };
  return (
    <svg
      ref={ref}
      height={heightPx}
      className="block w-full overflow-hidden"
      aria-hidden
      fontSize={13}
    >
      <path
        d={outlinePath(ground, window)}
        fill="var(--steel-light)"
        stroke="var(--ink)"
        strokeWidth={1.8}
        strokeDasharray={isRival ? '7 4' : undefined}
      />
      <Before section={course.section} window={window} />
      <ScaleBar window={window} mm={0.02} label="20 µm" />
    </svg>
  );
}

function ApexView(props: Shown) {
  const [ref, width] = useWidth<SVGSVGElement>(220, LEAST_PX);
  const { course, ground, isRival, isReached, radiusUm, apexWidthUm, edgeDeg, heightPx } = props;
  const pxPerMm = (width - 4) / APEX_MM;
  const window = (section: Section): SectionWindow => ({
    fromMm: tipMm(section) - 0.0005,
    pxPerMm,
    heightPx,
  });
  const own = window(ground);
  const tip = tipOf(ground);
  // The tips of all three lie on one line across.
  const levelled = {
    points: ground.points.map(({ xMm, yMm }) => ({ xMm, yMm: yMm - tip.yMm })),
  };
  const filled = {
    fill: 'var(--steel-light)',
    stroke: 'var(--ink)',
    strokeWidth: 1.8,
    strokeDasharray: isRival ? '7 4' : undefined,
  };
  return (
    <svg
      ref={ref}
      height={heightPx}
      className="block w-full overflow-hidden"
      aria-hidden
      fontSize={13}
    >
      {isReached ? (
        <>
          <path
            d={outlinePath(roundedApex(radiusUm / 1000, edgeDeg / 2), {
              fromMm: facesMeetMm(apexWidthUm, edgeDeg / 2) - 0.0005,
              pxPerMm,
              heightPx,
            })}
            {...filled}
          />
          <path d={outlinePath(levelled, own)} fill="none" stroke="var(--ink)" strokeWidth={0.7} />
        </>
      ) : (
        <path d={outlinePath(levelled, own)} {...filled} />
      )}
      <Before section={course.section} window={window(course.section)} />
      <text
        x={width - 6}
        y={heightPx / 2 + 5}
        textAnchor="end"
        fontSize={16}
        fontWeight={700}
        fill="var(--ink)"
      >
        {um(radiusUm)}
      </text>
      <ScaleBar window={own} mm={0.002} label="2 µm" />
    </svg>
  );
}

/** How far the sharp point that two faces point to lies behind the foremost point (mm); below zero, before it. */
function facesMeetMm(apexWidthUm: number, angleDeg: number): number {
  const pointedUm = apexWidthUm / 2 / Math.tan((angleDeg * Math.PI) / 180) - 3;
  return pointedUm / 1000;
}

/** An apex of a radius between faces of an angle, its sharp point at 0. */
function roundedApex(radiusMm: number, angleDeg: number): Section {
  const turn = (angleDeg * Math.PI) / 180;
  const centreMm = radiusMm / Math.sin(turn);
  const arc = Array.from({ length: 17 }, (_, i) => {
    const from = (Math.PI / 2 - turn) * (1 - i / 8);
    return { xMm: centreMm - radiusMm * Math.cos(from), yMm: radiusMm * Math.sin(from) };
  });
  const far = { xMm: 0.1, yMm: 0.1 * Math.tan(turn) };
  return { points: [far, ...arc, { xMm: far.xMm, yMm: -far.yMm }] };
}

/** The edge as it was: dotted. */
function Before({ section, window }: { section: Section; window: SectionWindow }) {
  return (
    <path
      d={outlinePath(section, window)}
      fill="none"
      stroke="var(--ink)"
      strokeWidth={1.4}
      strokeDasharray="1 4"
      strokeLinecap="round"
    />
  );
}

function ScaleBar({ window, mm, label }: { window: SectionWindow; mm: number; label: string }) {
  const y = window.heightPx - 6;
  const length = mm * window.pxPerMm;
  return (
    <g stroke="var(--ink)" fill="var(--ink)">
      <path d={`M4,${y - 4}V${y}H${4 + length}V${y - 4}`} fill="none" strokeWidth={1.3} />
      <text x={4 + length + 6} y={y} stroke="none">
        {label}
      </text>
    </g>
  );
}
