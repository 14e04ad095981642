'use client';

import { touchUpLink } from '../../ui/links';
import { counted } from '../../ui/words/counted';
import { guideWords as say } from './words/guideWords';
import { useQuery } from '@tanstack/react-query';
import { nanoid } from 'nanoid';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { asksForWork } from '../../core/inspection';
import { putAway, type PutAway } from '../../core/touchUp';
import type { Care } from '../../domain/care';
import { newRecord } from '../../domain/newRecord';
import type { Session } from '../../domain/session';
import { useEdgeNeeds, useRecords, useStore, newOne } from '../../live';
import Link from '../../ui/Link';
import { listed, sentence } from '../../ui/format';
import { workWithMinutes } from '../../ui/words/needWords';
import { stampNow } from '../../domain/clock';

const ORDERS: Record<PutAway['doing'], readonly [title: string, how: string]> = {
  scrub: [say.wash, say.howToWash],
  dry: [say.dry, say.howToDry],
  film: [say.wax, say.aThinFilmOfWax],
  sheathe: [say.sheath, say.dryFirstThenIn],
};

/** After the last edge of a sitting: wash, dry, wax, sheath, each logged with one tap; then the next edge. */
export function AfterWork() {
  const id = useSearchParams().get('session') ?? '';
  const sessions = useSitting(id);
  const tools = useRecords('tools');
  const abrasives = useRecords('abrasives');
  const next = useEdgeNeeds()?.find(
    (need) =>
      asksForWork(need) &&
      !sessions?.some(({ zoneId, toolId }) => zoneId === need.zone.id && toolId === need.tool.id),
  );
  if (!sessions || !tools || !abrasives) return null;
  const spent = sessions
    .flatMap(({ steps }) => steps)
    .reduce((sum, step) => sum + step.activeSeconds, 0);
  return (
    <div className="mx-auto w-full max-w-3xl px-4 py-6 sm:px-8">
      <h1>{say.thenPutItAway}</h1>
      <p className="figures">
        {say.edgesDoneIn(
          sessions.length === 1 ? say.oneEdge : counted.edge(sessions.length),
          spent / 60,
        )}{' '}
        {sessions.map((session, i) => (
          <span key={session.id}>
            {i > 0 && ', '}
            <Link href={`/log/entry?id=${session.id}`} className="link">
              {tools.find((tool) => tool.id === session.toolId)?.name ?? say.aToolTakenDown}
            </Link>
          </span>
        ))}
      </p>
      <ul className="mt-4">
        {putAway(sessions, tools, abrasives).map((each) => (
          <PutAwayLine key={each.doing} each={each} />
        ))}
      </ul>
      <div className="mt-6 flex flex-wrap items-center gap-4">
        {next && (
          <Link href={touchUpLink(next)} className="btn btn-primary px-6 text-lg">
            {say.next(next.tool.name)}
          </Link>
        )}
        {next && <span className="figures">{workWithMinutes(next)}</span>}
        <Link href="/" className="link inline-flex min-h-12 items-center">
          {say.toTheRack}
        </Link>
      </div>
    </div>
  );
}

/** One thing to do, a peg in its hole when it is done; a second tap takes the peg out again. */
function PutAwayLine({ each }: { each: PutAway }) {
  const store = useStore();
  const [noted, setNoted] = useState<string[]>([]);
  const isDone = noted.length > 0;
  const [title, how] = ORDERS[each.doing];
  const tap = async (): Promise<void> => {
    const at = stampNow();
    if (isDone) {
      await Promise.all(noted.map((id) => store.care.remove(id, at)));
      setNoted([]);
      return;
    }
    const records = each.things.map((thing): Care => ({
      ...newRecord(nanoid(), at),
      thingId: thing.id,
      doing: each.doing,
      kind: 'done',
      at,
      until: null,
      every: null,
      note: '',
    }));
    await store.whole.make(records.map((record) => newOne('care', record)));
    setNoted(records.map(({ id }) => id));
  };
  return (
    <li className="border-b border-rule">
      <button
        type="button"
        aria-pressed={isDone}
        className="flex min-h-16 w-full items-center gap-4 text-left"
        onClick={() => void tap()}
      >
        <svg width={28} height={28} aria-hidden className="shrink-0">
          <circle cx={14} cy={14} r={11} fill="none" stroke="var(--ink)" strokeWidth={2} />
          {isDone && <circle cx={14} cy={14} r={7.5} fill="var(--ink)" />}
        </svg>
        <span className="min-w-0 flex-1">
          <span className="sign text-xl">{title}</span>{' '}
          {listed(each.things.map(({ name }) => name))}
          <span className="block text-[0.95rem] text-soft">
            {isDone ? say.careInTheLog(how) : sentence(how)}
          </span>
        </span>
      </button>
    </li>
  );
}

/** The finished sessions of one sitting, in their order; undefined while they are read. */
function useSitting(id: string): Session[] | undefined {
  const { sessions } = useStore();
  return useQuery({
    queryKey: ['sessions', 'sitting', id],
    queryFn: async () => {
      const first = await sessions.get(id);
      const ids = first && first.sitting.length > 0 ? first.sitting : [id];
      const all = await Promise.all(ids.map((each) => sessions.get(each)));
      return all.filter(
        (each): each is Session => Boolean(each?.finishedAt) && each!.deletedAt === null,
      );
    },
  }).data;
}
