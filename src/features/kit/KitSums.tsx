import { kitWords as say } from './words/kitWords';
import { maxIndex } from 'd3-array';
import { eveningWork, type KitSolution } from '../../core/kit';
import type { Trip, Carried } from '../../domain/trip';
import { grams } from '../../ui/format';
import { needWords } from './words/kitVerdicts';
import type { ChosenKit } from './useChosenKit';
import type { ShownKits } from './useKits';
import { useJob, startLater, startForecast } from '../../live';
import { spreadWords } from '../../ui/words/tripWords';

/** The chosen kit in sum: its grams, its minutes, and which kit it is. */
export function KitSums(props: {
  kit: ChosenKit;
  trip: Trip;
  solution: KitSolution;
  kits: ShownKits;
  now: string;
}) {
  const { kit, trip, solution, kits, now } = props;
  const { totals, serves, along } = kit;
  return (
    <div role="status">
      <p className="sign figures text-[5.2rem] leading-none" data-testid="kit-grams">
        {grams(totals.grams)}
      </p>
      <p className="mt-1">
        <b>{say.about(totals.minutes)}</b>{' '}
        {say.minutesADayToTargets(trip.days, totals.minutes / trip.days, serves, solution.proven)}
      </p>
      <TightestEvening kit={kit} trip={trip} solution={solution} />
      {trip.work.length > 0 && kits.share === null && (
        <OutThere trip={trip} now={now} kit={along} />
      )}
      {kit.is === 'packed' && <p className="mt-1">{say.thisKitGoesAlong}</p>}
      {kit.is === 'asked for' && kit.isPacked && (
        <button type="button" className="link min-h-12" onClick={() => kit.ask(null)}>
          {say.backToKitThatGoesAlong}
        </button>
      )}
      {kits.limitsBind && !kit.isPacked && <WithinLimits kit={kit} hasAny={kits.within !== null} />}
    </div>
  );
}

/** The evening that has least room: within its limit by how much, or over it, and what to drop. */
function TightestEvening({
  kit,
  trip,
  solution,
}: {
  kit: ChosenKit;
  trip: Trip;
  solution: KitSolution;
}) {
  const { evenings } = kit.totals;
  const day = maxIndex(evenings);
  if (day < 0 || trip.nights === 'at home') return null;
  const [own, most] = [evenings[day]!, trip.minutesPerEvening];
  const name = say.evening(day + 1);
  if (own <= most) {
    return <p className="mt-1 text-[0.95rem]">{say.theTightestOf(name, own, most)}</p>;
  }
  const heaviest = eveningWork(solution, kit.kit, day)[0];
  return (
    <p className="field-error mt-1">
      {heaviest
        ? say.cannotBeKeptUnlessDropped(name, own, most, needWords(heaviest.need), heaviest.minutes)
        : say.cannotBeKeptOf(name, own, most)}
    </p>
  );
}

function WithinLimits({ kit, hasAny }: { kit: ChosenKit; hasAny: boolean }) {
  if (!hasAny) return <p className="mt-1">{say.nothingFitsLimits}</p>;
  return (
    <p className="mt-1">
      {kit.is === 'within limits' ? (
        say.theBestWithinYourLimits
      ) : (
        <button type="button" className="link min-h-12" onClick={() => kit.ask(null)}>
          {say.backToTheBestWithin}
        </button>
      )}
    </p>
  );
}

/** A kit that is passed by on the way to another is not forecast (ms). */
const STILL_MS = 300;

/** What the days of a trip take with a kit as they are forecast, closing strops and all. */
function OutThere(props: { trip: Trip; kit: Carried[]; now: string }) {
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
      {say.outThereWithStrops}{' '}
      <b className="figures">{answer ? spreadWords(answer.forecast.minutes) : say.counting}</b>
    </p>
  );
}
