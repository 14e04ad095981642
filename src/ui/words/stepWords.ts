import { spoken } from './closedWords';
import type { LadderStep, StepNote } from '../../core/ladder';
import type { StepWords } from '../../core/touchUp';
import { deg, minutes, newtons, um, rounded } from '../format';
import { doneWhen } from './doneWhen';

/** What is worth a word at a step. */
function noteWords(note: StepNote): string {
  switch (note.kind) {
    case 'long jump': {
      const cost =
        note.costsMinutes !== null && note.stoneUm !== null
          ? `; a ${um(note.stoneUm)} stone would save ${minutes(note.costsMinutes)}`
          : '';
      return `A jump of ${rounded(note.ratio, 1)} times is long${cost}.`;
    }
    case 'short jump':
      return `A jump of ${rounded(note.ratio, 1)} times is short: this step could be skipped.`;
    case 'wipe between':
      return `After ${spoken(note.from)} comes ${spoken(note.to)}: wipe the tool dry in between.`;
    case 'bench job':
      return 'More than half an hour on one stone: a job for the bench.';
    case 'close it lightly':
      return `at the end ${note.strokesPerSide} light strokes a side on the same stone, ${newtons(note.forceN)}`;
    case 'hollow stone':
      return `It has worn hollow: the angle changes by ${deg(note.angleDeg)} along the stroke.`;
    case 'sagging strop':
      return `It sags: it comes up ${deg(note.angleDeg)} steeper at the apex than it is held, and rounds it.`;
    case 'may skate':
      return 'Little pressure on so wide a face: it may skate.';
    case 'may score':
      return 'Much pressure on so fine an edge: go lighter, a soft stone scores.';
  }
}

/** The signs and warnings of a step, as the log keeps them. */
export function stepWords(step: LadderStep, isAxe: boolean): StepWords {
  const isSign = ({ kind }: StepNote): boolean => kind === 'close it lightly';
  const signs = step.notes.filter(isSign).map(noteWords);
  return {
    doneWhen: [...doneWhen(step.task, isAxe, step.strokesPerSide), ...signs],
    warnings: step.notes.filter((note) => !isSign(note)).map(noteWords),
  };
}
