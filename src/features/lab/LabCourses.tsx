'use client';

import { bin, extent } from 'd3-array';
import { scaleLinear, scaleLog, type ScaleLinear } from 'd3-scale';
import { area } from 'd3-shape';
import { mostReachApex, type LabCourse, type Quantiles, type LabAnswer } from '../../core/lab';
import { deg, grams } from '../../ui/format';
import {
  apart,
  Band,
  Course,
  FootAxis,
  Grip,
  Label,
  LevelAxis,
  Plot,
  Reading,
  ticksOf,
  type Frame,
} from '../../ui/plot';
import { labWords as say } from '../../ui/words/labWords';

const BELL_PX = 60;
/** A label this near to the top goes below its mark (px). */
const NEAR_TOP_PX = 30;
const BINS = 30;
/** Room for a figure up the side, and for one along the foot (px). */
const LINE_PX = 15;
const COUNT_PX = 36;

/** Angle and grams over the strokes, either way, with the scrub grip; at the end the spread of all sharpenings. */
export function LabCourses(props: {
  answer: LabAnswer;
  names: readonly string[];
  strokes: number;
  onStrokes: (strokes: number) => void;
}) {
  const { answer, names, strokes, onStrokes } = props;
  const most = Math.max(...answer.courses.map(({ at }) => at.at(-1)!));
  return (
    <div className="grid gap-1">
      <CourseChart
        answer={answer}
        names={names}
        most={most}
        of="edge"
        title={say.edgeCourse}
        words={(value) => deg(value)}
      />
      <CourseChart
        answer={answer}
        names={names}
        most={most}
        of="grams"
        title={say.gramsCourse}
        words={(value) => grams(Math.round(value))}
        grip={{ strokes, onStrokes }}
      />
    </div>
  );
}

function CourseChart(props: {
  answer: LabAnswer;
  names: readonly string[];
  most: number;
  of: 'edge' | 'grams';
  title: string;
  words: (value: number) => string;
  grip?: { strokes: number; onStrokes: (strokes: number) => void };
}) {
  const { answer, names, most, of, title, words, grip } = props;
  const all = answer.courses.flatMap((course) => course[of].flatMap(({ p16, p84 }) => [p16, p84]));
  const [least, highest] = extent(all) as [number, number];
  const pad = 0.08 * (highest - least || 1);
  const domain = [Math.max(0.1, least - pad), highest + pad];
  const says = answer.courses
    .map((course, i) => `${names[i]}: ${words(course[of].at(-1)!.p50)}`)
    .join('; ');
  return (
    <div>
      <h3 className="text-base">{title}</h3>
      <Plot
        height={grip ? 130 : 88}
        margin={{ left: 52, right: BELL_PX + 84, top: 8, bottom: grip ? 42 : 8 }}
        label={`${title}. ${says}`}
        fontSize={13}
        firstWidth={600}
        x={(range) => scaleLinear([0, most], range)}
        y={(range) => (of === 'grams' ? scaleLog(domain, range) : scaleLinear(domain, range))}
        onScrub={
          grip && ((px, x) => grip.onStrokes(Math.round(Math.min(most, Math.max(0, x.invert(px))))))
        }
      >
        {({ x, y, frame }) => (
          <>
            <LevelAxis
              frame={frame}
              ticks={apart(
                ticksOf(y, 3, (value) => String(Math.round(value))),
                LINE_PX,
              )}
              hasLines
            />
            <Lines answer={answer} of={of} x={x} y={y} />
            {answer.courses.length === 1 && (
              <StonesTakenUp course={answer.courses[0]!} frame={frame} x={x} />
            )}
            {of === 'grams' && <Reached answer={answer} most={most} x={x} y={y} />}
            {answer.courses.map((course, i) => (
              <Ends
                key={`ends ${i}`}
                values={course.ends[of]}
                y={y}
                left={frame.right}
                isRival={i === 1}
              />
            ))}
            <EndLabels
              x={frame.right + BELL_PX + 6}
              labels={answer.courses.map((course, i) => ({
                y: y(course[of].at(-1)!.p50),
                text: words(course[of].at(-1)!.p50),
                isBold: i === 0,
              }))}
            />
            {grip && <Scrub frame={frame} x={x} most={most} {...grip} />}
          </>
        )}
      </Plot>
    </div>
  );
}

/** Either way's middle and range. */
function Lines(props: {
  answer: LabAnswer;
  of: 'edge' | 'grams';
  x: (stroke: number) => number;
  y: (value: number) => number;
}) {
  const { answer, of, x, y } = props;
  const drawn = answer.courses.map((course) => points(course, of));
  return (
    <>
      {drawn.map((data, i) => (
        <Band
          key={i}
          data={data}
          x={({ at }) => x(at)}
          low={({ value }) => y(value.p16)}
          high={({ value }) => y(value.p84)}
        />
      ))}
      {drawn.map((data, i) => (
        <Course
          key={i}
          data={data}
          x={({ at }) => x(at)}
          y={({ value }) => y(value.p50)}
          dash={i === 1 ? '7 4' : undefined}
        />
      ))}
    </>
  );
}

