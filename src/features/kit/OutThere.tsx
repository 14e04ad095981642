'use client';

import { kitWords as say } from '../../ui/words/screens/kit';
import type { Carried, Trip } from '../../domain/trip';
import { useJob, startLater, startForecast } from '../../live';
import { spreadWords } from '../../ui/words/tripWords';

/** A kit that is passed by on the way to another is not forecast (ms). */
const STILL_MS = 300;

/** What the days of a trip take with a kit as they are forecast, closing strops and all. */
export function OutThere(props: { trip: Trip; kit: Carried[]; now: string }) {
  const { trip, kit, now } = props;
  const asked = {
    trip: { ...trip, carried: kit },
    wish: { size: 'whole' as const, shelf: 'kit' as const, now },
  };
  const [state] = useJob(asked, (own, onProgress) =>
    startLater(STILL_MS, () => startForecast(own.trip, own.wish, onProgress)),
  );
  const answer = state.phase === 'done' ? state.answer : null;
  if (state.phase === 'failed') return null;
  return (
    <p className="mt-1">
      {say.outThereClosingStropsAnd}{' '}
      <b className="figures">{answer ? spreadWords(answer.forecast.minutes) : say.counting}</b>
    </p>
  );
}
