'use client';

import type { CarriedItem, KitPlan, ServedNeed, Shelf } from '../../core';
import { grams, minutes, plural, sentence, spoken } from '../../ui/format';
import { MicronRuler } from '../../ui/ruler/MicronRuler';
import { WorkProgress } from '../../ui/WorkProgress';
import { kitFailureWords, whyNotWords } from '../../ui/words/kitWords';
import type { JobState } from '../../live';

/** The packed kit: grams in total, each thing with its reason, each edge with its ladder. */
export function PackedKit(props: {
  state: JobState<KitPlan>;
  toolCount: number;
  shelf: Shelf;
  onCancel: () => void;
  onAgain: () => void;
}) {
  const { state, toolCount, shelf, onCancel, onAgain } = props;
  switch (state.phase) {
    case 'working':
      return (
        <section aria-busy="true" className="min-h-[32rem]">
          <h2 role="status">Weighing every set that works …</h2>
          <WorkProgress share={state.share} label="Kit plan" onCancel={onCancel} />
        </section>
      );
    case 'cancelled':
    case 'failed':
      return (
        <section className="min-h-[32rem]">
          <h2 role="status">
            {state.phase === 'cancelled'
              ? 'Stopped.'
              : `The kit could not be planned. ${kitFailureWords(state.error)}`}
          </h2>
          <button type="button" className="btn btn-primary mt-3" onClick={onAgain}>
            Plan it again
          </button>
        </section>
      );
    case 'done':
      return <Plan plan={state.answer} toolCount={toolCount} shelf={shelf} />;
  }
}

function Plan({ plan, toolCount, shelf }: { plan: KitPlan; toolCount: number; shelf: Shelf }) {
  const unserved = plan.served.filter(({ way }) => !way);
  if (toolCount === 0) return <h2 role="status">Tick the tools that travel.</h2>;
  return (
    <section aria-label="The kit" className="min-h-[32rem] min-w-0">
      <p role="status" className="flex flex-wrap items-baseline gap-x-4">
        <span className="sign figures text-6xl" data-testid="kit-grams">
          {grams(plan.grams)}
        </span>
        <span className="text-lg">
          {plural(plan.carried.length, 'thing')} for {plural(toolCount, 'tool')}; no lighter set
          that you own serves {unserved.length > 0 ? 'as many edges' : 'them all'}.
        </span>
      </p>
      {unserved.length > 0 && (
        <div className="mt-3 border-l-4 border-blaze pl-4">
          <h2>Unserved</h2>
          {unserved.map(({ need, whyNot }) => (
            <p key={need.id}>
              <b>{need.name}.</b> {whyNotWords(whyNot!)}
            </p>
          ))}
        </div>
      )}
      <div className="mt-4">
        <MicronRuler title="The kit on the ruler" items={kitRuler(plan)} />
      </div>
      <h2 className="mt-4">What is in, and why</h2>
      <div className="overflow-x-auto">
        <table className="table-plain">
          <thead>
            <tr>
              <th>Thing</th>
              <th className="number">Weight</th>
              <th>Lives in</th>
              <th>For</th>
              <th>Without it</th>
            </tr>
          </thead>
          <tbody>
            {plan.carried.map((carried) => (
              <tr key={carried.item.id}>
                <td className="font-semibold">{sentence(carried.item.name)}</td>
                <td className="number">{grams(carried.item.massG)}</td>
                <td>{placeOf(carried.item.id, shelf)}</td>
                <td>{carried.usedFor.join('; ') || 'kept wet or loaded by the others'}</td>
                <td>{without(carried)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <h2 className="mt-6">Each edge with this kit</h2>
      <p className="text-[0.95rem] text-soft">
        Minutes to the target; a closing strop comes on top where the target does not need it.
      </p>
      <div className="overflow-x-auto">
        <table className="table-plain">
          <thead>
            <tr>
              <th>Edge</th>
              <th>Ladder</th>
              <th className="number">Touch-up</th>
            </tr>
          </thead>
          <tbody>
            {plan.served.map((served) => (
              <tr key={served.need.id}>
                <td className="font-semibold">{served.need.name}</td>
                <td>{ladder(served)}</td>
                <td className="number">{served.way ? minutes(served.way.minutes) : 'none'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <details className="mt-4">
        <summary className="inline-flex min-h-12 cursor-pointer items-center font-semibold underline underline-offset-4">
          {plural(plan.left.length, 'thing')} left at home
        </summary>
        <p>{plan.left.map(({ name, massG }) => `${name} (${grams(massG)})`).join(', ')}.</p>
      </details>
    </section>
  );
}

function without({ unservedWithout, gramsMoreWithout }: CarriedItem): string {
  if (unservedWithout.length > 0) return `nothing you own serves ${unservedWithout.join('; ')}`;
  return gramsMoreWithout === 0
    ? 'another set of the same weight would do'
    : `the next best kit is ${grams(gramsMoreWithout!)} heavier`;
}

function ladder({ way, whyNot }: ServedNeed): string {
  return way ? way.things.map(({ name }) => name).join(', then ') : whyNotWords(whyNot!);
}

function kitRuler(plan: KitPlan) {
  const used = plan.served.flatMap(({ way }) => way?.things ?? []);
  const unique = new Map(used.map((abrasive) => [abrasive.id, abrasive]));
  return [...unique.values()].map((abrasive) => ({
    id: abrasive.id,
    name: abrasive.name,
    sizeUm: abrasive.sizeUm,
    shape:
      abrasive.kind === 'strop'
        ? ('strop' as const)
        : abrasive.form === 'file'
          ? ('file' as const)
          : ('stone' as const),
  }));
}

function placeOf(id: string, shelf: Shelf): string {
  const all = [...shelf.abrasives, ...shelf.strops, ...shelf.compounds, ...shelf.lubricants];
  const item = all.find((record) => record.id === id);
  if (!item) return '';
  return item.carriedAnyway ? 'carried anyway' : sentence(spoken(item.place));
}