/** Where the next stone is taken up, by its number. */
function StonesTakenUp(props: { course: LabCourse; frame: Frame; x: (stroke: number) => number }) {
  const { course, frame, x } = props;
  return course.stones.slice(1).map(({ from }, i) => (
    <g key={from}>
      <path
        d={`M${x(from)},${frame.top}V${frame.bottom}`}
        stroke="var(--ink)"
        strokeDasharray="1 4"
      />
      <text x={x(from) + 4} y={frame.top + 11} fontWeight={700}>
        {i + 2}
      </text>
    </g>
  ));
}

/** Where the apex was reached, in the middle of all sharpenings. */
function Reached(props: {
  answer: LabAnswer;
  most: number;
  x: (stroke: number) => number;
  y: (grams: number) => number;
}) {
  const { answer, most, x, y } = props;
  return answer.courses.map((course, i) => {
    const reached = course.apexReachedAt?.p50;
    if (reached === undefined || reached > most || !mostReachApex(course)) return null;
    const stroke = Math.round(reached);
    const at = { x: x(stroke), y: y(gramsAtStroke(course, stroke)) };
    return (
      <g key={i}>
        <Reading {...at} isFull={i === 0} />
        <Label x={at.x + 9} y={at.y < NEAR_TOP_PX ? at.y + 20 : at.y - 8}>
          {say.reachedAt(stroke)}
        </Label>
      </g>
    );
  });
}

/** The rule of strokes along the foot, and the grip on it. */
function Scrub(props: {
  frame: Frame;
  x: ScaleLinear<number, number>;
  most: number;
  strokes: number;
  onStrokes: (strokes: number) => void;
}) {
  const { frame, x, most, strokes, onStrokes } = props;
  return (
    <>
      <FootAxis frame={frame} ticks={apart(ticksOf(x, 6), COUNT_PX)} hasRule hasMarks dropPx={20} />
      <path
        d={`M${x(strokes)},${frame.top}V${frame.bottom}`}
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      <Grip
        x={x(strokes)}
        y={frame.bottom}
        at={strokes}
        count={most + 1}
        label={say.scrub}
        value={{ least: 0, most, now: strokes, words: say.strokeOf(strokes, most) }}
        onMove={onStrokes}
      />
    </>
  );
}

function points(course: LabCourse, of: 'edge' | 'grams'): { at: number; value: Quantiles }[] {
  return course.at.map((at, i) => ({ at, value: course[of][i]! }));
}

/** Grams in the middle of all sharpenings after some strokes, between the counts that were looked at. */
function gramsAtStroke({ at, grams: course }: LabCourse, stroke: number): number {
  return scaleLinear(
    at,
    course.map(({ p50 }) => p50),
  ).clamp(true)(stroke);
}

/** Where all sharpenings ended, on the scale of the courses. */
function Ends(props: {
  values: readonly number[];
  y: (value: number) => number;
  left: number;
  isRival: boolean;
}) {
  const { values, y, left, isRival } = props;
  const bins = bin().thresholds(BINS)(values);
  const most = Math.max(...bins.map(({ length }) => length));
  const shape = area<(typeof bins)[number]>()
    .y(({ x0, x1 }) => y((x0! + x1!) / 2))
    .x0(left + 4)
    .x1(({ length }) => left + 4 + (BELL_PX * length) / most);
  return (
    <path
      d={bins.length > 1 ? shape(bins)! : `M${left + 4},${y(values[0]!)}h${BELL_PX}`}
      fill={isRival ? 'none' : 'var(--steel)'}
      stroke="var(--ink)"
      strokeWidth={1.2}
      strokeDasharray={isRival ? '4 3' : undefined}
    />
  );
}

/** A label, or two that never lie on each other. */
function EndLabels(props: {
  x: number;
  labels: readonly { y: number; text: string; isBold: boolean }[];
}) {
  const a = props.labels[0]!;
  const b = props.labels[1] ?? { y: Infinity };
  const apart = 16;
  const near = Math.abs(a.y - b.y) < apart;
  const middle = (a.y + b.y) / 2;
  const sign = a.y <= b.y ? -1 : 1;
  return props.labels.map(({ text, isBold, y }, i) => (
    <text
      key={text + String(i)}
      x={props.x}
      y={4 + (near ? middle + (i === 0 ? sign : -sign) * (apart / 2) : y)}
      fontWeight={isBold ? 700 : undefined}
    >
      {text}
    </text>
  ));
}
