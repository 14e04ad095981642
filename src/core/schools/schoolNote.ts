import type { SchoolQuestion } from '../../domain/schools';
import type { EdgeJob } from '../jobs';
import { countingNote } from './countingNote';
import { driftNote } from './driftNote';
import { thickeningNote } from './thickeningNote';
import { tipNote } from './tipNote';
import type { SchoolNote } from './types';

/** What the tool's own answer costs beside its next touch-up; null where that says it all. */
export function schoolNote(question: SchoolQuestion, worn: EdgeJob): SchoolNote | null {
  switch (question) {
    case 'drift':
      return driftNote(worn);
    case 'tip':
      return tipNote(worn);
    case 'counting':
      return countingNote(worn);
    case 'profile':
    case 'scratches':
      return thickeningNote(worn);
    default:
      return null;
  }
}
