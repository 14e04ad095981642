'use client';

import { spoken } from '../../ui/words/closedWords';
import { planWords as say } from './words/planWords';
import { useDeferredValue, useMemo, useState } from 'react';
import { ownLadderProblem } from '../../core/inspection';
import type { EdgeJob, JobPlan } from '../../core/jobs';
import {
  ladderChanges,
  NO_WISHES,
  type LadderAbrasive,
  type LadderChange,
  type OwnLadder,
} from '../../core/ladder';
import { minutes, um } from '../../ui/format';
import { SelectField } from '../../ui/forms/fields';
import { Alphabet } from '../../ui/Alphabet';
import { ladderItems, walkSteps } from '../../ui/ruler/ladderItems';
import { MicronRuler } from '../../ui/ruler/MicronRuler';

/** The ladder on the ruler, and under it every stone that fits, to be taken in or out by a tap. */
export function LadderChoice(props: {
  edge: EdgeJob;
  job: 'touch-up' | 'thin';
  plan: JobPlan;
  onChange: (wishes: OwnLadder) => void;
}) {
  const { edge, job, plan, onChange } = props;
  // The ladder answers a tap at once; what each further tap would cost follows when there is time.
  const settledEdge = useDeferredValue(edge);
  const shown = useDeferredValue(plan);
  const [open, setOpen] = useState(false);
  const changes = useMemo(
    () => (open ? ladderChanges(ownLadderProblem(settledEdge, job), shown) : []),
    [open, settledEdge, job, shown],
  );
  const byId = new Map(edge.abrasives.map((abrasive) => [abrasive.id, abrasive]));
  const { ownLadder } = edge;
  const sequence = plan.steps.map(({ abrasive }) => abrasive.id);
  const fitting = changes
    .flatMap((change) => {
      const abrasive = byId.get(change.id);
      return abrasive ? [{ change, abrasive }] : [];
    })
    .sort((a, b) => b.abrasive.sizeUm - a.abrasive.sizeUm);
  return (
    <section aria-label={say.theLadder} className="mt-4">
      <h2>{ladderTitle(plan, ownLadder !== NO_WISHES)}</h2>
      <MicronRuler
        title={say.ladderOf(
          plan.steps
            .map(({ abrasive }) => say.thingAtSize(abrasive.name, abrasive.sizeUm))
            .join(say.then),
        )}
        items={ladderItems(plan.steps)}
        walk={{ steps: walkSteps(plan.steps) }}
      />
      <details className="mt-1" onToggle={(event) => setOpen(event.currentTarget.open)}>
        <summary className="inline-flex min-h-12 cursor-pointer items-center font-semibold underline underline-offset-4">
          {say.chooseYourOwn}
        </summary>
        <ul className="mt-1 flex flex-wrap gap-2" aria-label={say.stonesAndStropsThatFit}>
          {fitting.map(({ change, abrasive }) => (
            <li key={change.id}>
              <Toggle change={change} abrasive={abrasive} onChange={onChange} />
            </li>
          ))}
        </ul>
        <OwnSequence
          ownLadder={ownLadder}
          sequence={sequence}
          stones={fitting.map(({ abrasive }) => abrasive).filter(({ kind }) => kind === 'stone')}
          onChange={onChange}
        />
      </details>
    </section>
  );
}

/** What it begins with, and whether these alone are taken, in this order. */
function OwnSequence(props: {
  ownLadder: OwnLadder;
  sequence: string[];
  stones: readonly LadderAbrasive[];
  onChange: (wishes: OwnLadder) => void;
}) {
  const { ownLadder, sequence, stones, onChange } = props;
  return (
    <div className="mt-3 flex flex-wrap items-end gap-3">
      <div className="w-64">
        <SelectField
          label={say.beginWith}
          value={ownLadder.startsWith ?? ''}
          options={[
            ['', say.whatThePlanChooses],
            ...stones.map(({ id, name }) => [id, name] as const),
          ]}
          onChange={(event) =>
            onChange({ ...ownLadder, sequence: null, startsWith: event.target.value || null })
          }
        />
      </div>
      <button
        type="button"
        className="btn btn-outline"
        aria-pressed={ownLadder.sequence !== null}
        onClick={() =>
          onChange({ ...ownLadder, sequence: ownLadder.sequence === null ? sequence : null })
        }
      >
        {ownLadder.sequence === null ? say.onlyTheseInThisOrder : say.letThePlanFillIn}
      </button>
      {ownLadder !== NO_WISHES && (
        <button type="button" className="btn btn-ghost" onClick={() => onChange(NO_WISHES)}>
          {say.backToThePlansOwn}
        </button>
      )}
    </div>
  );
}

function ladderTitle(plan: JobPlan, isOwn: boolean): string {
  const { quickest, wishesFailed, minutes: present } = plan;
  if (wishesFailed) return say.thoseCannotFollowEachOther;
  if (!quickest) return isOwn ? say.yourOwnLadderAsQuick : say.theLadder;
  const more = present - quickest.minutes;
  const than = quickest.names.join(say.then);
  const difference =
    Math.abs(more) < 0.25 ? say.aboutAsQuickAs : say.moreOrLessThan(Math.abs(more), more > 0);
  return isOwn
    ? say.yourOwnLadderThePlans(difference, than)
    : say.ladderKinderToEdge(difference, than);
}

function Toggle(props: {
  change: LadderChange;
  abrasive: LadderAbrasive;
  onChange: (wishes: OwnLadder) => void;
}) {
  const { change, abrasive, onChange } = props;
  const { isIn, wishes } = change;
  return (
    <button
      type="button"
      aria-pressed={isIn}
      className={`h-full min-h-16 w-44 rounded-sm border px-2 py-1 text-left ${isIn ? 'border-neutral bg-neutral text-neutral-content' : 'border-rule'}`}
      onClick={() => onChange(wishes)}
    >
      <span className="flex items-center gap-2 leading-tight font-semibold">
        <Alphabet abrasive={abrasive} />
        <span className="min-w-0">{abrasive.name}</span>
      </span>
      <span className="figures block text-[0.92rem]">{um(abrasive.sizeUm)}</span>
      <span className="figures block text-[0.92rem] font-semibold">{changeWords(change)}</span>
    </button>
  );
}

function changeWords({ isIn, minutesMore, fallsShort }: LadderChange): string {
  const verb = isIn ? 'out' : 'in';
  if (minutesMore === null) return isIn ? say.nothingElseDoesIt : say.doesNotFitIn;
  const size = Math.abs(minutesMore);
  const cost =
    size < 0.25 ? 'same' : `${minutesMore > 0 ? '+' : '−'}${size < 1 ? say.min : minutes(size)}`;
  return say.change(spoken(verb), cost, fallsShort);
}
