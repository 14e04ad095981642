import { USUAL_TRIP, type Trip } from '../../domain/trip';
import { usualHand } from '../../testing/bench';
import { sample } from '../../testing/sample';
import { zoneStates } from '../inspection';
import { needsOfEachOnce } from './kitNeeds';
import { kitProblem } from './kitProblem';
import { rackRound } from './rackRound';

const zones = zoneStates(sample);
const sampleProblem = (wishes: Partial<Trip['kit']>) =>
  kitProblem({
    needs: needsOfEachOnce(zones, 0.15),
    shelf: sample,
    helpers: sample.helpers,
    wishes: { ...USUAL_TRIP.kit, ...wishes },
    minutesPerTouchUp: 30,
    hand: usualHand,
  });

describe('the problem of a kit', () => {
  it('weighs what is carried anyway at nothing, and lays each thing where it lives or was moved to', () => {
    const { items } = sampleProblem({});
    const item = (id: string) => items.find((own) => own.id === id)!;
    expect(['belt', 'water', 'mill-file'].map((id) => item(id).massG)).toEqual([0, 0, 230]);
    expect(item('pocket-plate').place).toBe('pouch');
    expect(item('paddle').place).toBe('pack');
    const moved = sampleProblem({ places: [{ itemId: 'paddle', place: 'base-camp' }] });
    expect(moved.items.find(({ id }) => id === 'paddle')!.place).toBe('base-camp');
  });

  it('knows what covers what is asked', () => {
    const { covers } = sampleProblem({ covers: ['wipe', 'rust film', 'see the angle'] });
    const covering = new Map(covers.map(({ cover, itemIds }) => [cover, itemIds]));
    expect(covering.get('see the angle')).toEqual(['marker', 'coins']);
    expect(covering.get('rust film')).toEqual(['wax', 'fat', 'oil']);
    expect(covering.has('first aid')).toBe(false);
  });
});

describe('one round of a rack', () => {
  it('takes every edge as a day’s work leaves it, or as it is now if that is worse', () => {
    const round = rackRound({ zones, shelf: sample, chipDepthMm: 0.1, hand: usualHand });
    for (const { condition, target } of round.needs) {
      expect(condition.apexRadiusUm).toBeGreaterThanOrEqual(3 * target.apexRadiusUm - 1e-9);
      expect(condition.damageDepthMm).toBeGreaterThanOrEqual(0.1);
    }
    const heron = round.needs.find(({ name }) => name === 'Heron')!;
    expect(heron.condition.damageDepthMm).toBe(2.5);
  });
});
