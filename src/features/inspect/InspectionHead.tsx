import { spoken } from '../../ui/words/closedWords';
import { inspectWords as say } from './words/inspectWords';
import { TabTitle } from '../../ui/TabTitle';
import { titles } from '../../ui/words/titleWords';
import { edgeName } from '../../domain/edgeName';
import type { Zone } from '../../domain/tool';
import Link from '../../ui/Link';
import type { ZoneState } from '../../core/inspection';
import type { JudgedLook } from './useJudgedLook';

/** Which edge is looked at, how it is, and the way to the others. */
export function InspectionHead(props: {
  zoneState: ZoneState;
  zones: readonly Zone[];
  word: JudgedLook['word'];
  isTested: boolean;
}) {
  const { zones, word, isTested } = props;
  const { tool, zone } = props.zoneState;
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-5">
        <TabTitle>{titles.look(edgeName(tool, zone))}</TabTitle>
        <h1>{edgeName(tool, zone)}</h1>
        <p className="text-lg text-soft">{wordNow(word, isTested)}</p>
        <nav aria-label={say.stretches} className="ml-auto flex gap-x-5">
          {zones
            .filter(({ id }) => id !== zone.id)
            .map(({ id, name }) => (
              <Link
                key={id}
                href={`/inspect?tool=${tool.id}&zone=${id}`}
                className="link inline-flex min-h-12 items-center"
              >
                {name}
              </Link>
            ))}
          <Link href="/inspect" className="link inline-flex min-h-12 items-center">
            {say.anotherEdge}
          </Link>
        </nav>
      </div>
      {zone.noImpacts && <p className="font-semibold">{say.noImpactsHereThisStretch}</p>}
    </>
  );
}

function wordNow(word: JudgedLook['word'], isTested: boolean): string {
  if (word === 'unknown') return say.notTestedYet;
  return isTested ? say.nowStands(spoken(word)) : say.byTheLastTest(spoken(word));
}
