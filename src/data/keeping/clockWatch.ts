import { millisecondsInMinute, millisecondsInSecond } from 'date-fns/constants';
import { setClockAhead, stampNow } from '../../domain/clock';
import type { Changes } from '../changes';
import type { Log } from '../log';
import type { SideDatabase } from './sideDatabase';

/** A time in which this device's clock ran behind what is written already. */
export interface ClockSpell {
  /** What is dated later was written in it; ISO 8601, just after the newest entry before it. */
  from: string;
  /** How far the clock was behind when that was noticed (ms). */
  behindMs: number;
  /** When the clock was found to have caught up, by itself; null while it is behind. */
  endedAt: string | null;
}

/** A clock that is behind by less is as good as right. */
const SLACK_MS = 2 * millisecondsInMinute;

/**
 * Compares the clock with what was written last. Where it is behind, entries are dated on from there, and the
 * spell is told until somebody has set it right; null where all is well.
 */
export async function watchClock(
  side: SideDatabase,
  log: Pick<Log, 'newest'>,
): Promise<ClockSpell | null> {
  const known = ((await side.get('notes', 'clock spell')) as ClockSpell | undefined) ?? null;
  const [newest] = await log.newest(1);
  const written = [(await side.get('notes', 'written')) as string | undefined, newest?.startedAt];
  const latestMs = Math.max(0, ...written.flatMap((at) => (at ? [Date.parse(at)] : [])));
  const behindMs = latestMs - Date.now();
  if (behindMs <= SLACK_MS) {
    setClockAhead(0);
    const ended = known && { ...known, endedAt: known.endedAt ?? new Date().toISOString() };
    if (ended) await side.put('notes', ended, 'clock spell');
    return ended;
  }
  setClockAhead(behindMs + millisecondsInSecond);
  const from = known?.from ?? new Date(latestMs).toISOString();
  const spell = { from, behindMs, endedAt: null };
  await side.put('notes', spell, 'clock spell');
  return spell;
}

/** Notes when something was written last; returns the way to stop. */
export function noteWrites(side: SideDatabase, changes: Pick<Changes, 'listen'>): () => void {
  let latest = '';
  return changes.listen(() => {
    const at = stampNow();
    // Where the clock has run back meanwhile, what was noted before it stands.
    if (at <= latest) return;
    latest = at;
    side.put('notes', at, 'written').catch(() => {});
  });
}

/** The spell is set right, or left as it is: entries are dated by the clock again. */
export async function endSpell(side: SideDatabase): Promise<void> {
  setClockAhead(0);
  await side.delete('notes', 'clock spell');
  await side.put('notes', new Date().toISOString(), 'written');
}
