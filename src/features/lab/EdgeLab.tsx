'use client';

import { useState } from 'react';
import { COURSE_QUESTIONS, STROKE_QUESTIONS } from '../../core';
import type { EdgeNeed, StrokeAnswer, StrokeQuestionId } from '../../core';
import { edgeName } from '../../domain/edgeName';
import type { JobState } from '../../live';
import { deg, um } from '../../ui/format';
import { TabTitle } from '../../ui/TabTitle';
import { titles } from '../../ui/words/titleWords';
import { useIsWide } from '../../ui/useIsWide';
import {
  answerCatch,
  answerTitle,
  labWords as say,
  QUESTION_WORDS,
  WAY_WORDS,
} from '../../ui/words/labWords';
import { DoseChart } from './DoseChart';
import { LabBar } from './LabBar';
import { labControls } from './labControls';
import { LabCourses } from './LabCourses';
import { LabExports } from './LabExports';
import { LabFrame } from './LabFrame';
import { CourseLab } from './CourseLab';
import { LabRow, VIEWS, type LabView } from './LabRow';
import { LabTable } from './LabTable';
import { RUNS, useAnswer, useLab, type Lab } from './useLab';
import { useShortAnswers, type ShortAnswers } from './useShortAnswers';
import { usePlay } from './usePlay';

/** One edge under a hand: the questions on their post, and the one that is open with its answer as the title. */
export function EdgeLab({ need }: { need: EdgeNeed }) {
  const lab = useLab(need);
  const { question } = lab;
  const answers = useShortAnswers(lab);
  const strokes = STROKE_QUESTIONS.find((each) => each === question);
  const course = COURSE_QUESTIONS.find((each) => each === question);
  return (
    <div>
      <TabTitle>{titles.lab(edgeName(need.tool, need.zone))}</TabTitle>
      {strokes && <StrokeLab lab={lab} question={strokes} answers={answers} />}
      {course && <CourseLab lab={lab} question={course} answers={answers} />}
    </div>
  );
}

/** A question about strokes: worked out in a thread, played, and changed at the foot. */
function StrokeLab(props: { lab: Lab; question: StrokeQuestionId; answers: ShortAnswers }) {
  const { lab, question, answers } = props;
  const { need, edge, experiment, usual, change } = lab;
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
        status={<Working state={state} onCancel={cancel} onAgain={again} />}
        main={
          answer && (
            <Bench answer={answer} strokes={playing.strokes} onStrokes={playing.setStrokes} />
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
              <LabExports answer={answer} name={name} />
            </>
          )
        }
      />
      <LabBar
        controls={labControls(experiment, usual, edge)}
        isPlaying={playing.isPlaying}
        strokes={2 * experiment.strokesPerSide}
        onChange={(next) => change({ experiment: next })}
        onPlay={playing.play}
      />
    </>
  );
}

/** How far the sharpenings are; nothing once the answer stands. */
function Working(props: {
  state: JobState<StrokeAnswer>;
  onCancel: () => void;
  onAgain: () => void;
}) {
  const { state, onCancel, onAgain } = props;
  return (
    <div role="status" className="min-h-7">
      {state.phase === 'working' && (
        <p className="flex items-center justify-end gap-x-3">
          <progress
            className="progress w-24"
            aria-label={say.working}
            value={state.share}
            max={1}
          />
          <button type="button" className="link min-h-7 pointer-coarse:min-h-12" onClick={onCancel}>
            {say.cancel}
          </button>
        </p>
      )}
      {(state.phase === 'cancelled' || state.phase === 'failed') && (
        <p>
          {state.phase === 'failed' ? say.failed(state.error.message) : say.stopped}{' '}
          <button type="button" className="link pointer-coarse:min-h-12" onClick={onAgain}>
            {say.again}
          </button>
        </p>
      )}
    </div>
  );
}

/** Both ways stroke by stroke, and their courses on one axis. */
function Bench(props: {
  answer: StrokeAnswer;
  strokes: number;
  onStrokes: (strokes: number) => void;
}) {
  const { answer, strokes, onStrokes } = props;
  const isWide = useIsWide();
  const [view, setView] = useState<LabView>('bevel');
  const names = WAY_WORDS[answer.question];
  return (
    <div className="min-w-0">
      {!isWide && (
        <div role="group" aria-label={say.scale} className="mb-2 grid grid-cols-3 gap-1">
          {VIEWS.map((each) => (
            <button
              key={each}
              type="button"
              aria-pressed={each === view}
              className={`btn px-1 ${each === view ? 'btn-neutral' : 'btn-outline'}`}
              onClick={() => setView(each)}
            >
              {{ bevel: say.bevelShort, edge: say.edgeShort, apex: say.apexShort }[each]}
            </button>
          ))}
        </div>
      )}
      {isWide && (
        <p className="grid grid-cols-[1.75fr_1fr_1fr] gap-2 text-[0.92rem] text-soft">
          <span>{say.bevel}</span>
          <span>{say.edge}</span>
          <span>{say.apex}</span>
        </p>
      )}
      {answer.courses.map((course, i) => (
        <LabRow
          key={i}
          course={course}
          strokes={strokes}
          isRival={i === 1}
          name={names[i]!}
          line={handLine(course.way.experiment.hold)}
          views={isWide ? VIEWS : [view]}
        />
      ))}
      <LabCourses answer={answer} names={names} strokes={strokes} onStrokes={onStrokes} />
    </div>
  );
}

/** A hold in a line. */
function handLine(hold: Lab['experiment']['hold']): string {
  const left = hold.leftSteeperDeg;
  const turned = left > 0 ? say.steeper(deg(left)) : say.flatter(deg(-left));
  return say.handLine(deg(hold.angleDeg), deg(hold.wobbleDeg), left === 0 ? '' : turned);
}
