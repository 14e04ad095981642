'use client';

import { COURSE_QUESTIONS, STROKE_QUESTIONS } from '../../core';
import type { EdgeNeed } from '../../core';
import { edgeName } from '../../domain/edgeName';
import { TabTitle } from '../../ui/TabTitle';
import { titles } from '../../ui/words/titleWords';
import { CourseLab } from './CourseLab';
import { StepsLab } from './StepsLab';
import { StrokeLab } from './StrokeLab';
import { useLab } from './useLab';
import { useShortAnswers } from './useShortAnswers';
import { useWear } from './useWear';
import { WearLab } from './WearLab';

/** One edge under a hand: the questions on their post, and the one that is open with its answer as the title. */
export function EdgeLab({ need }: { need: EdgeNeed }) {
  const lab = useLab(need);
  const wear = useWear(need);
  const answers = useShortAnswers(lab, wear);
  const { question, played } = lab;
  const strokes = STROKE_QUESTIONS.find((each) => each === question);
  const course = COURSE_QUESTIONS.find((each) => each === question);
  return (
    <div>
      <TabTitle>{titles.lab(edgeName(need.tool, need.zone))}</TabTitle>
      {strokes && <StrokeLab lab={lab} question={strokes} answers={answers} />}
      {course && <CourseLab lab={lab} question={course} answers={answers} />}
      {question === 'steps' && played && <StepsLab lab={lab} played={played} answers={answers} />}
      {question === 'wear' && <WearLab lab={lab} wear={wear} answers={answers} />}
    </div>
  );
}
