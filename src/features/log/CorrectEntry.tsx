'use client';

import { useState } from 'react';
import { passedTest } from '../../domain/observation';
import type { Observation, Session, SessionStep } from '../../domain/session';
import { EDGE_TESTS, WORK_UNITS, type EdgeTestKind, type WorkUnit } from '../../domain/terms';
import { useStore, useUndoable, tripIdAt } from '../../live';
import { NumberField, SelectField, TextField } from '../../ui/forms/fields';
import { failureWords } from '../../ui/words/failureWords';
import { TEST_WORDS } from '../../ui/words/testWords';
import { dayIn, isPast, movedTo } from './entryDay';

type WorkNoted = { amount: number; unit: WorkUnit };
type Counts = { left: number; right: number; minutes: number };

/** What an entry says, to be put right afterwards; plans that learn from it follow. */
export function CorrectEntry({ session }: { session: Session }) {
  const [counts, setCounts] = useState<Counts[]>(() => session.steps.map(countsOf));
  const [before, setBefore] = useState(() => testOf(session.before));
  const [after, setAfter] = useState(() => testOf(session.after));
  const [when, setWhen] = useState(() => dayIn(session.startedAt));
  const [where, setWhere] = useState(session.where);
  const [work, setWork] = useState<WorkNoted>(() => ({
    amount: session.workSince?.amount ?? NaN,
    unit: session.workSince?.unit ?? 'hours',
  }));
  const [failure, setFailure] = useState<string | null>(null);
  const keep = useKeepEntry(session);
  return (
    <details className="mt-4 max-w-3xl border-y border-rule">
      <summary className="min-h-12 cursor-pointer py-3 font-semibold">
        Correct what was written down
      </summary>
      <form
        noValidate
        className="grid gap-4 pb-4"
        onSubmit={(event) => {
          event.preventDefault();
          void keep({ counts, before, after, when, where, work }).then(setFailure);
        }}
      >
        <div className="grid gap-4 sm:grid-cols-4">
          <TextField
            label="Day"
            type="date"
            value={when}
            onChange={(event) => setWhen(event.target.value)}
          />
          <SelectField
            label="Where"
            value={where}
            options={[
              ['bench', 'At the bench'],
              ['field', 'On the trail'],
            ]}
            onChange={(event) => setWhere(event.target.value as Session['where'])}
          />
          <WorkFields work={work} onChange={setWork} />
        </div>
        {session.steps.map((step, i) => (
          <CountFields
            key={i}
            name={step.abrasiveName}
            counts={counts[i]!}
            onChange={(own) => setCounts(counts.with(i, own))}
          />
        ))}
        {session.job !== 'spine' && (
          <div className="grid gap-4 sm:grid-cols-2">
            <TestSelect label="It passed, before" value={before} onChange={setBefore} />
            <TestSelect label="It passed, after" value={after} onChange={setAfter} />
          </div>
        )}
        {failure && (
          <p role="alert" className="field-error">
            {failure}
          </p>
        )}
        <div>
          <button className="btn btn-neutral">Keep the correction</button>
        </div>
      </form>
    </details>
  );
}

interface Correction {
  counts: readonly Counts[];
  before: EdgeTestKind | '';
  after: EdgeTestKind | '';
  when: string;
  where: Session['where'];
  work: WorkNoted;
}

/** Keeps an entry as it was corrected, with undo; what stood in the way, or null. */
function useKeepEntry(session: Session): (correction: Correction) => Promise<string | null> {
  const store = useStore();
  const undoable = useUndoable();
  return async ({ counts, before, after, when, where, work }) => {
    if (when !== dayIn(session.startedAt) && !isPast(when)) {
      return 'The day must not lie ahead, and must be one.';
    }
    const moved = movedTo(session, when);
    const { toolId, startedAt } = moved;
    const record: Session = {
      ...moved,
      tripId: moved === session ? session.tripId : await tripIdAt(store, toolId, startedAt),
      where,
      workSince: work.amount > 0 ? { amount: work.amount, unit: work.unit } : null,
      updatedAt: new Date().toISOString(),
      before: withTest(session.before, before),
      after: withTest(session.after, after),
      steps: session.steps.map((step, i) => corrected(step, counts[i]!)),
    };
    try {
      await undoable('The entry is corrected.', () =>
        store.whole.putTogether([{ store: 'sessions', record }]),
      );
      return null;
    } catch (error) {
      return failureWords(error as Error);
    }
  };
}

/** The work between two touch-ups, in the person's own unit. */
function WorkFields(props: { work: WorkNoted; onChange: (work: WorkNoted) => void }) {
  const { work, onChange } = props;
  return (
    <>
      <NumberField
        label="Work since the one before"
        min={0}
        step="any"
        value={Number.isNaN(work.amount) ? '' : work.amount}
        onChange={(event) => onChange({ ...work, amount: event.target.valueAsNumber })}
      />
      <SelectField
        label="Counted in"
        value={work.unit}
        options={WORK_UNITS.map((unit) => [unit, unit] as const)}
        onChange={(event) => onChange({ ...work, unit: event.target.value as WorkUnit })}
      />
    </>
  );
}

/** Strokes and minutes of one step. */
function CountFields(props: { name: string; counts: Counts; onChange: (counts: Counts) => void }) {
  const { name, counts, onChange } = props;
  return (
    <fieldset className="grid gap-4 sm:grid-cols-3">
      <legend className="font-semibold">{name}</legend>
      {(['left', 'right', 'minutes'] as const).map((field) => (
        <NumberField
          key={field}
          label={{ left: 'Left', right: 'Right', minutes: 'Minutes' }[field]}
          min={0}
          step={field === 'minutes' ? 'any' : 1}
          value={Number.isNaN(counts[field]) ? '' : counts[field]}
          onChange={(event) => onChange({ ...counts, [field]: event.target.valueAsNumber })}
        />
      ))}
    </fieldset>
  );
}

function TestSelect(props: {
  label: string;
  value: EdgeTestKind | '';
  onChange: (test: EdgeTestKind | '') => void;
}) {
  const { label, value, onChange } = props;
  return (
    <SelectField
      label={label}
      value={value}
      options={[
        ['', 'as it was noted'],
        ...EDGE_TESTS.map((test) => [test, TEST_WORDS[test]] as const),
      ]}
      onChange={(event) => onChange(event.target.value as EdgeTestKind | '')}
    />
  );
}

function countsOf({ left, right, activeSeconds }: SessionStep): Counts {
  return { left, right, minutes: Math.round(activeSeconds / 6) / 10 };
}

/** A step with its corrected counts; time that was not touched stays to the second. */
function corrected(step: SessionStep, { left, right, minutes }: Counts): SessionStep {
  const isTouched = minutes !== countsOf(step).minutes;
  return {
    ...step,
    left,
    right,
    activeSeconds: isTouched ? Math.round(minutes * 60) : step.activeSeconds,
  };
}

/** The one test of the whole edge; none where it was tested otherwise. */
function testOf({ tests }: Observation): EdgeTestKind | '' {
  return tests.length === 1 && tests[0]!.place === 'whole' ? (tests[0]!.test ?? '') : '';
}

function withTest(seen: Observation, test: EdgeTestKind | ''): Observation {
  return test === '' || test === testOf(seen) ? seen : { ...seen, tests: [passedTest(test)] };
}
