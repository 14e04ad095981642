'use client';

import { useMemo } from 'react';
import { askCourses, COURSE_QUESTIONS } from '../../core';
import { answerShort, courseShort, type LabQuestionId } from '../../ui/words/labWords';
import { usePostAnswers, type Lab } from './useLab';

/** The answers of the questions in a few words, as far as they are there. */
export type ShortAnswers = ReadonlyMap<LabQuestionId, string>;

/** Every question's answer in a few words: those of closed formulas at once, those of many sharpenings as they come. */
export function useShortAnswers(lab: Lab): ShortAnswers {
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
