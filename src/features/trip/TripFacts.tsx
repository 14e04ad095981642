'use client';

import dynamic from 'next/dynamic';
import { stoneWaterMl } from '../../core';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { Folded } from '../../ui/forms/Folded';
import { minutes, ml, plural } from '../../ui/format';

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
      title="The trip"
      isLazy
      holds={[
        plural(days, 'day'),
        climate.join(', ') || 'any weather',
        nights === 'at home'
          ? 'evenings at home'
          : `${ml(stoneWaterMl(props.trip))} of ${ml(props.trip.waterAtHandMlPerDay)} a day for stones`,
        `${minutes(minutesPerEvening)} an evening`,
        `${plural(midJobStops, 'stop')} in mid-job${kit.midJobFromBelt ? ', from the belt' : ''}`,
        ...(people.length > 0 ? [people.join(', ')] : []),
      ].join(' · ')}
    >
      <TripForms {...props} />
    </Folded>
  );
}
