import { edgeName } from '../../domain/edgeName';
import type { ZoneState } from '../inspection';
import { edgeTarget, KEEN_SHARE, oneChip, workingFace } from '../ladder';
import {
  EVENT_STATES,
  TOUCH_UP_EVENTS,
  touchUpEvent,
  type TouchUpEvent,
  type TripForecast,
} from '../trip';
import type { KitNeed } from './types';

/** An event that comes less often than this over a trip is left out. */
const LEAST_COUNT = 0.05;

/**
 * What a kit has to serve, by the forecast of a trip made with everything that is owned: each edge in each
 * state that it comes to, as often as that is expected. In mid-job it is met from the belt where that is
 * asked.
 */
export function needsOfForecast(
  forecast: TripForecast,
  zones: readonly ZoneState[],
  midJobFromBelt: boolean,
): KitNeed[] {
  return zones.flatMap((own) => {
    const edgeId = `${own.tool.id}/${own.zone.id}`;
    const events = forecast.edges.find(({ id }) => id === edgeId)?.events;
    if (!events) return [];
    return TOUCH_UP_EVENTS.flatMap((event): KitNeed[] => {
      const [midJob, evening] = [events.midJob[event], events.evening[event]];
      const perEvening = events.evenings.map((counts) => counts[event]);
      const parts = midJobFromBelt
        ? [
            { fromBelt: true, count: midJob, perEvening: [] },
            { fromBelt: false, count: evening, perEvening },
          ]
        : [{ fromBelt: false, count: midJob + evening, perEvening }];
      return parts
        .filter(({ count }) => count >= LEAST_COUNT)
        .map((part) => needOf(own, event, part));
    });
  });
}

/** Each edge brought back once, from what a day's work leaves, and from a chip where one is feared. */
export function needsOfEachOnce(zones: readonly ZoneState[], chipDepthMm: number): KitNeed[] {
  const events: TouchUpEvent[] = ['touch-up'];
  if (chipDepthMm > 0) events.push(touchUpEvent(0, chipDepthMm, 1));
  return zones.flatMap((own) =>
    events.map((event) => needOf(own, event, { fromBelt: false, count: 1, perEvening: [] })),
  );
}

function needOf(
  { tool, zone }: Pick<ZoneState, 'tool' | 'zone'>,
  event: TouchUpEvent,
  part: Pick<KitNeed, 'fromBelt' | 'count' | 'perEvening'>,
): KitNeed {
  const { ratio, chipMm } = EVENT_STATES[event];
  const edgeId = `${tool.id}/${zone.id}`;
  return {
    id: `${edgeId} ${event}${part.fromBelt ? ' on the belt' : ''}`,
    edgeId,
    event,
    ...part,
    name: edgeName(tool, zone),
    face: workingFace(tool, zone),
    condition: {
      apexRadiusUm: ratio * zone.targetApexUm,
      damageDepthMm: chipMm,
      damageStretch: chipMm > 0 ? oneChip(zone) : null,
      keenRadiusUm: KEEN_SHARE * zone.targetApexUm,
    },
    target: edgeTarget(tool, zone, 'field'),
  };
}
