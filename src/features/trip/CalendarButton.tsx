'use client';

import { addDays, formatISO, parseISO } from 'date-fns';
import type { MaintenancePlan } from '../../core';
import { edgeName } from '../../domain/edgeName';
import type { Trip } from '../../domain/trip';
import { downloadText } from '../../ui/download';
import { minutes } from '../../ui/format';
import { notice } from '../../ui/notice';
import { failureWords } from '../../ui/words/failureWords';
import { workInWords } from '../../ui/words/needWords';

/** The trip, the evening before it and each of its evenings as a calendar file. */
export function CalendarButton({ trip, plan }: { trip: Trip; plan: MaintenancePlan }) {
  const save = async (): Promise<void> => {
    try {
      const { tripCalendar } = await import('../../formats/tripCalendar');
      downloadText('open-trail-trip.ics', tripCalendar(linesOf(trip, plan)), 'text/calendar');
    } catch (error) {
      void notice(failureWords(error as Error), { stays: true });
    }
  };
  return (
    <button
      type="button"
      className="btn btn-outline justify-self-start"
      onClick={() => void save()}
    >
      Into a calendar
    </button>
  );
}

function linesOf(trip: Trip, plan: MaintenancePlan) {
  const start = parseISO(trip.startsOn);
  const day = (offset: number): string =>
    formatISO(addDays(start, offset), { representation: 'date' });
  const home = plan.home.reduce((sum, line) => sum + line.minutes, 0);
  return [
    {
      title: `Edges before ${trip.name}: ${minutes(home)}`,
      details: plan.home.map(
        ({ need }) => `${edgeName(need.tool, need.zone)}: ${workInWords(need)}`,
      ),
      startsOn: day(-1),
    },
    { title: trip.name, details: [], startsOn: day(0), endsOn: day(trip.days) },
    ...plan.out.map((out) => ({
      title: `Edges this evening: about ${minutes(out.eveningMinutes.median)}`,
      details: out.evening.map(
        ({ edgeId, rung, chance }) => `${edgeId}: ${rung}, ${Math.round(10 * chance)} in 10`,
      ),
      startsOn: day(out.day),
    })),
  ];
}
