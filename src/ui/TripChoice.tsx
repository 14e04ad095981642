import { uiPartsWords as say } from './words/partsWords';
import type { Trip } from '../domain/trip';
import { dayOfTrip } from '../domain/tripDays';
import { SelectField } from './forms/fields';

/** Which of some trips is looked at; nothing where there is no choice. */
export function TripChoice(props: {
  trips: readonly Trip[];
  chosenId: string;
  onChoose: (id: string) => void;
}) {
  const { trips, chosenId, onChoose } = props;
  if (trips.length < 2) return null;
  return (
    <div className="w-64">
      <SelectField
        label={say.whichTrip}
        value={chosenId}
        options={trips.map((own) => [own.id, optionWords(own)] as const)}
        onChange={(event) => onChoose(event.target.value)}
      />
    </div>
  );
}

function optionWords(trip: Trip): string {
  return say.tripOption(trip.name, dayOfTrip(trip, 0).toISOString(), trip.archivedAt !== null);
}
