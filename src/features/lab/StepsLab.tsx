'use client';

import { useState } from 'react';
import type { PlayedWork } from '../../core/lab';
import { edgeName } from '../../domain/edgeName';
import type { PlayedStep } from '../../domain/playedStep';
import { deg, newtons } from '../../ui/format';
import type { PlayedStrokes } from '../../ui/labAddress';
import {
  labWords as say,
  playedCatch,
  playedTitle,
  QUESTION_WORDS,
  WAY_WORDS,
} from '../../ui/words/labWords';
import { LabBar } from './LabBar';
import { LabBench } from './LabBench';
import { labControls } from './labControls';
import { LabExports } from './LabExports';
import { LabFrame } from './LabFrame';
import { LabTable } from './LabTable';
import { LabWorking } from './LabWorking';
import { RUNS, usePlayed, type Lab } from './useLab';
import { usePlay } from './usePlay';
import type { ShortAnswers } from './useShortAnswers';

/** What of a hand can be changed here: angle, force, count and stone are those of the steps. */
const OF_THE_HAND = ['wobble', 'left'];

/** A plan's or an entry's own strokes, stone by stone, each at its own hold. */
export function StepsLab(props: { lab: Lab; played: PlayedStrokes; answers: ShortAnswers }) {
  const { lab, played, answers } = props;
  const { need, edge, experiment, usual, step } = lab;
  const [state, cancel, again] = usePlayed(lab, played, RUNS);
  // While another is worked out the last answer stays, so that nothing jumps.
  const [last, setLast] = useState<PlayedWork | null>(null);
  if (state.phase === 'done' && state.answer !== last) setLast(state.answer);
  const answer = state.phase === 'done' ? state.answer : last;
  const strokes = played.steps.reduce((sum, { left, right }) => sum + left + right, 0);
  const playing = usePlay(strokes);
  const name = edgeName(need.tool, need.zone);
  const names = WAY_WORDS.steps;
  const { hold } = experiment;
  return (
    <>
      <LabFrame
        lab={lab}
        answers={answers}
        title={answer ? playedTitle(answer, name) : QUESTION_WORDS.steps}
        line={answer ? playedCatch(answer) : ' '}
        status={<LabWorking state={state} onCancel={cancel} onAgain={again} />}
        main={
          answer && (
            <LabBench
              answer={answer}
              names={names}
              lines={[say.wobbleOf(deg(hold.wobbleDeg))]}
              strokes={playing.strokes}
              onStrokes={playing.setStrokes}
            />
          )
        }
        aside={
          <>
            <StepsTable steps={played.steps} />
            {answer && (
              <>
                <LabTable answer={answer} names={names} />
                <p className="text-[0.92rem] text-soft">
                  {say.medians(answer.courses[0].ends.edge.length.toLocaleString())}{' '}
                  {say.stropsNotPlayed}
                </p>
                <LabExports
                  answer={answer}
                  id="steps"
                  names={names}
                  title={`${name}: ${QUESTION_WORDS.steps}`}
                />
              </>
            )}
          </>
        }
      />
      <LabBar
        controls={labControls(experiment, usual, edge).filter(({ id }) => OF_THE_HAND.includes(id))}
        isPlaying={playing.isPlaying}
        strokes={strokes}
        onStep={step}
        onPlay={playing.play}
      />
    </>
  );
}

function StepsTable({ steps }: { steps: readonly PlayedStep[] }) {
  return (
    <table
      className="table-plain w-full text-[0.95rem] [&_td]:!py-0.5"
      aria-label={say.stepsPlayed}
    >
      <tbody>
        {steps.map(({ name, angleDeg, forceN, left, right }, i) => (
          <tr key={i}>
            <td>
              {i + 1} {name}
            </td>
            <td className="number">{deg(angleDeg)}</td>
            <td className="number">{newtons(forceN)}</td>
            <td className="number">
              {left === right ? say.aSide(left) : say.leftRight(left, right)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
