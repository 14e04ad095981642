import { compareAsc } from 'date-fns';
import { isWorked } from '../../domain/observation';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Finding, Inspection, Observation } from '../../domain/session';
import type { Zone } from '../../domain/tool';

/** One look at a zone, and whether what it found was ground out thereupon. */
export interface DamageLook {
  at: string;
  seen: Observation;
  mends: boolean;
}

/** Damage seen again this near (mm) to where it was is the same damage. */
const SAME_PLACE_MM = 3;

const GRINDS_OUT: readonly string[] = [
  'grind out damage',
  'grind the bevel flat',
  'grind the new angle',
];

/** Every look at a zone, before and after work on it and between, oldest first. */
export function damageLooks(
  zone: Zone,
  sessions: readonly LoggedSession[],
  inspections: readonly Inspection[],
): DamageLook[] {
  return [
    ...sessions
      .filter((s) => s.zoneId === zone.id && s.job !== 'spine')
      .flatMap((s): DamageLook[] => {
        const mends = s.steps.some((step) => GRINDS_OUT.includes(step.task) && isWorked(step));
        const before = { at: s.startedAt, seen: s.before, mends };
        return s.finishedAt
          ? [before, { at: s.finishedAt, seen: s.after, mends: false }]
          : [before];
      }),
    ...inspections
      .filter((i) => i.zoneId === zone.id)
      .map((i) => ({ at: i.at, seen: i.seen, mends: false })),
  ].sort((a, b) => compareAsc(a.at, b.at));
}

/** Chips and rolls, with their cause: what happens where nothing hard may strike is misuse, unless said otherwise. */
export function damages({ findings }: Observation, zone: Zone): Finding[] {
  return findings
    .filter(({ kind }) => kind === 'chip' || kind === 'roll')
    .map((found) =>
      zone.noImpacts && found.cause === 'unknown' ? { ...found, cause: 'misuse' } : found,
    );
}

/** All damage, each once however often it was looked at before it was mended, with the moment it was first seen. */
export function damageOnce(
  looks: readonly DamageLook[],
  zone: Zone,
): { at: string; found: Finding }[] {
  const counted: { at: string; found: Finding }[] = [];
  let open: Finding[] = [];
  for (const { at, seen, mends } of looks) {
    for (const found of damages(seen, zone)) {
      const known = open.some(
        ({ kind, atMm }) => kind === found.kind && Math.abs(atMm - found.atMm) <= SAME_PLACE_MM,
      );
      if (known) continue;
      open.push(found);
      counted.push({ at, found });
    }
    if (mends) open = [];
  }
  return counted;
}
