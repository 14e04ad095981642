import { uiPartsWords as say } from './words/partsWords';
import type { StopReason } from '../core/inspection';
import Link from './Link';
import { STOP_USE, stopWords } from './words/stopWords';

/** That a tool must not be used: why, what to do, and the way back when it is mended. */
export function StopUse(props: { toolId: string; stops: readonly StopReason[] }) {
  const { toolId, stops } = props;
  return (
    <section role="alert" className="mt-4 border-l-4 border-blaze pl-4">
      <h2>
        <span className="battened uppercase">{say.stop}</span>: {stopWords(stops)}
      </h2>
      <p className="max-w-[60ch]">{STOP_USE}</p>
      <Link className="link" href={`/inspect?tool=${toolId}`}>
        {say.itHasBeenMendedLook}
      </Link>
    </section>
  );
}
