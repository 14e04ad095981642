import 'fake-indexeddb/auto';
import { parseISO, setHours } from 'date-fns';
import { gramsFromApex } from '../core/sharpness';
import { readGrams } from '../domain/observation';
import type { Trip } from '../domain/trip';
import { sample } from '../testing/sample';
import { freshStore } from '../testing/stores';
import { createTripDulling } from './tripDulling';

const now = '2027-01-01T00:00:00.000Z';
const start = sample.trips[0]!;
const trip: Trip = {
  ...start,
  startsOn: '2026-06-01',
  days: 3,
  toolIds: ['wren'],
  ownTasks: [],
  work: [{ toolId: 'wren', day: 0, taskId: 'carve-dry', hours: 2, counted: null }],
};
const wren = sample.tools.find(({ id }) => id === 'wren')!;
const lookAt = (hour: number, apexUm: number) => ({
  ...sample.inspections[0]!,
  id: `look ${hour}`,
  toolId: 'wren',
  zoneId: wren.zones[0]!.id,
  tripId: null,
  at: setHours(parseISO(trip.startsOn), hour).toISOString(),
  seen: { tests: [readGrams(Math.round(gramsFromApex({ apexRadiusUm: apexUm })))], findings: [] },
});

async function asked() {
  const store = await freshStore();
  await store.tools.save(wren);
  await store.inspections.save(lookAt(8, 0.5));
  await store.inspections.save(lookAt(18, 1.5));
  const dulling = createTripDulling(store);
  const of = (change: Partial<Trip> = {}) => dulling.of({ ...trip, ...change }, now, null);
  return { store, of };
}

it('what the log of a trip’s tools teaches is kept, and follows hours, days and own tasks', async () => {
  const { of } = await asked();
  const first = await of();
  expect([...first.tasks.keys()]).toEqual(['wren/carve-dry']);
  expect(await of()).toBe(first);

  // A day later the looks are no longer around the work.
  expect(await of({ startsOn: '2026-06-02' })).not.toEqual(first);
  const more = await of({ work: [{ ...trip.work[0]!, hours: 5 }] });
  expect(more.tools.get('wren')!.factor).toBeLessThan(first.tools.get('wren')!.factor);

  const bones = (dullingUmPerHour: number) =>
    of({
      work: [{ ...trip.work[0]!, taskId: 'bones' }],
      ownTasks: [{ id: 'bones', name: 'bones', asks: 'carve', dullingUmPerHour, chipsPerHour: 0 }],
    });
  const [rough, rougher] = [await bones(0.5), await bones(1)];
  expect(rougher.tools.get('wren')!.factor).toBeLessThan(rough.tools.get('wren')!.factor);
});

it('follows the log as well', async () => {
  const { store, of } = await asked();
  const first = await of();
  await store.inspections.save(lookAt(18, 4));
  expect((await of()).tools.get('wren')!.factor).toBeGreaterThan(first.tools.get('wren')!.factor);
});
