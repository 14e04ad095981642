import { guideLink } from '../../ui/links';
import { planWords as say } from './words/planWords';
import { ActionBar } from '../../ui/ActionBar';
import type { JobPlan } from '../../core/jobs';
import { isSpineTask } from '../../domain/terms';
import type { Zone } from '../../domain/tool';
import type { LoggedSession } from '../../domain/loggedSession';
import Link from '../../ui/Link';
import { sentence } from '../../ui/format';
import { underWayWords } from '../../ui/words/underWay';
import { passesWords } from '../../ui/words/testWords';

/** How long it takes, what it ends at and whose log says so, and the one action. */
export function PlanBar(props: {
  headline: string;
  plan: JobPlan | null;
  zone: Zone;
  /** What the tool keeps of it, where the job is done for that; where the steps lead is said else. */
  keeps: string | null;
  startWords: string;
  /** What is under way on this edge already: it is gone on with, and no other begun. */
  underWay: LoggedSession | undefined;
  onStart: () => void;
}) {
  const { headline, plan, zone, keeps, startWords, underWay, onStart } = props;
  const isPlanned = plan?.outcome === 'planned';
  return (
    <ActionBar className="mt-auto">
      <div className="mx-auto flex max-w-[82rem] items-center gap-x-6 px-4 py-2 sm:px-8">
        <div className="min-w-0 flex-1">
          <p className="sign figures text-2xl leading-tight">
            {underWay ? sentence(underWayWords(underWay)) : headline}
          </p>
          {isPlanned && <p className="hidden text-[0.92rem] sm:block">{learnedWords(plan)}</p>}
        </div>
        {isPlanned && (
          <p className="hidden max-w-[36ch] flex-1 text-[0.95rem] lg:block">
            {keeps ?? endWords(plan, zone)}
          </p>
        )}
        {underWay ? (
          <Link
            href={guideLink(underWay.id)}
            className="btn btn-primary ml-auto px-5 text-lg whitespace-nowrap sm:px-8"
          >
            {say.goOnWithIt}
          </Link>
        ) : (
          <button
            type="button"
            className="btn btn-primary ml-auto px-5 text-lg whitespace-nowrap sm:px-8"
            disabled={!isPlanned}
            onClick={onStart}
          >
            {startWords}
          </button>
        )}
      </div>
    </ActionBar>
  );
}

/** How many of the person's own steps stand behind the figures. */
function learnedWords({ steps }: JobPlan): string {
  const taught = steps.filter(({ learnedSteps }) => learnedSteps > 0);
  if (taught.length === 0) return say.usualValuesUntilYourOwn;
  const words = taught.map(({ abrasive, learnedSteps, learnedFrom }) =>
    say.learnedFrom(abrasive.name, learnedSteps, learnedFrom !== 'itself'),
  );
  return say.learnedFromYourLog([...new Set(words)].join(', '), taught.length === steps.length);
}

/** Where the steps lead, against what was asked for. */
export function endWords(plan: JobPlan, zone: Zone): string {
  if (plan.steps.every(({ task }) => isSpineTask(task))) return '';
  const ends = say.endsAtAbout(plan.apexRadiusUm, passesWords(plan.apexRadiusUm));
  if (plan.shortOf.apex) return say.shortOfItsTarget(ends, zone.targetApexUm);
  if (plan.shortOf.finish) return say.endsWithCoarserScratches(ends);
  return say.target(ends, zone.targetApexUm);
}
