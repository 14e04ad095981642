'use client';

import { useMemo, type ReactNode } from 'react';
import { askCourses, COURSE_QUESTIONS } from '../../core';
import { edgeName } from '../../domain/edgeName';
import { deg } from '../../ui/format';
import Link from '../../ui/Link';
import {
  answerShort,
  courseShort,
  labWords as say,
  type LabQuestionId,
} from '../../ui/words/labWords';
import { LabPost } from './LabPost';
import { usePostAnswers, type Lab } from './useLab';

/** The ground of every question: its answer as the title, the post at the side, the figures at the other. */
export function LabFrame(props: {
  lab: Lab;
  title: string;
  line: ReactNode;
  status?: ReactNode;
  main: ReactNode;
  aside: ReactNode;
}) {
  const { lab, title, line, status, main, aside } = props;
  const { need, edge, question, change } = lab;
  const answers = useShortAnswers(lab);
  return (
    <div className="mx-auto min-h-[calc(100dvh-9.5rem)] w-full max-w-[84rem] px-4 py-3 sm:px-8">
      <header className="flex flex-wrap items-start gap-x-6">
        <div className="min-w-0 flex-1 basis-96">
          <h1>{title}</h1>
          <p className="text-soft">{line}</p>
        </div>
        <div className="text-right max-sm:text-left">
          <p className="max-sm:hidden">
            {edgeName(need.tool, need.zone)}, {say.perSide(deg(edge.apexAngleDeg))}
          </p>
          <Link
            href="/lab"
            className="link pointer-coarse:inline-flex pointer-coarse:min-h-12 pointer-coarse:items-center"
          >
            {say.anotherEdge}
          </Link>
          {status}
        </div>
      </header>
      <div className="mt-1 grid gap-x-6 gap-y-4 lg:grid-cols-[13.5rem_minmax(0,1fr)_18.5rem]">
        <div className="order-last lg:order-first">
          <h2 className="mb-2 lg:sr-only">{say.otherQuestions}</h2>
          <LabPost
            question={question}
            answers={answers}
            onAsk={(next) => change({ question: next })}
          />
        </div>
        <div className="min-w-0">{main}</div>
        <div className="grid min-w-0 content-start gap-4">{aside}</div>
      </div>
    </div>
  );
}

/** Every question's answer in a few words: those of closed formulas at once, those of many sharpenings as they come. */
function useShortAnswers(lab: Lab): ReadonlyMap<LabQuestionId, string> {
  const { edge, experiment } = lab;
  const strokes = usePostAnswers(lab);
  return useMemo(
    () =>
      new Map<LabQuestionId, string>([
        ...strokes.map((answer) => [answer.question, answerShort(answer)] as const),
        ...COURSE_QUESTIONS.map(
          (question) =>
            [question, courseShort(askCourses({ question, edge, experiment }))] as const,
        ),
      ]),
    [strokes, edge, experiment],
  );
}
