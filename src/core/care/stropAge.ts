import { differenceInDays } from 'date-fns';
import { strokesSince, type SurfaceUse } from '../log';
import { USUAL_EVERY } from './careRow';

/** A strop as an object, from its first rub of compound to the day it is scraped. */
export const STROP_AGES = ['bare', 'fresh', 'grey', 'shiny', 'caked'] as const;
export type StropAge = (typeof STROP_AGES)[number];

/** Shares of what one loading lasts at which each age ends. */
const UNTIL: readonly (readonly [age: StropAge, share: number])[] = [
  ['fresh', 0.1],
  ['grey', 0.6],
  ['shiny', 1],
];
/** Compound dries: after so many days it is shiny at least, however little it was used. */
const DRY_DAYS = 120;

/** Strokes (over both sides) from which a strop of usual care is shiny. */
export const SHINY_FROM = 0.6 * USUAL_EVERY.load.most;

/** How old a strop's face is, by the strokes and the days since it was loaded. */
export function stropAge(
  face: { compoundId: string | null; loadedAt: string | null },
  use: SurfaceUse | undefined,
  now: string,
): { age: StropAge; strokes: number; days: number | null } {
  const strokes = use ? strokesSince(use) : 0;
  const from = face.loadedAt ?? (use?.uses[0] ? new Date(use.uses[0].atMs).toISOString() : null);
  const days = from === null ? null : Math.max(0, differenceInDays(now, from));
  if (face.compoundId === null) return { age: 'bare', strokes, days };
  const share = strokes / USUAL_EVERY.load.most;
  const byUse = UNTIL.find(([, until]) => share < until)?.[0] ?? 'caked';
  const isDry = days !== null && days > DRY_DAYS && (byUse === 'fresh' || byUse === 'grey');
  return { age: isDry ? 'shiny' : byUse, strokes, days };
}
