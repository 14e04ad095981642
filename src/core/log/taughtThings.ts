import { FAMILIES } from '../../domain/families';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Tool } from '../../domain/tool';
import { shelfAbrasives, type LadderAbrasive, type Shelf } from '../ladder';
import type { Forgotten } from './forgotten';
import { familyOnShelf } from './familyOnShelf';
import { plannedHardness } from './toolHardness';
import { stepsDone, taughtOf, type Taught } from './taught';

/** A thing on the shelf with what the log has taught of it. */
export interface TaughtThing extends Taught {
  abrasive: LadderAbrasive;
}

/** Everything that cuts or strops, what the log knows most of first. */
export function taughtThings(input: {
  sessions: readonly LoggedSession[];
  tools: readonly Tool[];
  shelf: Shelf;
  /** By tool, where the log narrows it. */
  hardness: Parameters<typeof plannedHardness>[1];
  forgotten: Forgotten;
}): TaughtThing[] {
  const { sessions, tools, shelf, hardness, forgotten } = input;
  const steps = stepsDone(sessions, familyOnShelf(shelf), forgotten);
  const plannedHrc = plannedHardness(tools, hardness);
  return shelfAbrasives(shelf)
    .map(({ abrasive }) => {
      const { id } = abrasive;
      const family = abrasive.kind === 'stone' ? abrasive.family : abrasive.surface;
      return { abrasive, ...taughtOf({ id, family }, steps, plannedHrc) };
    })
    .filter(
      ({ abrasive }) =>
        abrasive.kind === 'strop' || FAMILIES[abrasive.family].does !== 'straightens',
    )
    .sort(
      (a, b) => b.steps.length - a.steps.length || a.abrasive.name.localeCompare(b.abrasive.name),
    );
}
