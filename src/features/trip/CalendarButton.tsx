'use client';

import { spoken } from '../../ui/words/closedWords';
import { tripWords as say } from './words';
import { sum } from 'd3-array';
import { formatISO } from 'date-fns';
import type { MaintenancePlan } from '../../core/trip';
import { edgeName } from '../../domain/edgeName';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { dayOfTrip } from '../../domain/tripDays';
import { saveCalendar } from '../../ui/saveCalendar';
import { workInWords } from '../../ui/words/needWords';
import { edgeNames, type EdgeNamer } from '../../ui/words/edgeNames';

/** The trip, the evening before it and each of its evenings as a calendar file. */
export default function CalendarButton(props: {
  trip: Trip;
  plan: MaintenancePlan;
  tools: readonly Tool[];
}) {
  const { trip, plan, tools } = props;
  return (
    <button
      type="button"
      className="btn btn-outline mt-4"
      onClick={() =>
        void saveCalendar('open-trail-trip.ics', linesOf(trip, plan, edgeNames(tools)))
      }
    >
      {say.intoACalendar}
    </button>
  );
}

function linesOf(trip: Trip, plan: MaintenancePlan, nameOf: EdgeNamer) {
  const day = (offset: number): string =>
    formatISO(dayOfTrip(trip, offset), { representation: 'date' });
  const home = sum(plan.home, (line) => line.minutes);
  return [
    {
      id: `trip ${trip.id} before`,
      title: say.edgesBefore(trip.name, home),
      details: plan.home.map(
        ({ need }) => `${edgeName(need.tool, need.zone)}: ${workInWords(need)}`,
      ),
      startsOn: day(-1),
    },
    {
      id: `trip ${trip.id}`,
      title: trip.name,
      details: [],
      startsOn: day(0),
      endsOn: day(trip.days),
      isBusy: true,
    },
    ...plan.out.map((out) => ({
      id: `trip ${trip.id} evening ${out.day}`,
      title: say.edgesThisEveningAbout(out.eveningMinutes.median),
      details: out.evening.map((line) =>
        say.rungLikelyFor(nameOf(line), spoken(line.rung), Math.round(10 * line.chance)),
      ),
      startsOn: day(out.day),
    })),
  ];
}
