'use client';

import { scaleLinear } from 'd3-scale';
import { extent } from 'd3-array';
import { askCourses, type CourseAnswer, type CourseQuestionId } from '../../core/lab';
import { edgeName } from '../../domain/edgeName';
import { figure } from '../../ui/format';
import { Course, FootAxis, Label, Level, LevelAxis, Plot, Reading, ticksOf } from '../../ui/plot';
import {
  COURSE_WORDS,
  courseCatch,
  courseTitle,
  labWords as say,
  WAY_WORDS,
} from '../../ui/words/labWords';
import { LabFrame } from './LabFrame';
import type { Lab } from './useLab';
import type { ShortAnswers } from './useShortAnswers';

/** A question that closed formulas answer: two courses on one axis, what is asked as a level, and the figures. */
export function CourseLab(props: { lab: Lab; question: CourseQuestionId; answers: ShortAnswers }) {
  const { lab, question, answers } = props;
  const { need, edge, experiment } = lab;
  const answer = askCourses({ question, edge, experiment });
  const title = courseTitle(answer, edgeName(need.tool, need.zone));
  return (
    <LabFrame
      lab={lab}
      answers={answers}
      title={title}
      line={courseCatch(answer)}
      main={<CourseChart answer={answer} label={title} />}
      aside={<CourseTable answer={answer} />}
    />
  );
}

function CourseChart({ answer, label }: { answer: CourseAnswer; label: string }) {
  const { lines, level, question } = answer;
  const words = COURSE_WORDS[question];
  const names = WAY_WORDS[question];
  const values = lines.flatMap(({ points }) => points.map(({ value }) => value));
  const [least, most] = extent([...values, ...(level === null ? [] : [level])]) as [number, number];
  const pad = 0.1 * (most - least || 1);
  const end = lines[0].points.at(-1)!.at;
  return (
    <div>
      <h3 className="text-base">{words.counts}</h3>
      <Plot
        height={380}
        margin={{ left: 64, right: 24, top: 16, bottom: 46 }}
        label={label}
        firstWidth={620}
        x={(range) => scaleLinear([lines[0].points[0]!.at, end], range)}
        y={(range) => scaleLinear([Math.max(0, least - pad), most + pad], range)}
      >
        {({ x, y, frame }) => (
          <>
            <LevelAxis frame={frame} ticks={ticksOf(y, 5)} hasLines />
            <FootAxis
              frame={frame}
              ticks={ticksOf(x, 6, figure)}
              title={words.over}
              hasRule
              hasMarks
            />
            {level !== null && (
              <Level frame={frame} at={y(level)}>
                {say.tired}
              </Level>
            )}
            {lines.map(({ points, mark }, i) => (
              <g key={names[i]}>
                <Course
                  data={points}
                  x={({ at }) => x(at)}
                  y={({ value }) => y(value)}
                  dash={i === 1 ? '7 4' : undefined}
                />
                {mark && (
                  <>
                    <Reading x={x(mark.at)} y={y(mark.value)} r={6} isFull={i === 0} />
                    <Label
                      x={x(mark.at)}
                      y={y(mark.value) - 12}
                      end={x(mark.at) > frame.right - 90 ? 'right' : 'left'}
                      isBold={i === 0}
                    >
                      {`${names[i]!.toLowerCase()}, ${words.value(mark.value)}`}
                    </Label>
                  </>
                )}
              </g>
            ))}
          </>
        )}
      </Plot>
    </div>
  );
}

/** The courses at a few places, in numbers. */
function CourseTable({ answer }: { answer: CourseAnswer }) {
  const { lines, question } = answer;
  const words = COURSE_WORDS[question];
  const names = WAY_WORDS[question];
  const places = lines[0].points.filter((_, i) => i % 10 === 0);
  return (
    <table className="table-plain w-full" aria-label={say.table}>
      <thead>
        <tr>
          <th>{words.over}</th>
          {names.map((name) => (
            <th key={name} className="number">
              {name.toLowerCase()}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {places.map(({ at }, row) => (
          <tr key={at}>
            <td>{words.at(at)}</td>
            {lines.map(({ points }, i) => (
              <td key={names[i]} className="number">
                {words.value(points[10 * row]!.value)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
