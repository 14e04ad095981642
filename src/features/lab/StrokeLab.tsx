'use client';

import { useState } from 'react';
import type { StrokeAnswer, StrokeQuestionId } from '../../core';
import { edgeName } from '../../domain/edgeName';
import { deg, um } from '../../ui/format';
import {
  answerCatch,
  answerTitle,
  labWords as say,
  QUESTION_WORDS,
  WAY_WORDS,
} from '../../ui/words/labWords';
import { DoseChart } from './DoseChart';
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
