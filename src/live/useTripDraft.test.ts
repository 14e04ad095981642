import fc from 'fast-check';
import { sample } from '../testing/sample';
import { backStep, type TripStep } from './useTripDraft';

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
