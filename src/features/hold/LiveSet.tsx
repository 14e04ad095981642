import type { HeldStroke } from '../../core';
import { deg } from '../../ui/format';
import { coachWords as say } from '../../ui/words/holdCoachWords';
import { HoldPath } from './HoldPath';
import type { HoldSet } from './useHoldSet';
import { useSpokenCount } from './useSpokenCount';
import { useTone } from './useTone';

/** A set as it goes on: nothing to tap, the count and the angle large, the path below. */
export function LiveSet(props: { set: HoldSet; meantDeg: number; bandDeg: number }) {
  const { set, meantDeg, bandDeg } = props;
  const strokes = set.study?.strokes ?? [];
  // The one under way is not told yet.
  const told = strokes.slice(0, -1);
  const last = told.at(-1);
  const off = last ? last.meanDeg - meantDeg : 0;
  const isOff = Math.abs(off) > bandDeg;
  useTone(told.length, isOff ? off : 0);
  useSpokenCount(told.length);
  if (set.phase === 'opening') return <p role="status">{say.opening}</p>;
  if (set.phase === 'zeroing') return <Zeroing share={set.stillShare} />;
  if (set.phase === 'ready')
    return (
      <div>
        <h2>{say.readyTitle(deg(meantDeg))}</h2>
        <p className="text-lg">{say.ready}</p>
      </div>
    );
  return (
    <div>
      <div className="flex items-end gap-x-6">
        <p className="sign text-[5.4rem] leading-none" data-testid="set-count">
          {strokes.length}
        </p>
        <p className="pb-2 text-xl">{last && wayWords(last)}</p>
        <p className="sign ml-auto text-[3.4rem] leading-none">{last ? deg(last.meanDeg) : ''}</p>
      </div>
      <p
        role="status"
        className={`my-2 px-3 py-1 text-2xl font-bold uppercase ${isOff ? 'bg-neutral text-neutral-content' : ''}`}
      >
        {isOff ? (off > 0 ? say.lower(deg(off)) : say.raise(deg(-off))) : say.onPath}
      </p>
      <HoldPath strokes={told} meantDeg={meantDeg} bandDeg={bandDeg} />
    </div>
  );
}

function wayWords({ way }: HeldStroke): string {
  return { out: say.out, back: say.backWay, 'not told': say.notTold }[way];
}

function Zeroing({ share }: { share: number }) {
  return (
    <div>
      <h2>{say.zeroTitle}</h2>
      <p className="text-lg">{say.zeroing}</p>
      <progress className="progress mt-3 w-full" value={share} max={1} aria-label={say.zeroing} />
    </div>
  );
}
