import { differenceInCalendarDays, addDays, formatISO, parseISO } from 'date-fns';
import type { AllRecords } from '../domain/records';
import { STORE_NAMES } from '../domain/storeNames';
import type { Bundle } from '../formats/bundle';
import { defaultSettings } from '../core/defaultSettings';
import type { Act } from './act';
import type { Store } from './store';

/** Set where the application is started as a demonstration. */
const IS_DEMO = process.env.NEXT_PUBLIC_DEMO === '1';

/** Loads the sample crew into an empty database of a demonstration. */
export async function loadSampleOnFirstVisit(store: Store): Promise<void> {
  if (IS_DEMO && (await store.whole.isEmpty())) await loadSample(store, new Date());
}

/** Puts the sample crew in the place of all data, with its days moved so that it stands today. */
export async function loadSample(store: Store, now: Date): Promise<Act> {
  const { default: file } = await import('../../demo/tarrow-ness.json');
  const { records, exportedAt } = file as unknown as Bundle;
  return store.whole.replaceAll({
    ...broughtTo(now, exportedAt, records),
    settings: [{ ...defaultSettings(now.toISOString()), demoLoadedAt: now.toISOString() }],
  });
}

/** Removes everything and remembers that the person chose to start empty. */
export async function startEmpty(store: Store, now: Date): Promise<Act> {
  const none = Object.fromEntries(STORE_NAMES.map((name) => [name, []])) as unknown as AllRecords;
  return store.whole.replaceAll({ ...none, settings: [defaultSettings(now.toISOString())] });
}

/**
 * Records that were written on a day, as if they had been written today. Their moments are hours of the
 * day where the person is, whatever its zone and season: what was done at nine in the evening stays so.
 */
export function broughtTo<T>(today: Date, writtenAt: string, records: T): T {
  const days = differenceInCalendarDays(today, onTheClock(writtenAt));
  const moved = (value: unknown): unknown => {
    if (typeof value === 'string') return movedText(value, days);
    if (Array.isArray(value)) return value.map(moved);
    if (value && typeof value === 'object') {
      return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, moved(each)]));
    }
    return value;
  };
  return moved(records) as T;
}

/** A moment's hour read as one where the person is. */
function onTheClock(moment: string): Date {
  return parseISO(moment.replace('Z', ''));
}

function movedText(text: string, days: number): string {
  if (/^\d{4}-\d{2}-\d{2}T[\d:.]+Z$/.test(text)) {
    return addDays(onTheClock(text), days).toISOString();
  }
  if (/^\d{4}-\d{2}-\d{2}$/.test(text)) {
    return formatISO(addDays(parseISO(text), days), { representation: 'date' });
  }
  return text;
}
