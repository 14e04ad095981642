import {
  apexSection,
  labMoment,
  type LabCourse,
  type LabMoment,
  type Section,
} from '../../core/lab';
import { deg, um } from '../../ui/format';
import { useWidth } from '../../ui/useWidth';
import { labWords as say } from '../../ui/words/labWords';
import { StrokeRays } from './StrokeRays';
import { bevelWindow, outlinePath, placeOf, tipOf, type SectionWindow } from './sectionView';

export const VIEWS = ['bevel', 'edge', 'apex'] as const;
export type LabView = (typeof VIEWS)[number];

/** How deep each view looks (mm); the bevel's own by its face. */
const EDGE_MM = 0.11;
const APEX_MM = 0.012;
/** What is seen in front of the foremost point (mm). */
const BEFORE_EDGE_MM = 0.004;
const BEFORE_APEX_MM = 0.0005;
/** Beside each other, and one at a time. */
const HEIGHTS_PX = { several: 112, one: 190 } as const;
const LEAST_PX = 100;
/** Room for the bells at the rays' ends (px). */
const BELL_ROOM_PX = 34;

/** One way to work the edge after some strokes: the bevel with every stroke, the edge, and the apex. */
export function LabRow(props: {
  course: LabCourse;
  strokes: number;
  isRival: boolean;
  name: string;
  line: string;
  views: readonly LabView[];
}) {
  const { course, strokes, isRival, name, line, views } = props;
  const moment = labMoment(course, strokes);
  const { report, shorterUm } = moment;
  const shown = {
    course,
    moment,
    strokes,
    isRival,
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
  moment: LabMoment;
  strokes: number;
  isRival: boolean;
  heightPx: number;
}

function BevelView({ course, moment, strokes, isRival, heightPx }: Shown) {
  const [ref, width] = useWidth<SVGSVGElement>(360, LEAST_PX);
  const window = bevelWindow(course, { widthPx: width, heightPx, marginPx: BELL_ROOM_PX });
  return (
    <svg ref={ref} height={heightPx} className="block w-full" aria-hidden fontSize={13}>
      <Steel section={moment.section} window={window} isRival={isRival} />
      <StrokeRays
        strokes={course.strokes.slice(0, strokes)}
        at={placeOf(tipOf(moment.section), window)}
        lengthPx={window.rayPx}
      />
      <ScaleBar window={window} mm={1} label="1 mm" />
    </svg>
  );
}

function EdgeView({ course, moment, isRival, heightPx }: Shown) {
  const [ref, width] = useWidth<SVGSVGElement>(220, LEAST_PX);
  const window: SectionWindow = {
    // It stays where the edge was, until the edge has gone half out of it.
    fromMm: Math.max(
      tipOf(course.section).xMm - BEFORE_EDGE_MM,
      tipOf(moment.section).xMm - EDGE_MM / 2,
    ),
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
      <Steel section={moment.section} window={window} isRival={isRival} />
      <Before section={course.section} window={window} />
      <ScaleBar window={window} mm={0.02} label="20 µm" />
    </svg>
  );
}

function ApexView({ course, moment, isRival, heightPx }: Shown) {
  const [ref, width] = useWidth<SVGSVGElement>(220, LEAST_PX);
  const { section, report, isReached, radiusUm } = moment;
  const pxPerMm = (width - 4) / APEX_MM;
  const window = (tipMm: number): SectionWindow => ({
    fromMm: tipMm - BEFORE_APEX_MM,
    pxPerMm,
    heightPx,
  });
  const tip = tipOf(section);
  const own = window(tip.xMm);
  // The tips of all three lie on one line across.
  const levelled = {
    points: section.points.map(({ xMm, yMm }) => ({ xMm, yMm: yMm - tip.yMm })),
  };
  const angleDeg = report.edgeInclusiveDeg / 2;
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
          <Steel
            section={apexSection({ apexRadiusUm: radiusUm, apexAngleDeg: angleDeg })}
            window={window(facesMeetMm(report.apexWidthUm, angleDeg))}
            isRival={isRival}
          />
          <path d={outlinePath(levelled, own)} fill="none" stroke="var(--ink)" strokeWidth={0.7} />
        </>
      ) : (
        <Steel section={levelled} window={own} isRival={isRival} />
      )}
      <Before section={course.section} window={window(tipOf(course.section).xMm)} />
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

/** The edge as it is: full, its rival's line broken. */
function Steel(props: { section: Section; window: SectionWindow; isRival: boolean }) {
  return (
    <path
      d={outlinePath(props.section, props.window)}
      fill="var(--steel-light)"
      stroke="var(--ink)"
      strokeWidth={1.8}
      strokeDasharray={props.isRival ? '7 4' : undefined}
    />
  );
}

/** How far the sharp point that two faces point to lies behind the foremost point (mm); below zero, before it. */
function facesMeetMm(apexWidthUm: number, angleDeg: number): number {
  const pointedUm = apexWidthUm / 2 / Math.tan((angleDeg * Math.PI) / 180) - 3;
  return pointedUm / 1000;
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
