import type { HeldStroke } from '../../core/measure';
import { deg } from '../../ui/format';
import { coachWords as say } from './words';
import type { HoldSet } from './useHoldSet';
import { useEffect } from 'react';
import { speak } from '../../ui/speak';
import { scaleLinear } from 'd3-scale';
import { useWidth } from '../../ui/useWidth';

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
        <h2>{say.readyTitle(meantDeg)}</h2>
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
        {isOff ? (off > 0 ? say.lower(off) : say.raise(-off)) : say.onPath}
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

const EACH = 5;

/** Says every fifth stroke aloud: the screen moves with the lath, and is seldom seen. */
function useSpokenCount(strokes: number): void {
  useEffect(() => {
    if (strokes > 0 && strokes % EACH === 0) speak(String(strokes));
  }, [strokes]);
}

/** High: lower the back. Low: raise it. Silent on the path. */
const HIGH_HZ = 1150;
const LOW_HZ = 320;
const TONE_SECONDS = 0.14;

/** A short tone for each stroke (by its number) that left the path; `offDeg` is above zero where it was too steep. */
function useTone(stroke: number, offDeg: number): void {
  useEffect(() => {
    if (stroke === 0 || offDeg === 0 || typeof AudioContext === 'undefined') return;
    const sound = new AudioContext();
    const tone = sound.createOscillator();
    const loudness = sound.createGain();
    tone.frequency.value = offDeg > 0 ? HIGH_HZ : LOW_HZ;
    loudness.gain.setValueAtTime(0.3, sound.currentTime);
    loudness.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + TONE_SECONDS);
    tone.connect(loudness).connect(sound.destination);
    tone.start();
    tone.stop(sound.currentTime + TONE_SECONDS);
    const timer = setTimeout(() => void sound.close(), 1000 * TONE_SECONDS + 200);
    return () => {
      clearTimeout(timer);
      void sound.close().catch(() => {});
    };
    // Once for each stroke: its angle does not change any more.
    // eslint-disable-next-line react-hooks/exhaustive-deps -- see above
  }, [stroke]);
}

const ROW_PX = 20;
const ROWS = 12;
const HEAD_PX = 26;
/** The path takes so much of the width. */
const PATHS_SHOWN = 3;

/**
 * The latest strokes between the walls of the path, the newest on top: thick on the way out, double on the way back;
 * what leaves the path fills with steel.
 */
function HoldPath(props: { strokes: readonly HeldStroke[]; meantDeg: number; bandDeg: number }) {
  const { strokes, meantDeg, bandDeg } = props;
  const [ref, width] = useWidth<SVGSVGElement>(340);
  const x = scaleLinear(
    [meantDeg - PATHS_SHOWN * bandDeg, meantDeg + PATHS_SHOWN * bandDeg],
    [8, width - 8],
  ).clamp(true);
  const [left, right] = [x(meantDeg - bandDeg), x(meantDeg + bandDeg)];
  const height = HEAD_PX + ROWS * ROW_PX;
  const shown = strokes.slice(-ROWS).reverse();
  return (
    <svg ref={ref} height={height} className="block w-full" aria-hidden fontSize={14}>
      <rect
        x={left}
        y={HEAD_PX}
        width={right - left}
        height={height - HEAD_PX}
        fill="var(--ink)"
        opacity={0.07}
      />
      {[left, right].map((wall) => (
        <path key={wall} d={`M${wall},${HEAD_PX}V${height}`} stroke="var(--ink)" strokeWidth={3} />
      ))}
      <path d={`M${x(meantDeg)},${HEAD_PX}V${height}`} stroke="var(--ink)" strokeDasharray="1 5" />
      {[meantDeg - bandDeg, meantDeg, meantDeg + bandDeg].map((deg) => (
        <text key={deg} x={x(deg)} y={16} textAnchor="middle">
          {`${Math.round(10 * deg) / 10}°`}
        </text>
      ))}
      {shown.map(({ meanDeg, way, fromSeconds }, i) => {
        const y = HEAD_PX + i * ROW_PX + 4;
        const at = x(meanDeg);
        const wall = Math.min(right, Math.max(left, at));
        return (
          <g key={fromSeconds}>
            {wall !== at && (
              <rect
                x={Math.min(at, wall)}
                y={y}
                width={Math.abs(at - wall)}
                height={ROW_PX - 6}
                fill="var(--steel)"
              />
            )}
            {way === 'back' ? (
              <path
                d={`M${at - 3},${y}v${ROW_PX - 6}M${at + 3},${y}v${ROW_PX - 6}`}
                stroke="var(--ink)"
                strokeWidth={1.6}
              />
            ) : (
              <path d={`M${at},${y}v${ROW_PX - 6}`} stroke="var(--ink)" strokeWidth={5} />
            )}
          </g>
        );
      })}
    </svg>
  );
}
