import { act, waitFor } from '@testing-library/react';
import fc from 'fast-check';
import { APP_DATABASE, renderInStore } from '../testing/inStore';
import { sample } from '../testing/sample';
import { freshStore } from '../testing/stores';
import { useRecords } from './useRecords';
import { backStep, useTripDraft, type TripStep } from './useTripDraft';

const trip = sample.trips.find(({ id }) => id === 'tarrow-ness')!;
const steps: TripStep[] = [
  (own) => ({ ...own, name: `${own.name}, again` }),
  (own) => ({ ...own, work: own.work.slice(1) }),
  (own) => ({ ...own, carried: [] }),
  (own) => ({ ...own, minutesPerEvening: own.minutesPerEvening + 5 }),
  (own) => ({ ...own, kit: { ...own.kit, heldIn: ['puck'] } }),
];
const anyStep = fc.constantFrom(...steps);

it('a step that is taken back leaves the trip as it was', () => {
  fc.assert(
    fc.property(anyStep, (step) => {
      expect(backStep(trip, step(trip))(step(trip))).toEqual(trip);
    }),
  );
});

it('steps that were taken elsewhere meanwhile stay', () => {
  fc.assert(
    fc.property(anyStep, anyStep, (step, other) => {
      fc.pre(step !== other);
      const back = backStep(trip, step(trip));
      expect(back(other(step(trip)))).toEqual(other(trip));
    }),
  );
});

it('a row of steps is taken back one after another', () => {
  fc.assert(
    fc.property(fc.array(anyStep, { maxLength: 6 }), (row) => {
      const backs: TripStep[] = [];
      let own = trip;
      for (const step of row) {
        const next = step(own);
        backs.push(backStep(own, next));
        own = next;
      }
      expect(backs.reduceRight((left, back) => back(left), own)).toEqual(trip);
    }),
  );
});

describe('a trip that is changed', () => {
  /** The trip as a screen has it: what is kept, once it is, under what is being changed. */
  const useTrip = (id: string) => {
    const kept = useRecords('trips')?.find((own) => own.id === id);
    return { kept, ...useTripDraft(kept ?? { ...trip, id }) };
  };
  const open = async (id: string) => {
    const other = await freshStore(APP_DATABASE);
    await other.trips.save({ ...trip, id });
    const tab = await renderInStore(() => useTrip(id));
    await waitFor(() => expect(tab.result.current.kept).toBeDefined());
    return { other, ...tab };
  };

  it('shows at once and is kept beside that', async () => {
    const { other, result } = await open('at-once');
    act(() => void result.current.change((own) => ({ ...own, name: 'Ness' })));
    expect(result.current.trip.name).toBe('Ness');
    await waitFor(() => expect(result.current.kept!.name).toBe('Ness'));
    expect(await other.trips.get('at-once')).toMatchObject({ name: 'Ness' });
  });

  it('takes steps that follow each other within one frame', async () => {
    const { result } = await open('one-frame');
    const longer: TripStep = (own) => ({ ...own, minutesPerEvening: own.minutesPerEvening + 1 });
    act(() => {
      for (let i = 0; i < 5; i += 1) result.current.change(longer);
    });
    expect(result.current.trip.minutesPerEvening).toBe(trip.minutesPerEvening + 5);
    await waitFor(() =>
      expect(result.current.kept!.minutesPerEvening).toBe(trip.minutesPerEvening + 5),
    );
  });

  it('adds to what another tab has written, though this one has not heard of it', async () => {
    const { other, result } = await open('two-tabs');
    await other.trips.update('two-tabs', (own) => ({
      ...own,
      footKm: 31,
      updatedAt: new Date().toISOString(),
    }));
    expect(result.current.trip.footKm).toBe(trip.footKm);
    act(() => void result.current.change((own) => ({ ...own, name: 'Ness' })));
    await waitFor(() => expect(result.current.kept).toMatchObject({ name: 'Ness', footKm: 31 }));
    expect(result.current.trip).toMatchObject({ name: 'Ness', footKm: 31 });
  });

  it('is taken back alone, with what came elsewhere since left in place', async () => {
    const { other, result } = await open('taken-back');
    let back: TripStep = (own) => own;
    act(() => {
      back = result.current.change((own) => ({ ...own, name: 'Ness' }));
    });
    await waitFor(() => expect(result.current.kept!.name).toBe('Ness'));
    await other.trips.update('taken-back', (own) => ({ ...own, footKm: 12 }));
    act(() => void result.current.change(back));
    await waitFor(async () =>
      expect(await other.trips.get('taken-back')).toMatchObject({ name: trip.name, footKm: 12 }),
    );
  });

  it('is kept with its first change where it was not yet', async () => {
    const { result } = await renderInStore(() => useTrip('not-kept'));
    expect(result.current.kept).toBeUndefined();
    act(() => void result.current.change((own) => ({ ...own, name: 'New ground' })));
    await waitFor(() => expect(result.current.kept).toMatchObject({ name: 'New ground' }));
  });

  it('tells of a change that cannot be kept, and writes nothing of it', async () => {
    const { other, result, refused } = await open('refused');
    act(() => void result.current.change((own) => ({ ...own, days: -3 })));
    await waitFor(() => expect(refused).toHaveLength(1));
    expect(refused[0]!.name).toBe('ValidationError');
    expect(await other.trips.get('refused')).toEqual({ ...trip, id: 'refused' });
  });
});
