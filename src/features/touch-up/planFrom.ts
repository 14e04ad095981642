import { abrasivesAtHand, planJob, type EdgeNeed, type JobPlan, type Shelf } from '../../core';
import type { Observation, Session } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import type { JobAddress } from '../../ui/jobAddress';

/** The plan of a job as the screen has it: this edge, as seen now, with what is at hand here. */
export function planFrom(input: {
  need: EdgeNeed;
  address: JobAddress;
  before: Observation;
  where: Session['where'];
  shelf: Shelf;
  settings: Settings;
}): JobPlan | null {
  const { need, address, before, where, shelf, settings } = input;
  const { tool, zone, state, sessions, stops } = need;
  if (stops.length > 0) return null;
  return planJob({
    ...address,
    tool,
    zone,
    before,
    keenRadiusUm: state.keenUm,
    sessions,
    abrasives: abrasivesAtHand(where === 'bench' ? shelf : carried(shelf), tool.schools),
    pace: settings.strokesPerMinute,
  });
}

/** What is not left in the workshop. */
function carried(shelf: Shelf): Shelf {
  const travels = ({ place }: { place: string }): boolean => place !== 'workshop';
  return {
    abrasives: shelf.abrasives.filter(travels),
    strops: shelf.strops.filter(travels),
    compounds: shelf.compounds.filter(travels),
    lubricants: shelf.lubricants.filter(travels),
  };
}
