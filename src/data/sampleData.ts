import { differenceInCalendarDays, addDays, formatISO, parseISO } from 'date-fns';
import type { AllRecords } from '../domain/records';
import { STORE_NAMES } from '../domain/storeNames';
import type { Bundle } from '../formats/bundle';
import { defaultSettings } from './defaultSettings';
import type { Act } from './act';
import type { Store } from './store';

/** Set where the application is started as a demonstration. */
const IS_DEMO = process.env.NEXT_PUBLIC_DEMO === '1';

/** Loads the sample crew into an empty database of a demonstration. */
export async function loadSampleOnFirstVisit(store: Store): Promise<void> {
  if (IS_DEMO && (await store.whole.isEmpty())) await loadSample(store, new Date());
}

/** Puts the sample crew in the place of all data, with its dates moved so that it stands today. */
export async function loadSample(store: Store, now: Date): Promise<Act> {
  const { default: file } = await import('../../demo/tarrow-ness.json');
  const { records, exportedAt } = file as unknown as Bundle;
  const days = differenceInCalendarDays(now, parseISO(exportedAt));
  return store.whole.replaceAll({
    ...shiftDates(records, days),
    settings: [{ ...defaultSettings(now.toISOString()), demoLoadedAt: now.toISOString() }],
  });
}

/** Removes everything and remembers that the person chose to start empty. */
export async function startEmpty(store: Store, now: Date): Promise<Act> {
  const none = Object.fromEntries(STORE_NAMES.map((name) => [name, []])) as unknown as AllRecords;
  return store.whole.replaceAll({ ...none, settings: [defaultSettings(now.toISOString())] });
}

/** Every date and time in the records, later by whole days. */
export function shiftDates<T>(value: T, days: number): T {
  if (typeof value === 'string') return shiftText(value, days) as T;
  if (Array.isArray(value)) return value.map((entry) => shiftDates(entry, days)) as T;
  if (value && typeof value === 'object') {
    return Object.fromEntries(
      Object.entries(value).map(([key, entry]) => [key, shiftDates(entry, days)]),
    ) as T;
  }
  return value;
}

function shiftText(text: string, days: number): string {
  if (/^\d{4}-\d{2}-\d{2}T[\d:.]+Z$/.test(text)) {
    return addDays(parseISO(text), days).toISOString();
  }
  if (/^\d{4}-\d{2}-\d{2}$/.test(text)) {
    return formatISO(addDays(parseISO(text), days), { representation: 'date' });
  }
  return text;
}
