'use client';

import { spoken } from '../../ui/words/closedWords';
import { counted } from '../../ui/words/counted';
import { tripWords } from './words';
import dynamic from 'next/dynamic';
import { stoneWaterMl } from '../../core/trip';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { Folded } from '../../ui/forms/Folded';
const TripForms = dynamic(() => import('./TripForms'), { ssr: false });

/** What a trip is, in a line; behind it the forms that say so. */
export function TripFacts(props: {
  trip: Trip;
  tools: readonly Tool[];
  onChange: (change: Partial<Trip>) => void;
}) {
  const { climate, days, minutesPerEvening, midJobStops, nights, people, kit } = props.trip;
  return (
    <Folded
      title={tripWords.theTrip}
      isLazy
      holds={[
        counted.day(days),
        climate.map(spoken).join(', ') || tripWords.anyWeather,
        nights === 'at home'
          ? tripWords.eveningsAtHome
          : tripWords.ofADayForStones(stoneWaterMl(props.trip), props.trip.waterAtHandMlPerDay),
        tripWords.anEvening(minutesPerEvening),
        tripWords.stopsInMidJob(midJobStops, kit.midJobFromBelt),
        ...(people.length > 0 ? [people.join(', ')] : []),
      ].join(' · ')}
    >
      <TripForms {...props} />
    </Folded>
  );
}
