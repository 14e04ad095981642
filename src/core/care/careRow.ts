import { millisecondsInDay as DAY_MS } from 'date-fns/constants';
import { addDays, compareAsc, differenceInDays, isAfter, isBefore } from 'date-fns';
import type { Care, CareDoing } from '../../domain/care';
import type { Inspection } from '../../domain/session';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { dayOfTrip, tripDayOf, tripPhase } from '../../domain/tripDays';
import type { Shelf } from '../ladder';
import { strokesAWeek, strokesSince, type SurfaceUse } from '../log';

/** What a limit is counted in. */
export type CareUnit = 'passes' | 'strokes' | 'days' | 'raisings';

/** One thing to do between trips, and how its day follows. */
export interface CareRow {
  thingId: string;
  name: string;
  doing: CareDoing;
  minutes: number;
  /** Whether it goes on the next trip. */
  goes: boolean;
  /** How much of its limit is used; null where a look decides, or a trip. */
  used: { amount: number; most: number; unit: CareUnit; isUsual: boolean } | null;
  /** Its days beside its use, where both count; null where only one does. */
  usedDays: { days: number; most: number } | null;
  /** Use in a week, of what is counted by use; null where there is none. */
  aWeek: number | null;
  /** By how much a hollow stone turns the angle (°); null for the rest. */
  hollowDeg: number | null;
  /** When rust was found that no film has met since; null where none was. */
  rustAt: string | null;
  /** The last day of a trip in wet or salt that no film has met since; null where none was. */
  backFromWetAt: string | null;
  /** A face that does not cut as it should. */
  isClogged: boolean;
  /** Fresh sheets or faces that lie by; null where none are counted. */
  freshLeft: number | null;
  lastAt: string | null;
  /** When it is due by itself; null where nothing says. */
  ownDueAt: string | null;
  /** When it is due: before the trip that wants it, or by itself; null where nothing says. */
  dueAt: string | null;
  /** The trip that pulls it forward. */
  tripId: string | null;
  /** Put off until then, and why. */
  putOff: { until: string; note: string } | null;
}

/** Limits until their owner sets others (prior). */
export const USUAL_EVERY: Record<CareDoing, { most: number; unit: CareUnit }> = {
  flatten: { most: 2500, unit: 'strokes' },
  scrub: { most: 1200, unit: 'strokes' },
  load: { most: 400, unit: 'passes' },
  'wax sheath': { most: 180, unit: 'days' },
  'oil handle': { most: 365, unit: 'days' },
  'head and haft': { most: 90, unit: 'days' },
  film: { most: 28, unit: 'days' },
  // Noted after work, and never due by themselves.
  dry: { most: 1, unit: 'days' },
  sheathe: { most: 1, unit: 'days' },
  'clean strop': { most: 800, unit: 'passes' },
  'oil leather': { most: 365, unit: 'days' },
  'next face': { most: 300, unit: 'strokes' },
  restock: { most: 300, unit: 'strokes' },
  'look at compound': { most: 365, unit: 'days' },
  'file spine': { most: 2, unit: 'raisings' },
};
/** Care of what ages as it lies is due after so many days as well, used or not (prior). */
const OR_DAYS: Partial<Record<CareDoing, number>> = { load: 120, 'clean strop': 240 };
/** Usual times (min). */
const MINUTES: Record<CareDoing, number> = {
  flatten: 10,
  scrub: 3,
  load: 2,
  'wax sheath': 5,
  'oil handle': 5,
  'head and haft': 2,
  film: 1,
  dry: 1,
  sheathe: 1,
  'clean strop': 3,
  'oil leather': 5,
  'next face': 1,
  restock: 5,
  'look at compound': 1,
  'file spine': 4,
};
/** What was done or looked at so shortly before a trip need not be done again for it (days, prior). */
const FRESH_FOR_TRIP_DAYS = 7;
/** Nothing is looked ahead to farther than a lifetime (days). */
const FARTHEST_DAYS = 36_500;

/** How a hook on a spine is used up. */
export interface SpineUse {
  raised: number;
  most: number;
  aWeek: number;
  /** Minutes to file it anew with everything that is owned; null where something is lacking. */
  minutes: number | null;
}

/** What care follows from. */
export interface CareLog {
  tools: readonly Tool[];
  shelf: Shelf;
  surfaceUse: ReadonlyMap<string, SurfaceUse>;
  inspections: readonly Inspection[];
  care: readonly Care[];
  /** Of tools with a hook on the spine: how often it was raised since it was filed, and in a week; by tool. */
  spines: ReadonlyMap<string, SpineUse>;
  /** The next trip; null where none is planned. */
  trip: Trip | null;
  /** All trips, those that are over too. */
  trips: readonly Trip[];
  now: string;
}

/** What is known of one thing's care: when it was last done, how often it is asked for, what puts it off. */
function known({ care, now }: CareLog, thingId: string, doing: CareDoing) {
  const own = care
    .filter((each) => each.thingId === thingId && each.doing === doing)
    .sort((a, b) => compareAsc(a.at, b.at));
  const every = own.findLast(({ kind }) => kind === 'every')?.every ?? null;
  const lastAt = own.findLast(({ kind }) => kind === 'done')?.at ?? null;
  const late = own.findLast(({ kind }) => kind === 'put off');
  const isPutOff =
    late?.until && isAfter(late.until, now) && (lastAt === null || isAfter(late.at, lastAt));
  return {
    lastAt,
    most: every ?? USUAL_EVERY[doing].most,
    isUsual: every === null,
    putOff: isPutOff ? { until: late.until!, note: late.note } : null,
  };
}

