/**
 * From version 8 to 9: a step keeps what the model alone had counted, and in which state of the edge and of
 * the steel; a session says whose hand it was. Of older steps the strokes follow from what is kept; with
 * which hardness they were planned nobody noted.
 */

import { number } from 'yup';
import { recordWith, someObjects } from './olderShapes';

type Loose = Record<string, unknown>;

export const VERSION_8 = {
  session: recordWith({
    steps: someObjects().of(
      recordWith({
        plannedPerSide: number().required(),
        plannedMinutes: number().required(),
        learnedFactor: number().required(),
      }),
    ),
  }),
};

/** Work of which the strokes are counted and not computed. */
const USUAL_COUNTS: readonly unknown[] = [
  'lay a turned edge straight',
  'blend the arc',
  'raise the hook',
  'strop the spine',
  'file the spine square',
  'stone the spine',
];

export function sessionToVersion9(session: Loose): Loose {
  const steps = session.steps as Loose[];
  return { ...session, person: null, steps: steps.map(stepToVersion9) };
}

function stepToVersion9(step: Loose): Loose {
  const [perSide, factor] = [Number(step.plannedPerSide), Number(step.learnedFactor)];
  const isComputed = perSide > 0 && !USUAL_COUNTS.includes(step.task);
  const baseline = {
    strokes: (2 * perSide) / factor,
    minutes: Number(step.plannedMinutes) / factor,
    hardnessHrc: null,
    apexUm: null,
  };
  return { ...step, baseline: isComputed ? baseline : null };
}
