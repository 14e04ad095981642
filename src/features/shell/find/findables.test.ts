import { loggedSession } from '../../../domain/loggedSession';
import { sample } from '../../../testing/sample';
import { sampleStandings } from '../../../testing/sampleStandings';
import { find, findableEntries, findables } from './findables';

const { tools, trips, abrasives, strops } = sample;
const near = findables({
  tools,
  trips,
  things: [...abrasives, ...strops],
  needs: sampleStandings().needs,
});
const entries = findableEntries(sample.sessions.map(loggedSession), tools);
const all = [...near, ...entries];

it('finds a doing by what a person would say', () => {
  const [first] = find(all, 'file the axe');
  expect(first).toMatchObject({ kind: 'doing' });
  expect(first!.title).toMatch(/^Touch up /);
  expect(find(all, 'thin wren')[0]!.href).toMatch(/^\/touch-up\?tool=wren&.*job=thin$/);
  expect(find(all, 'inches')[0]!.href).toBe('/data');
});

it('finds tools, things, trips, words and entries, whatever the case and accents', () => {
  const kinds = (typed: string) => new Set(find(all, typed).map(({ kind }) => kind));
  expect(kinds('WREN')).toContain('tool');
  expect(kinds('tarrow')).toContain('trip');
  expect(kinds('bürr')).toContain('word');
  expect(kinds('wren 2026')).toContain('entry');
  expect(find(all, 'zzz')).toEqual([]);
  expect(find(all, '   ')).toEqual([]);
});

it('puts what begins with the words before what holds them', () => {
  const [word] = find(all, 'burr').filter(({ kind }) => kind === 'word');
  expect(word!.title).toBe('burr');
});

it('every stop-use tool is looked at and never worked', () => {
  const stopped = sampleStandings().needs.find(({ stops }) => stops.length > 0)!;
  const own = find(all, stopped.tool.name).filter(({ kind }) => kind === 'doing');
  expect(own.map(({ title }) => title).join()).not.toMatch(/Touch up|Thin|Hone/);
  expect(own.length).toBeGreaterThan(0);
});
