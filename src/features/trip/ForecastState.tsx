import { tripWords as say } from '../../ui/words/screens/trip';
import { failureWords } from '../../ui/words/failureWords';
import { useSaveState, type ShownForecast } from '../../live';
import { SavedWord } from '../../ui/SavedWord';

/** How much stands behind the figures, and how far the rest is. */
export function ForecastState({ shown }: { shown: ShownForecast }) {
  const { answer, isWhole, share, error, stop, again } = shown;
  const { word: saved } = useSaveState();
  const isStopped = !isWhole && share === null && !error;
  return (
    <div className="mt-1 flex min-h-12 flex-wrap items-center gap-x-4 text-[0.95rem] text-soft">
      <p role="status">
        {error
          ? failureWords(error)
          : answer
            ? say.mediansPriorsWhereYourLog(answer.forecast.runs, isWhole ? '' : say.moreToCome)
            : say.lookingAhead}
      </p>
      <SavedWord word={saved} />
      {share !== null && (
        <>
          <progress className="progress w-24" value={share} max={1} aria-label={say.forecast} />
          <button type="button" className="link min-h-12" onClick={stop}>
            {say.stop}
          </button>
        </>
      )}
      {(isStopped || error) && (
        <button type="button" className="link min-h-12" onClick={again}>
          {say.allRuns}
        </button>
      )}
    </div>
  );
}
