import type { CareDoing } from '../../domain/care';
import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';
import type { Abrasive } from '../../domain/shelf';
import type { Tool } from '../../domain/tool';
import { lubricantsOf } from '../../domain/lubricantsOf';
import { workingSteel } from '../wear';

/** One thing to do with what was used, once the edges are done. */
export interface PutAway {
  doing: Extract<CareDoing, 'scrub' | 'dry' | 'film' | 'sheathe'>;
  /** What it is done to; empty never. */
  things: { id: string; name: string }[];
}

/** What comes after work: stones that were wet are washed, edges dried, steel that rusts waxed, sheaths put on. */
export function putAway(
  sessions: readonly LoggedSession[],
  tools: readonly Tool[],
  abrasives: readonly Abrasive[],
): PutAway[] {
  const worked = tools.filter(({ id }) => sessions.some(({ toolId }) => toolId === id));
  const used = new Set(
    sessions.flatMap(({ steps }) =>
      steps
        .filter((step) => step.kind === 'stone' && isWorked(step))
        .map(({ itemId }) => itemId.split('/')[0]!),
    ),
  );
  const wet = abrasives.filter(
    (item) => used.has(item.id) && lubricantsOf(item).some((kind) => kind !== 'dry'),
  );
  const named = (all: readonly { id: string; name: string }[]) =>
    all.map(({ id, name }) => ({ id, name }));
  const all: PutAway[] = [
    { doing: 'scrub', things: named(wet) },
    { doing: 'dry', things: named(worked) },
    { doing: 'film', things: named(worked.filter(({ steel }) => !workingSteel(steel).stainless)) },
    { doing: 'sheathe', things: named(worked.filter(({ sheath }) => sheath !== 'none')) },
  ];
  return all.filter(({ things }) => things.length > 0);
}
