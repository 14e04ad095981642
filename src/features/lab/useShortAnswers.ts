'use client';

import { useMemo } from 'react';
import { askCourses, COURSE_QUESTIONS, type WearOfYears } from '../../core/lab';
import { answerShort, courseShort, playedShort, type LabQuestionId } from '../../ui/words/labWords';
import { wearShort } from './words';
import { usePlayed, usePostAnswers, type Lab } from './useLab';

/** The answers of the questions in a few words, as far as they are there. */
export type ShortAnswers = ReadonlyMap<LabQuestionId, string>;

/** Every question's answer in a few words: those of closed formulas at once, those of many sharpenings as they come. */
export function useShortAnswers(lab: Lab, wear: WearOfYears | null): ShortAnswers {
  const { edge, experiment } = lab;
  const strokes = usePostAnswers(lab);
  const [played] = usePlayed(lab, lab.played);
  const work = played.phase === 'done' ? played.answer : null;
  return useMemo(
    () =>
      new Map<LabQuestionId, string>([
        ...strokes.map((answer) => [answer.question, answerShort(answer)] as const),
        ...COURSE_QUESTIONS.map(
          (question) =>
            [question, courseShort(askCourses({ question, edge, experiment }))] as const,
        ),
        ...(work ? [['steps', playedShort(work)] as const] : []),
        ...(wear ? [['wear', wearShort(wear)] as const] : []),
      ]),
    [strokes, edge, experiment, work, wear],
  );
}
