'use client';

import { logWords as say } from './words';
import { formatISO } from 'date-fns';
import { useLogAnswers, useRecords, useStore } from '../../live';
import { downloadText } from '../../ui/download';
import Link from '../../ui/Link';
import { fileWord, saveMarkdown } from '../../ui/logText/saveMarkdown';
import { saying } from '../../ui/saying';
import { logTitle, storyWords } from '../../ui/words/logWords';
import type { LogRow } from './logRows';
import { clockNow } from '../../domain/clock';

/** The entries that are shown as files: a table for any spreadsheet, and a text to read. */
export function LogFiles({ rows }: { rows: readonly LogRow[] }) {
  const { log } = useStore();
  const tools = useRecords('tools') ?? [];
  const trips = useRecords('trips') ?? [];
  const answers = useLogAnswers();
  const today = formatISO(clockNow(), { representation: 'date' });
  const shown = async () => {
    const ids = new Set(rows.map(({ id }) => id));
    return (await log.sessions()).filter(({ id }) => ids.has(id));
  };
  const ofOne = tools.filter(({ name }) =>
    rows.every(({ toolName }) => toolName === name || toolName.startsWith(`${name}, `)),
  );
  const tool = rows.length > 0 ? ofOne[0] : undefined;
  const saveTable = () =>
    saying(async () => {
      const { writeLog } = await import('../../formats/log');
      downloadText(`open-trail-log-${today}.csv`, writeLog(await shown(), tools), 'text/csv');
    });
  const saveSeason = () =>
    saveMarkdown(`open-trail-log-${today}.md`, async () => {
      const { seasonBlocks } = await import('../../ui/logText/seasonBlocks');
      const sessions = await shown();
      const found = answers ? [`${logTitle(answers, sessions.length, null)}.`] : [];
      const stories = (answers?.edges ?? []).flatMap(({ story, toolId }) => {
        const own = tools.find(({ id }) => id === toolId);
        return story && own ? [`${own.name} ${storyWords(story)}`] : [];
      });
      return seasonBlocks({ sessions, tools, trips, found: [...found, ...stories] });
    });
  const saveTool = (own: NonNullable<typeof tool>) =>
    saveMarkdown(`open-trail-${fileWord(own.name)}-${today}.md`, async () => {
      const { toolBlocks } = await import('../../ui/logText/toolBlocks');
      const [sessions, inspections] = [
        await log.sessionsOf(own.id),
        await log.inspectionsOf(own.id),
      ];
      return toolBlocks({
        tool: own,
        sessions,
        inspections,
        trips,
        edges: answers?.edges ?? [],
      });
    });
  const these = say.theseEntries(rows.length);
  return (
    <section className="mt-8 border-t-2 border-rule pt-4" aria-label={say.theLogAsFiles}>
      <h2>{say.theLogAsFiles}</h2>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        {rows.length > 0 && (
          <>
            <button type="button" className="btn btn-outline" onClick={() => void saveTable()}>
              {say.saveAsCsv(these)}
            </button>
            <button type="button" className="btn btn-outline" onClick={() => void saveSeason()}>
              {say.saveAsMarkdown(these)}
            </button>
          </>
        )}
        {tool && (
          <button type="button" className="btn btn-outline" onClick={() => void saveTool(tool)}>
            {say.sWholeHistoryAsMarkdown(tool.name)}
          </button>
        )}
        <Link href="/data" className="link inline-flex min-h-12 items-center">
          {say.bringInLogTable}
        </Link>
      </div>
    </section>
  );
}
