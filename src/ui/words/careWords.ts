import { spoken } from './closedWords';
import { millisecondsInDay } from 'date-fns/constants';
import type { CareRow, DoneTogether } from '../../core/care';
import type { CareDoing } from '../../domain/care';
import { day, deg, listed } from '../format';
import { plural } from './plural';

const DOING_WORDS: Record<CareDoing, (name: string) => string> = {
  flatten: (name) => `Flatten ${name}`,
  scrub: (name) => `Wash and scrub ${name}`,
  load: (name) => `Load ${name}`,
  'wax sheath': (name) => `Wax ${name}’s sheath`,
  'oil handle': (name) => `Oil ${name}’s handle`,
  'head and haft': (name) => `Look at ${name}’s head and haft`,
  dry: (name) => `Dry ${name}`,
  sheathe: (name) => `Put ${name} into its sheath`,
  film: (name) => `Film of oil, wax or fat on ${name}`,
  'clean strop': (name) => `Scrape ${name} clean`,
  'oil leather': (name) => `A drop of oil for the leather of ${name}`,
  'next face': (name) => `A fresh face for ${name}`,
  restock: (name) => `Buy a spare ${name}: the last one is in use`,
  'look at compound': (name) => `Look at ${name}: dry, crumbled, grit in it?`,
  'file spine': (name) => `File ${name}’s spine anew`,
};

/** Several of a kind, as one order. */
const SEVERAL_WORDS: Record<DoneTogether, (count: number) => string> = {
  'wax sheath': (count) => `Wax ${count} sheaths`,
  'oil handle': (count) => `Oil ${count} handles`,
  'head and haft': (count) => `Look at the heads and hafts of ${count} tools`,
  film: (count) => `Film of oil, wax or fat on ${count} blades`,
  'look at compound': (count) => `Look at ${count} compounds: dry, crumbled, grit in them?`,
  'oil leather': (count) => `A drop of oil for the leather of ${count} strops`,
};

/** What is to be done, as an order. */
export function careTitle({ doing, name }: Pick<CareRow, 'doing' | 'name'>): string {
  return DOING_WORDS[doing](name);
}

/** What is to be done for some things at once. */
export function careGroupTitle(rows: readonly Pick<CareRow, 'doing' | 'name'>[]): string {
  const several: ((count: number) => string) | undefined =
    SEVERAL_WORDS[rows[0]!.doing as DoneTogether];
  return rows.length > 1 && several ? several(rows.length) : careTitle(rows[0]!);
}

/** How the day of some rows follows: of what was done longest ago. */
export function careGroupReason(rows: readonly CareRow[]): string {
  const oldest = rows.reduce((a, b) => ((b.lastAt ?? '') < (a.lastAt ?? '') ? b : a));
  if (rows.length === 1) return careReason(oldest);
  return `${listed(rows.map(({ name }) => name))}. ${careReason(oldest)}`;
}

/** How the day of a row follows. */
export function careReason(row: CareRow): string {
  const { used, aWeek, hollowDeg, isClogged, rustAt, backFromWetAt } = row;
  const { lastAt, tripId, doing, freshLeft } = row;
  if (rustAt !== null) {
    return `Rust was found on ${day(rustAt)}: rub it off with oil and a cork first.`;
  }
  if (backFromWetAt !== null) {
    return `Back from wet or salt on ${day(backFromWetAt)}: wipe it, dry it, then the film.`;
  }
  if (hollowDeg !== null) return `Hollow: the angle drifts by ${deg(hollowDeg)}.`;
  if (isClogged) return 'Loaded or glazed: it cuts less than it should.';
  const last = lastAt ? `Last on ${day(lastAt)}` : 'Nothing in the log yet';
  if (used?.unit === 'days') {
    const wanted = `${last}; every ${plural(used.most, 'day')}${used.isUsual ? '' : ', as you set it'}.`;
    if (!tripId) return wanted;
    return doing === 'head and haft'
      ? `${wanted} Before every trip.`
      : `${wanted} The trip needs it.`;
  }
  if (!used) return `${last}.`;
  if (used.unit === 'raisings') {
    return `${plural(Math.max(0, used.most - used.amount), 're-raising')} left of ${used.most}${aWeek ? `, ${perYear(aWeek)}` : ', none made yet'}.`;
  }
  const days = row.usedDays ? `, ${row.usedDays.days} days of ${row.usedDays.most}` : '';
  const pace = aWeek === null ? '' : `; you make ${Math.max(1, Math.round(aWeek))} a week`;
  const by = freshLeft === null ? '' : ` ${freshLeft || 'No'} fresh left.`;
  return `${used.amount} ${spoken(used.unit)} of ${used.most}${used.isUsual ? '' : ', as you set it'}${days}${pace}.${by}`;
}

function perYear(aWeek: number): string {
  const years = 1 / (52 * aWeek);
  return years < 1
    ? `one in ${plural(Math.max(1, Math.round(12 * years)), 'month')}`
    : `one in ${plural(Math.round(years), 'year')}`;
}

/** When a row is due, as people say it: far days by their month, none where there is no pace. */
export function careDue({ dueAt }: Pick<CareRow, 'dueAt'>, now: Date): string {
  if (dueAt === null) return 'no date';
  const days = Math.round((Date.parse(dueAt) - now.getTime()) / millisecondsInDay);
  if (days < -1) return `${-days} days over`;
  if (days <= 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days < 60) return `in ${days} days`;
  if (days < 2 * 365) return `in ${Math.round(days / 30)} months`;
  if (days < 20 * 365) return `in about ${Math.round(days / 365)} years`;
  return 'not in twenty years';
}
