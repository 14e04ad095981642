import { spoken } from '../../ui/words/closedWords';
import { inspectWords as say } from './words/inspectWords';
import { ActionBar } from '../../ui/ActionBar';
import type { EdgeVerdict } from '../../core/inspection';
import type { Job } from '../../domain/terms';
import { sentence } from '../../ui/format';

/** The one action that a verdict leads to. */
const PLAN_THE_JOB: Record<Job, string> = {
  'touch-up': say.planTheTouchUp,
  hone: say.planTheHoning,
  upkeep: say.planTheStropping,
  thin: say.planTheThinning,
  angle: say.planTheNewAngle,
  spine: say.planSpineWork,
};

/** The verdict in a word, and what to do with it: note the look, or note it and plan the job. */
export function InspectionBar(props: {
  verdict: EdgeVerdict;
  onNote: () => void;
  onPlan: () => void;
}) {
  const { rung, job, plan } = props.verdict;
  return (
    <ActionBar className="mt-auto">
      <div className="mx-auto flex max-w-[82rem] items-center gap-x-3 px-4 py-2 sm:px-8 sm:py-3">
        <p className="sign hidden text-xl sm:block">
          {rung === 'leave alone' ? say.leaveItAlone : `${sentence(spoken(rung))}.`}
        </p>
        <button
          type="button"
          className="btn btn-outline px-3 whitespace-nowrap sm:ml-auto sm:px-5"
          onClick={props.onNote}
        >
          {say.noteTheLook}
        </button>
        <button
          type="button"
          className="btn btn-primary flex-1 px-3 whitespace-nowrap sm:flex-none sm:px-7 sm:text-lg"
          disabled={plan?.outcome !== 'planned'}
          onClick={props.onPlan}
        >
          {PLAN_THE_JOB[job]}
        </button>
      </div>
    </ActionBar>
  );
}
