'use client';

import { useState } from 'react';
import type { StrokeAnswer, StrokeQuestionId } from '../../core/lab';
import { edgeName } from '../../domain/edgeName';
import { deg, um } from '../../ui/format';
import {
  answerCatch,
  answerTitle,
  labWords as say,
  QUESTION_WORDS,
  WAY_WORDS,
  DOSE_WORDS,
  doseTitle,
  doseWords,
} from '../../ui/words/labWords';
import { LabBar } from './LabBar';
import { LabBench } from './LabBench';
import { labControls } from './labControls';
import { LabExports } from './LabExports';
import { LabFrame } from './LabFrame';
import { LabTable } from './LabTable';
import { LabWorking } from './LabWorking';
import { RUNS, useAnswer, type Lab } from './useLab';
import { usePlay } from './usePlay';
import type { ShortAnswers } from './useShortAnswers';
import { scaleLinear } from 'd3-scale';
import { Band, Course, FootAxis, Label, LevelAxis, Plot, Reading, ticksOf } from '../../ui/plot';

/** A question about strokes: worked out in a thread, played, and changed at the foot. */
export function StrokeLab(props: { lab: Lab; question: StrokeQuestionId; answers: ShortAnswers }) {
  const { lab, question, answers } = props;
  const { need, edge, experiment, usual, step } = lab;
  const [state, cancel, again] = useAnswer(lab, question);
  // While another is worked out the last answer stays, so that nothing jumps.
  const [last, setLast] = useState<StrokeAnswer | null>(null);
  if (state.phase === 'done' && state.answer !== last) setLast(state.answer);
  const answer = state.phase === 'done' ? state.answer : last;
  const playing = usePlay(2 * experiment.strokesPerSide);
  const name = edgeName(need.tool, need.zone);
  return (
    <>
      <LabFrame
        lab={lab}
        answers={answers}
        title={answer ? answerTitle(answer, name, edge.apexAngleDeg) : QUESTION_WORDS[question]}
        line={
          <>
            {answer ? answerCatch(answer) : ' '}
            {edge.isDulled && ` ${say.dulled(um(edge.startUm))}`}
          </>
        }
        status={<LabWorking state={state} onCancel={cancel} onAgain={again} />}
        main={
          answer && (
            <LabBench
              answer={answer}
              names={WAY_WORDS[answer.question]}
              lines={answer.ways.map(({ hold }) => handLine(hold))}
              strokes={playing.strokes}
              onStrokes={playing.setStrokes}
            />
          )
        }
        aside={
          answer && (
            <>
              <LabTable answer={answer} names={WAY_WORDS[answer.question]} />
              <p className="text-[0.92rem] text-soft">
                {say.medians(RUNS.toLocaleString())} {say.dotted}
              </p>
              <DoseChart answer={answer} names={WAY_WORDS[answer.question]} />
              <LabExports
                answer={answer}
                id={answer.question}
                names={WAY_WORDS[answer.question]}
                title={`${name}: ${QUESTION_WORDS[answer.question]}`}
              />
            </>
          )
        }
      />
      <LabBar
        controls={labControls(experiment, usual, edge)}
        isPlaying={playing.isPlaying}
        strokes={2 * experiment.strokesPerSide}
        onStep={step}
        onPlay={playing.play}
      />
    </>
  );
}

/** A hold in a line. */
function handLine(hold: Lab['experiment']['hold']): string {
  const left = hold.leftSteeperDeg;
  const turned = left > 0 ? say.steeper(deg(left)) : say.flatter(deg(-left));
  return say.handLine(deg(hold.angleDeg), deg(hold.wobbleDeg), left === 0 ? '' : turned);
}

/** How the answer changes with the dose, and where the two ways lie on it. */
function DoseChart(props: { answer: StrokeAnswer; names: readonly [string, string] }) {
  const { answer, names } = props;
  const { of, points, marks } = answer.dose;
  const drawn = points.filter(({ result }) => Number.isFinite(result.p84));
  const [first, last] = [points[0]!, points.at(-1)!];
  if (drawn.length < 2) return null;
  const low = Math.min(...drawn.map(({ result }) => result.p16));
  const high = Math.max(...drawn.map(({ result }) => result.p84));
  const pad = 0.08 * (high - low || 1);
  const resultAt = scaleLinear(
    drawn.map(({ value }) => value),
    drawn.map(({ result }) => result.p50),
  );
  // A way that lies off the curve has no mark on it.
  const shown = marks.flatMap((value, i) =>
    value < drawn[0]!.value || value > drawn.at(-1)!.value
      ? []
      : [{ value, result: resultAt(value), name: names[i]!, isFull: i === 0 }],
  );
  return (
    <div>
      <h3 className="text-base">{doseTitle(answer)}</h3>
      <Plot
        height={190}
        margin={{ left: 46, right: 18, top: 20, bottom: 42 }}
        label={`${doseTitle(answer)}. ${points
          .filter((_, i) => i % 4 === 0)
          .map(({ value, result }) => doseWords(answer, value, result))
          .join('; ')}`}
        fontSize={13}
        firstWidth={300}
        x={(range) => scaleLinear([first.value, last.value], range)}
        y={(range) => scaleLinear([Math.max(0, low - pad), high + pad], range)}
      >
        {({ x, y, frame }) => (
          <>
            <LevelAxis frame={frame} ticks={ticksOf(y, 4)} hasLines />
            <FootAxis
              frame={frame}
              ticks={ticksOf(x, 4)}
              title={DOSE_WORDS[of].axis}
              hasRule
              hasMarks
            />
            <Band
              data={drawn}
              x={({ value }) => x(value)}
              low={({ result }) => y(result.p16)}
              high={({ result }) => y(result.p84)}
            />
            <Course data={drawn} x={({ value }) => x(value)} y={({ result }) => y(result.p50)} />
            {shown.map(({ value, result, name, isFull }) => (
              <g key={name}>
                <Reading x={x(value)} y={y(result)} r={6} isFull={isFull} />
                <Label x={x(value)} y={y(result) - 12} end="middle" isBold={isFull}>
                  {name.toLowerCase()}
                </Label>
              </g>
            ))}
          </>
        )}
      </Plot>
    </div>
  );
}
