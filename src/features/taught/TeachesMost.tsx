import { taughtWords as say } from '../../ui/words/screens/taught';
import { ActionBar } from '../../ui/ActionBar';
import Link from '../../ui/Link';
import { PRIORS, type EdgeNeed } from '../../core';
import { minutes } from '../../ui/format';
import { jobLink } from '../../ui/jobAddress';
import type { TaughtThing } from '../../core';

/** The job on the rack whose stone the log knows least: doing it teaches most. */
export function TeachesMost(props: { needs: readonly EdgeNeed[]; things: readonly TaughtThing[] }) {
  const { needs, things } = props;
  const byId = new Map(things.map((thing) => [thing.itemId, thing]));
  const offers = needs.flatMap((need) =>
    need.plan?.outcome === 'planned' && need.job === 'touch-up'
      ? need.plan.steps.flatMap((step) => {
          const thing = byId.get(step.abrasive.id);
          return thing ? [{ need, thing }] : [];
        })
      : [],
  );
  const best = offers.sort((a, b) => b.thing.now.sdLn - a.thing.now.sdLn)[0];
  if (!best) return null;
  const { need, thing } = best;
  const { sdLn } = thing.now;
  const after = 1 / Math.sqrt(1 / sdLn ** 2 + 1 / PRIORS.stepSdLn.value ** 2);
  const percent = (sd: number): string => `±${Math.round(100 * (Math.exp(sd) - 1))} %`;
  return (
    <ActionBar label={say.teachesMostNext} className="mt-auto">
      <div className="mx-auto flex max-w-[82rem] flex-wrap items-center gap-x-6 gap-y-2 px-4 py-3 sm:px-8">
        <h2>{say.teachesMostNextThe(thing.abrasive.name)}</h2>
        <p className="figures hidden text-soft sm:block">
          {say.itStandsAtOneMore(percent(sdLn), need.tool.name, percent(after))}
        </p>
        <Link
          className="btn btn-primary ml-auto px-7 text-lg"
          href={jobLink({ toolId: need.tool.id, zoneId: need.zone.id, job: need.job })}
        >
          {say.start(minutes(need.plan!.minutes))}
        </Link>
      </div>
    </ActionBar>
  );
}
