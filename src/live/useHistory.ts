'use client';

import { undoWords } from '../ui/words/undoWords';
import { useQuery } from '@tanstack/react-query';
import { reversed, withChanges, type FieldChange, type Repository } from '../data';
import type { HistoryEntry } from '../domain/history';
import type { StoreName } from '../domain/storeNames';
import { tasksOfTrip } from '../domain/tripTasks';
import { notice } from '../ui/notice';
import { useRecords } from './useRecords';
import { useStore } from './StoreProvider';
import { useUndoable } from './useUndoable';
import { stampNow } from '../domain/clock';

/** What a record went through, the latest first; undefined while it is read. */
function useHistory(recordId: string): HistoryEntry[] | undefined {
  const { past } = useStore();
  return useQuery({
    queryKey: ['history', recordId],
    queryFn: async () =>
      (await past.historyOf(recordId)).toSorted((a, b) => (a.at < b.at ? 1 : -1)),
  }).data;
}

/** Takes one line of a history back, where nothing later has touched its field; with undo like any act. */
function useTakeLineBack(): (
  entry: HistoryEntry,
  change: HistoryEntry['changes'][number],
) => Promise<void> {
  const store = useStore();
  const undoable = useUndoable();
  return async (entry, change) => {
    const records = store[entry.store] as unknown as Repository<StoreName>;
    const present = await records.get(entry.recordId);
    if (!present) return;
    const { record, clashes } = withChanges(present, reversed([change as FieldChange]));
    if (clashes.length > 0) {
      void notice(undoWords.changedSince);
      return;
    }
    const after = { ...record, updatedAt: stampNow() };
    await undoable(undoWords.takenBack, [
      { store: entry.store, id: entry.recordId, before: present, after },
    ]);
  };
}

/** The name of whatever an id stands for: a tool or one of its stretches, a thing, a trip, a task. */
export function useNames(): (id: string) => string {
  const tools = useRecords('tools') ?? [];
  const trips = useRecords('trips') ?? [];
  const things = [
    ...(useRecords('abrasives') ?? []),
    ...(useRecords('strops') ?? []),
    ...(useRecords('compounds') ?? []),
    ...(useRecords('lubricants') ?? []),
    ...(useRecords('helpers') ?? []),
  ];
  const stretches = tools.flatMap(({ zones }) => zones);
  const tasks = trips.flatMap((trip) => tasksOfTrip(trip));
  const names = new Map(
    [...stretches, ...tasks, ...trips, ...things, ...tools].map(({ id, name }) => [id, name]),
  );
  return (id) => names.get(id) ?? id;
}

/** The changes of a record as they are listed: what changed, the names in it, and how a line is taken back. */
export function useChanges(recordId: string) {
  const entries = useHistory(recordId) ?? [];
  const nameOf = useNames();
  const takeBack = useTakeLineBack();
  return { entries, nameOf, onTakeBack: takeBack };
}
