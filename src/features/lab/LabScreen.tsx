'use client';

import { useSettledStandings, useNow, useShapesLeft, useToolLog } from '../../live';
import { AskedEdge } from '../../ui/AskedEdge';
import { labLink } from '../../ui/labLink';
import { labWords as say } from '../../ui/words/labWords';
import type { EdgeNeed } from '../../core/inspection';
import { COURSE_QUESTIONS, STROKE_QUESTIONS, wearOfYears, type WearOfYears } from '../../core/lab';
import { edgeName } from '../../domain/edgeName';
import { TabTitle } from '../../ui/TabTitle';
import { titles } from '../../ui/words/titleWords';
import { CourseLab } from './CourseLab';
import { StepsLab } from './StepsLab';
import { StrokeLab } from './StrokeLab';
import { useLab } from './useLab';
import { useShortAnswers } from './useShortAnswers';
import { WearLab } from './WearLab';
import { useMemo } from 'react';

/** The edge lab: for the edge that the address names, else the choice of one. */
export function LabScreen() {
  const needs = useSettledStandings()?.needs;
  if (!needs) return null;
  return (
    <AskedEdge
      edges={needs}
      title={say.lab}
      line={say.whichEdge}
      hrefOf={(toolId, zoneId) => labLink({ toolId, zoneId })}
    >
      {(need) => <EdgeLab need={need} />}
    </AskedEdge>
  );
}

/** One edge under a hand: the questions on their post, and the one that is open with its answer as the title. */
function EdgeLab({ need }: { need: EdgeNeed }) {
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

/** An edge over the years of its log and on; null while the log is read. */
function useWear({ tool, zone }: EdgeNeed): WearOfYears | null {
  const sessions = useToolLog(tool.id)?.sessions;
  const shapes = useShapesLeft(tool.id, zone.id);
  const nowMs = Date.parse(useNow());
  return useMemo(
    () => (sessions && shapes ? wearOfYears({ tool, zone, sessions, shapes, nowMs }) : null),
    [tool, zone, sessions, shapes, nowMs],
  );
}
