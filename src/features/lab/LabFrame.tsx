'use client';

import type { ReactNode } from 'react';
import { edgeName } from '../../domain/edgeName';
import { deg } from '../../ui/format';
import Link from '../../ui/Link';
import { labWords as say, QUESTION_WORDS, type LabQuestionId } from '../../ui/words/labWords';
import type { Lab } from './useLab';
import type { ShortAnswers } from './useShortAnswers';
import { LAB_QUESTIONS } from '../../ui/labAddress';

/** The ground of every question: its answer as the title, the post at the side, the figures at the other. */
export function LabFrame(props: {
  lab: Lab;
  answers: ShortAnswers;
  title: string;
  line: ReactNode;
  status?: ReactNode;
  main: ReactNode;
  aside: ReactNode;
}) {
  const { lab, answers, title, line, status, main, aside } = props;
  const { need, edge, question, change } = lab;
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
            hasSteps={lab.played !== null}
            onAsk={(next) => change({ question: next })}
          />
        </div>
        <div className="min-w-0">{main}</div>
        <div className="grid min-w-0 content-start gap-4">{aside}</div>
      </div>
    </div>
  );
}

/** The questions as fingers of one post, each with its answer for this tool and hand below. */
function LabPost(props: {
  question: LabQuestionId;
  answers: ShortAnswers;
  /** Whether there are strokes to play. */
  hasSteps: boolean;
  onAsk: (question: LabQuestionId) => void;
}) {
  const { question, answers, hasSteps, onAsk } = props;
  const asked = LAB_QUESTIONS.filter((id) => id !== 'steps' || hasSteps);
  return (
    <nav aria-label={say.questions}>
      <ul className="grid gap-2 border-l-[12px] border-wood py-3 sm:max-lg:grid-cols-2">
        {asked.map((id) => (
          <li key={id} className="-ml-4">
            <button
              type="button"
              aria-pressed={id === question}
              className={`lab-finger ${id === question ? 'bg-neutral text-neutral-content' : 'bg-base-200 hover:underline'}`}
              onClick={() => onAsk(id)}
            >
              <span className="sign block text-[1.06rem]">{QUESTION_WORDS[id]}</span>
              <span className="block min-h-5 text-[0.92rem]">{answers.get(id) ?? ''}</span>
            </button>
          </li>
        ))}
      </ul>
    </nav>
  );
}
