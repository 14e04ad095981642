import { counted } from '../../ui/words/counted';
import { rackWords as say } from './words';
import { sum } from 'd3-array';
import { careBeforeTrip, type CareRow } from '../../core/care';
import { asksForWork, type EdgeNeed } from '../../core/inspection';
import { isUntested, TEST_MINUTES } from '../../core/trip';
import type { Trip } from '../../domain/trip';
import { goesAlong } from '../../domain/tripDays';

/** One line of what a trip wants done before it. */
export interface GateLine {
  words: string;
  minutes: number;
}

/** What must be done before a trip: its edges, then care, what takes longest first. */
export function gateWork(
  trip: Trip,
  needs: readonly EdgeNeed[],
  care: readonly CareRow[],
  now: string,
): GateLine[] {
  const going = needs.filter(({ tool }) => goesAlong(trip, tool.id));
  const edges = going.filter((need) => need.plan?.outcome === 'planned' && asksForWork(need));
  const untested = going.filter(isUntested);
  const own: GateLine[] =
    edges.length === 0
      ? []
      : [
          {
            words: counted.edge(edges.length),
            minutes: sum(edges, ({ plan }) => plan!.minutes),
          },
        ];
  if (untested.length > 0) {
    own.unshift({
      words: say.testEdges(counted.edge(untested.length)),
      minutes: TEST_MINUTES * untested.length,
    });
  }
  const rest: GateLine[] = [];
  for (const { doing, minutes } of careBeforeTrip(care, trip, now)) {
    const words = LINE_WORDS[doing];
    const present = rest.find((line) => line.words === words);
    if (present) present.minutes += minutes;
    else rest.push({ words, minutes });
  }
  return [...own, ...rest.sort((a, b) => b.minutes - a.minutes)];
}

const LINE_WORDS: Record<CareRow['doing'], string> = {
  flatten: say.flattenStones,
  scrub: say.washStones,
  load: say.loadStrops,
  'wax sheath': say.waxSheaths,
  'oil handle': say.oilHandles,
  'head and haft': say.headAndHaft,
  film: say.filmOnSteel,
  dry: say.dryEdges,
  sheathe: say.sheathsOn,
  'clean strop': say.cleanStrops,
  'oil leather': say.oilLeather,
  'next face': say.freshFaces,
  restock: say.buySpares,
  'look at compound': say.seeToCrayons,
  'file spine': say.fileSpines,
};
