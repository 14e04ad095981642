'use client';

import { spoken } from '../../ui/words/closedWords';
import { logWords as say } from './words';
import { useState } from 'react';
import type { Session } from '../../domain/session';
import type { Zone } from '../../domain/tool';
import { WORK_UNITS, type WorkUnit } from '../../domain/terms';
import {
  useDraftState,
  useRecords,
  useStore,
  useUndoable,
  tripIdAt,
  type DraftState,
} from '../../live';
import { TypedNumberField, SelectField, TextField } from '../../ui/forms/fields';
import { ObservationFields } from '../../ui/ObservationFields';
import { Fault } from '../../ui/Fault';
import { LeftHere } from '../../ui/LeftHere';
import { failureWords } from '../../ui/words/failureWords';
import { seenInWords } from '../../ui/words/seenWords';
import { CorrectSteps } from './CorrectSteps';
import { EdgeSelect } from './EdgeSelect';
import { dayFault, dayIn, movedTo } from './entryDay';
import { stampNow } from '../../domain/clock';

type WorkNoted = { amount: number; unit: WorkUnit };

interface Correction {
  draft: Session;
  when: string;
  work: WorkNoted;
}

/** The entry as it is, or as its correction was left. */
function useCorrection(session: Session): DraftState<Correction> {
  return useDraftState<Correction>(
    'correction',
    session.id,
    {
      draft: session,
      when: dayIn(session.startedAt),
      work: {
        amount: session.workSince?.amount ?? NaN,
        unit: session.workSince?.unit ?? 'hours',
      },
    },
    {
      title: () => say.correctingTheEntryOf(session.startedAt),
      href: `/log/entry?id=${session.id}`,
    },
  );
}

/** What an entry says, to be put right afterwards; plans that learn from it follow. */
export function CorrectEntry({ session, zone }: { session: Session; zone: Zone | undefined }) {
  const tools = useRecords('tools') ?? [];
  const left = useCorrection(session);
  const { draft, when, work } = left.value;
  const [failure, setFailure] = useState<string | null>(null);
  const keep = useKeepEntry(session);
  const change = (part: Partial<Session>): void =>
    left.change({ ...left.value, draft: { ...draft, ...part } });
  return (
    <details
      className="mt-4 max-w-3xl border-y border-rule"
      open={left.leftAt !== null || undefined}
    >
      <summary className="min-h-12 cursor-pointer py-3 font-semibold">
        {say.correctWhatWasWrittenDown}
      </summary>
      <form
        noValidate
        className="grid gap-4 pb-4"
        onSubmit={(event) => {
          event.preventDefault();
          void keep(draft, when, work).then((fault) => {
            setFailure(fault);
            if (fault === null) left.done();
          });
        }}
      >
        <LeftHere at={left.leftAt} onAnew={left.startAnew} />
        <div className="grid gap-4 sm:grid-cols-4">
          <EdgeSelect tools={tools} edge={draft} onChange={change} />
          <TextField
            label={say.day}
            type="date"
            value={when}
            onChange={(event) => left.change({ ...left.value, when: event.target.value })}
          />
          <SelectField
            label={say.where}
            value={draft.where}
            options={[
              ['bench', say.atTheBench],
              ['field', say.onTheTrail],
            ]}
            onChange={(event) => change({ where: event.target.value as Session['where'] })}
          />
          <WorkFields
            work={work}
            onChange={(noted) => left.change({ ...left.value, work: noted })}
          />
        </div>
        <CorrectSteps steps={draft.steps} onChange={(steps) => change({ steps })} />
        {session.job !== 'spine' &&
          zone &&
          (['before', 'after'] as const).map((side) => (
            <details key={side} className="border-t border-rule">
              <summary className="min-h-12 cursor-pointer py-3">
                <b>{say.itPassed(spoken(side))}</b> {seenInWords(draft[side])}
              </summary>
              <ObservationFields
                value={draft[side]}
                onChange={(seen) => change({ [side]: seen })}
                zone={zone}
                legend={say.testPassedOn(spoken(side))}
              />
            </details>
          ))}
        <Fault words={failure} />
        <div>
          <button className="btn btn-neutral">{say.saveTheCorrection}</button>
        </div>
      </form>
    </details>
  );
}

/** Keeps an entry as it was corrected, with undo; what stood in the way, or null. */
function useKeepEntry(session: Session) {
  const store = useStore();
  const undoable = useUndoable();
  return async (draft: Session, when: string, work: WorkNoted): Promise<string | null> => {
    const fault = dayFault(session.startedAt, when);
    if (fault) return fault;
    const moved = movedTo(draft, when);
    const { toolId, startedAt } = moved;
    const isElsewhere = moved !== draft || toolId !== session.toolId;
    const record: Session = {
      ...moved,
      tripId: isElsewhere ? await tripIdAt(store, toolId, startedAt) : session.tripId,
      workSince: work.amount > 0 ? { amount: work.amount, unit: work.unit } : null,
      updatedAt: stampNow(),
    };
    try {
      await undoable(say.theEntryIsCorrected, [
        { store: 'sessions', id: session.id, before: session, after: record },
      ]);
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
      <TypedNumberField
        label={say.workSinceTheOneBefore}
        value={work.amount}
        onNumber={(amount) => onChange({ ...work, amount })}
      />
      <SelectField
        label={say.countedIn}
        value={work.unit}
        options={WORK_UNITS.map((unit) => [unit, spoken(unit)] as const)}
        onChange={(event) => onChange({ ...work, unit: event.target.value as WorkUnit })}
      />
    </>
  );
}
