import { workingFace } from '../../core';
import { angleBothWays } from '../../ui/format';
import Link from '../../ui/Link';
import { stopWords } from '../../ui/words/stopWords';
import { STOP_USE } from './cautions';
import type { LoggedNeed } from './loggedNeed';

/** In the place of a plan, where the tool must not be used: why, and the way back when it is mended. */
export function StopUse({ need: { tool, zone, stops } }: { need: LoggedNeed }) {
  return (
    <>
      <p className="figures">{angleBothWays(workingFace(tool, zone).angleDeg)}</p>
      <section role="alert" className="mt-4 border-l-4 border-blaze pl-4">
        <h2>Stop: {stopWords(stops)}</h2>
        <p>{STOP_USE}</p>
        <Link className="link" href={`/inspect?tool=${tool.id}&zone=${zone.id}`}>
          It has been mended: look at it again
        </Link>
      </section>
    </>
  );
}
