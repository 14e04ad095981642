import { logAnswers } from '../../core/answers';
import { loggedSession } from '../../domain/loggedSession';
import { markdown } from '../../formats/markdown';
import { sample } from '../../testing/sample';
import { sampleStandings } from '../../testing/sampleStandings';
import { entryBlocks, seenWords } from './entryBlocks';
import { fileWord } from './saveMarkdown';
import { seasonBlocks } from './seasonBlocks';
import { toolBlocks } from './toolBlocks';

const sessions = sample.sessions.map(loggedSession);
const { tools, trips, inspections } = sample;
const toolOf = (id: string) => tools.find((tool) => tool.id === id)!;
const { edges } = logAnswers({
  tools,
  trips,
  sessions,
  inspections,
  shelf: sample,
  hand: sampleStandings().hand,
  forgotten: [],
  now: '2026-11-23T08:00:00.000Z',
});

describe('an entry as a text', () => {
  const chipped = sessions.find(({ notes }) => notes.startsWith('Hit a wire'))!;
  const text = markdown(entryBlocks(chipped, toolOf('bracken'), undefined));

  it('has its edge and day, what was seen, its steps and its note', () => {
    expect(text).toMatch(/^# Bracken, chopping stretch, \d+ Jun 2025\n/);
    expect(text).toContain('- **Where:** at the bench');
    expect(text).toMatch(/- \*\*Before:\*\* blunt, glints; chip of 0\.12 mm at 288 mm/);
    expect(text).toMatch(/\| mill file \| grind out damage \| \d+ \| \d+ \| \d+ \|/);
    expect(text.trimEnd()).toMatch(/Same angle kept: the edge was not to blame\.$/);
  });

  it('names its trip, and what was worked since', () => {
    const onTrip = sessions.find(({ tripId }) => tripId === 'stane-bothy')!;
    const said = markdown(entryBlocks(onTrip, toolOf(onTrip.toolId), 'Stane Bothy', 2));
    expect(said).toMatch(/^## /);
    expect(said).toContain('- **Where:** Stane Bothy');
    const carved = sessions.find(({ workSince }) => workSince !== null)!;
    expect(markdown(entryBlocks(carved, toolOf('wren'), undefined))).toMatch(
      /- \*\*Work since the one before:\*\* \d+ cuts/,
    );
  });

  it('of a tool that was taken down still has its name for it', () => {
    expect(markdown(entryBlocks(sessions[0]!, undefined, undefined))).toMatch(
      /^# a tool taken down, /,
    );
  });
});

describe('the history of a tool as a text', () => {
  const text = markdown(toolBlocks({ tool: toolOf('wren'), sessions, inspections, trips, edges }));

  it('has its measures, what its log says, every entry newest first, and the looks between', () => {
    expect(text).toMatch(/^# Wren\n/);
    expect(text).toContain('Wren needs a stone sooner each time');
    const own = sessions.filter(({ toolId }) => toolId === 'wren');
    const headings = text.split('\n').filter((line) => line.startsWith('## Wren, '));
    expect(headings).toHaveLength(own.length);
    expect(headings[0]).toContain('2026');
    expect(headings.at(-1)).toContain('2025');
    expect(text).toContain('## Looks between');
    expect(text).not.toContain('## Plover');
  });

  it('of a tool that was never worked has no entries and no looks', () => {
    const bare = toolBlocks({
      tool: toolOf('wren'),
      sessions: [],
      inspections: [],
      trips,
      edges: [],
    });
    expect(markdown(bare)).toContain('- **Log:** 0 entries, 0 looks');
    expect(markdown(bare)).not.toContain('## ');
  });
});

describe('a season as a text', () => {
  const autumn = sessions.filter(({ startedAt }) => startedAt > '2026-09-01');

  it('has its days, its trips, each edge once and every entry in a line', () => {
    const text = markdown(
      seasonBlocks({ sessions: autumn, tools, trips, found: ['All is well.'] }),
    );
    expect(text).toMatch(/^# \d+ Sept? 2026 to \d+ Oct 2026\n/);
    expect(text).toContain(`- **Entries:** ${autumn.length}, `);
    expect(text).toContain('- **Trips:** Osier Cut');
    expect(text).toContain('All is well.');
    const [, each = ''] = text.split('## What each edge got');
    const [byEdge = '', byEntry = ''] = each.split('## Every entry');
    const rows = (part: string): number => part.split('\n').filter((l) => l.startsWith('|')).length;
    const names = new Set(autumn.map(({ toolId, zoneId }) => `${toolId}/${zoneId}`));
    expect(rows(byEdge)).toBe(names.size + 2);
    expect(rows(byEntry)).toBe(autumn.length + 2);
  });

  it('without entries says so', () => {
    expect(markdown(seasonBlocks({ sessions: [], tools, trips, found: [] }))).toBe(
      '# No entries\n',
    );
  });
});

it('what was seen is one line, and names of files hold nothing a disk would refuse', () => {
  expect(seenWords({ tests: [], findings: [] })).toBe('not tested');
  expect(['Old Hob', 'Wren', '  ', 'Axt / ü'].map(fileWord)).toEqual([
    ...['old-hob', 'wren', 'tool', 'axt'],
  ]);
});
