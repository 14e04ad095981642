'use client';

import { spoken } from '../../ui/words/closedWords';
import { kindName } from '../../ui/words/kindName';
import { planWords as say } from './words/planWords';
import { Said } from '../../ui/Term';
import { useState, type ReactNode } from 'react';
import type { JobPlan } from '../../core/jobs';
import { edgeTarget, workingFace } from '../../core/ladder';
import { SCHOOLS } from '../../domain/schools';
import type { Observation, Session } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { AsksChoice } from '../../ui/AsksChoice';
import { Choice } from '../../ui/Choice';
import { angleBothWays, minutes, sentence, figure } from '../../ui/format';
import { useSpotOf } from '../../live';
import { spotsOut } from '../../domain/spots';
import { type Spot, WORK_UNITS, type WorkUnit } from '../../domain/terms';
import { whereOf } from '../../domain/spots';
import { SPOT_WORDS } from './words/spotWords';
import { ObservationFields } from '../../ui/ObservationFields';
import { stopWords } from './words/finishWords';
import { asksWords, TEST_WORDS } from '../../ui/words/testWords';
import type { PlanWishes } from './usePlan';
import { typedNumber } from '../../ui/units';
import { NumberField, SelectField } from '../../ui/forms/fields';

type Part = 'now' | 'for' | 'where';

interface HeadProps {
  tool: Tool;
  zone: Zone;
  observedAt: string | null;
  wishes: PlanWishes;
  /** The same job with what is at hand elsewhere. */
  planIn: (spot: Spot) => JobPlan | null;
  onChange: (wishes: PlanWishes) => void;
}

/** What the plan starts from, each in a line that opens: the edge now, what it must do, the place. */
export function PlanHead(props: HeadProps) {
  const { tool, zone, wishes } = props;
  const { seen, where } = wishes;
  const untested = seen.tests.length === 0;
  const [open, setOpen] = useState<Part | null>(untested ? 'now' : null);
  const toggle = (part: Part): void => setOpen(open === part ? null : part);
  return (
    <div className="mt-1">
      <div className="flex flex-wrap gap-x-8 gap-y-1">
        <div>
          <p className="text-[0.92rem] text-soft">
            {say.ofEdge(kindName(tool.kind), zone.endMm - zone.startMm)}
          </p>
          <p className="figures min-h-8 pointer-coarse:min-h-12 font-semibold">
            <Said>{angleBothWays(workingFace(tool, zone).angleDeg)}</Said>
          </p>
        </div>
        <Fact label={say.now} open={open === 'now'} onToggle={() => toggle('now')}>
          {nowWords(seen)}
        </Fact>
        <Fact label={say.forTask} open={open === 'for'} onToggle={() => toggle('for')}>
          {asksWords(zone)}
        </Fact>
        <Fact label={say.where} open={open === 'where'} onToggle={() => toggle('where')}>
          {SPOT_WORDS[where.spot].there}
        </Fact>
      </div>
      {zone.noImpacts && <p className="mt-1 font-semibold">{say.noImpactsHereThisStretch}</p>}
      {open && (
        <div className="mt-2 border-l-4 border-neutral pl-4">
          {open === 'now' && <EdgeNow {...props} />}
          {open === 'for' && <AskedFor {...props} />}
          {open === 'where' && <Place {...props} />}
        </div>
      )}
    </div>
  );
}

/** The edge as it is: its test and damage, and the work since. */
function EdgeNow({ zone, observedAt, wishes, onChange }: HeadProps) {
  const { seen } = wishes;
  return (
    <>
      <ObservationFields
        legend={say.whatIsTheFinestTest}
        value={seen}
        onChange={(next) => onChange({ ...wishes, seen: next })}
        zone={zone}
      />
      <WorkSince
        value={wishes.workSince}
        onChange={(workSince) => onChange({ ...wishes, workSince })}
      />
      <p className="mt-2 text-[0.95rem] text-soft">
        {observedAt ? say.lastTestedTapATest(observedAt) : say.thisEdgeHasNeverBeen}
      </p>
    </>
  );
}

/** What the edge must do, and how finely it is finished for this. */
function AskedFor({ tool, zone, wishes, onChange }: HeadProps) {
  const finish = wishes.finish ?? tool.schools.finish;
  const target = edgeTarget(
    { ...tool, schools: { ...tool.schools, finish } },
    zone,
    whereOf(wishes.where.spot),
  );
  return (
    <>
      <AsksChoice tool={tool} value={zone} onChange={(asks) => onChange({ ...wishes, asks })} />
      <div className="mt-3">
        <Choice
          legend={say.finishThisTime}
          options={SCHOOLS.finish.map((each) => [each, spoken(each)] as const)}
          chosen={finish}
          onChoose={(next) => onChange({ ...wishes, finish: next })}
        />
      </div>
      <p className="mt-2">
        <Said>{stopWords(target.finishSizeUm)}</Said>
      </p>
    </>
  );
}