/** A row as it stands by itself, pulled before the trip where that would not wait. */
export function row(
  asked: CareLog,
  thing: { id: string; name: string },
  doing: CareDoing,
  found: Partial<CareRow> & Pick<CareRow, 'goes'> & { isWanted?: boolean },
): CareRow {
  const { isWanted = false, ...rest } = found;
  const { goes } = rest;
  const { lastAt, putOff } = known(asked, thing.id, doing);
  const ownDueAt = rest.ownDueAt ?? null;
  const { trip, now } = asked;
  const ahead = trip && tripPhase(trip, now) === 'ahead' && goes ? trip : null;
  const eve = ahead && addDays(dayOfTrip(ahead, 0), -1).toISOString();
  const end = ahead && dayOfTrip(ahead, ahead.days).toISOString();
  const isPulled = eve && (isWanted || (ownDueAt !== null && isBefore(ownDueAt, end!)));
  const isSooner = ownDueAt !== null && eve !== null && !isAfter(ownDueAt, eve);
  return {
    thingId: thing.id,
    name: thing.name,
    doing,
    minutes: MINUTES[doing],

    used: null,
    usedDays: null,
    aWeek: null,
    hollowDeg: null,
    rustAt: null,
    backFromWetAt: null,
    isClogged: false,
    freshLeft: null,
    ...rest,
    lastAt,
    putOff,
    ownDueAt,
    dueAt: isPulled && !isSooner ? eve : ownDueAt,
    tripId: isPulled && !isSooner ? ahead!.id : null,
  };
}

/** The day on which what is left of a limit is used, at the pace of its use; null without a pace. */
export function dayAtPace({ now }: CareLog, aWeek: number, amount: number, most: number) {
  if (aWeek === 0) return { aWeek: null, ownDueAt: null };
  const days = Math.min(FARTHEST_DAYS, Math.round((7 * (most - amount)) / aWeek));
  return { aWeek, ownDueAt: addDays(now, days).toISOString() };
}

/** A row that is counted by use since it was last done, or was made fresh; some by their days as well. */
export function counted(
  asked: CareLog,
  thing: { id: string; name: string },
  doing: CareDoing,
  use: SurfaceUse,
  goes: boolean,
  freshLeft: number | null = null,
): CareRow {
  const { most, isUsual, lastAt } = known(asked, thing.id, doing);
  const amount = strokesSince(use, lastAt === null ? -Infinity : Date.parse(lastAt));
  const aWeek = strokesAWeek(use, Date.parse(asked.now));
  const byUse = dayAtPace(asked, aWeek, amount, most);
  const days = daysSince(asked, lastAt, use);
  const mostDays = OR_DAYS[doing] ?? null;
  const byDays =
    mostDays === null || days === null ? null : addDays(asked.now, mostDays - days).toISOString();
  const { unit } = USUAL_EVERY[doing];
  return row(asked, thing, doing, {
    goes,
    aWeek: byUse.aWeek,
    ownDueAt: sooner(byUse.ownDueAt, byDays),
    used: { amount, most, unit, isUsual },
    usedDays: mostDays === null || days === null ? null : { days, most: mostDays },
    freshLeft,
  });
}

/** Whole days since a care was done, or since the surface was first used after it was fresh. */
function daysSince({ now }: CareLog, lastAt: string | null, { uses }: SurfaceUse): number | null {
  const from = lastAt ?? uses[0]?.atMs ?? null;
  return from === null ? null : differenceInDays(now, from);
}

function sooner(a: string | null, b: string | null): string | null {
  if (a === null || b === null) return a ?? b;
  return isAfter(a, b) ? b : a;
}

/** What is used up: a fresh one while some lie by, else new ones are laid in. */
export function usedUp(
  asked: CareLog,
  thing: { id: string; name: string },
  freshLeft: number,
  use: SurfaceUse,
  goes: boolean,
): CareRow {
  return counted(asked, thing, freshLeft > 0 ? 'next face' : 'restock', use, goes, freshLeft);
}

/** A row that goes by the calendar since it was last done; from when the tool was hung where it never was. */
export function dated(
  asked: CareLog,
  thing: { id: string; name: string; createdAt: string },
  doing: CareDoing,
  goes: boolean,
  lookedAt: string | null = null,
  isWanted = false,
): CareRow {
  const { most, isUsual, lastAt } = known(asked, thing.id, doing);
  const noted = [lastAt, lookedAt]
    .filter((at) => at !== null)
    .sort()
    .at(-1);
  const last = noted ?? thing.createdAt;
  const days = Math.max(0, Math.round((Date.parse(asked.now) - Date.parse(last)) / DAY_MS));
  // What nobody has noted is not over, however long ago it was hung: it is to be looked at.
  const due = addDays(last, most).toISOString();
  const isFresh =
    noted !== undefined &&
    asked.trip !== null &&
    tripDayOf(asked.trip, noted) >= -FRESH_FOR_TRIP_DAYS;
  return row(asked, thing, doing, {
    goes,
    isWanted: isWanted && !isFresh,
    ownDueAt: noted || due > asked.now ? due : asked.now,
    used: { amount: days, most, unit: 'days', isUsual },
  });
}