/** Where the person is, each place with the minutes that the job takes with what is at hand there. */
function Place({ tool, wishes, planIn, onChange }: HeadProps) {
  const { where } = wishes;
  const trip = useSpotOf()?.(tool.id, where).trip ?? null;
  const spots: Spot[] = ['bench', ...(trip ? spotsOut(trip).reverse() : (['camp'] as const))];
  return (
    <>
      <Choice
        legend={say.whereAreYou}
        options={spots.map((spot) => [
          spot,
          `${sentence(trip || spot === 'bench' ? SPOT_WORDS[spot].there : say.outOnTheTrail)}: ${minutesWords(planIn(spot))}`,
        ])}
        chosen={where.spot}
        onChoose={(spot) => onChange({ ...wishes, where: { ...where, spot } })}
      />
      <p className="mt-2 text-[0.95rem] text-soft">
        {SPOT_WORDS[where.spot].atHand}
        {where.spot !== 'bench' && say.aFinishTwiceAsCoarse}
        {trip && where.spot !== 'bench' && say.byWhatHasAlong(trip.name)}
      </p>
    </>
  );
}

function minutesWords(plan: JobPlan | null): string {
  if (!plan || plan.outcome === 'out of reach') return say.nothingThereWorksIt;
  return plan.outcome === 'leave alone' ? say.leaveItAlone : minutes(plan.minutes);
}

function Fact(props: { label: string; open: boolean; onToggle: () => void; children: ReactNode }) {
  const { label, open, onToggle, children } = props;
  return (
    <button
      type="button"
      aria-expanded={open}
      className="grid min-h-12 max-w-full cursor-pointer content-start text-left"
      onClick={onToggle}
    >
      <span className="block text-[0.92rem] text-soft">{label}</span>
      <span className="figures w-fit border-b-2 border-dotted border-current font-semibold">
        {children}
      </span>
    </button>
  );
}

/** The edge as it is now: its worst test, and its damage. */
function nowWords({ tests, findings }: Observation): string {
  const test = tests.findLast((each) => each.test !== null)?.test;
  const chips = findings.filter(({ kind, leftOnPurpose }) => kind === 'chip' && !leftOnPurpose);
  const deepest = chips.reduce((a, b) => (b.depthMm > (a?.depthMm ?? 0) ? b : a), chips[0]);
  const chip = deepest
    ? say.deepestAt(
        chips.length > 1 ? say.chipsTheDeepest(chips.length) : spoken('chip'),
        deepest.depthMm,
        deepest.atMm,
      )
    : '';
  const others = [...new Set(findings.map(({ kind }) => kind))]
    .filter((kind) => kind !== 'chip')
    .map((kind) => `, ${spoken(kind)}`)
    .join('');
  const read = tests
    .filter((each) => each.grams !== null)
    .map((each) => `${Math.round(each.grams!)} g`);
  const tested = [...(test ? [TEST_WORDS[test]] : []), ...read].join(', ') || say.notTested;
  return `${tested}${chip}${others}`;
}

/** What the edge has done since its last touch-up, if its owner wants to know how long finishes last. */
function WorkSince(props: {
  value: Session['workSince'];
  onChange: (work: Session['workSince']) => void;
}) {
  const { value, onChange } = props;
  const [unit, setUnit] = useState<WorkUnit>(value?.unit ?? 'hours');
  const [typed, setTyped] = useState(value ? figure(value.amount) : '');
  const put = (text: string, next: WorkUnit): void => {
    setTyped(text);
    setUnit(next);
    const amount = typedNumber(text);
    onChange(amount >= 0.1 ? { amount, unit: next } : null);
  };
  return (
    <div className="mt-3 grid max-w-md grid-cols-2 gap-4">
      <NumberField
        label={say.workSinceIfYouKnow}
        value={typed}
        onChange={(event) => put(event.target.value, unit)}
      />
      <SelectField
        label={say.inWork}
        value={unit}
        options={WORK_UNITS.map((each) => [each, spoken(each)] as const)}
        onChange={(event) => put(typed, event.target.value as WorkUnit)}
      />
    </div>
  );
}
