import { zoneStates } from '.';
import { careRows } from '../care';
import { bladesTogether } from '../../domain/sharedHandle';
import { NO_CHECKS } from '../../domain/observation';
import type { ToolChecks } from '../../domain/session';
import type { Tool } from '../../domain/tool';
import { sample } from '../../testing/sample';

const wren = sample.tools.find(({ id }) => id === 'wren')!;
const hook: Tool = { ...wren, handleOf: wren.id, id: 'wren-hook', name: 'Wren’s hook' };
const tools = [hook, ...sample.tools];

const looked = (toolId: string, at: string, checks: Partial<ToolChecks>) => ({
  ...sample.inspections[0]!,
  id: `${toolId}-${at}`,
  toolId,
  at,
  checks: { ...NO_CHECKS, ...checks },
});

describe('several blades on one handle', () => {
  const stopsOf = (toolId: string, looks: ReturnType<typeof looked>[]) =>
    zoneStates({ ...sample, tools, inspections: looks }).find(({ tool }) => tool.id === toolId)!
      .stops;

  it('stop together where the handle is cracked, whichever blade was looked at', () => {
    const cracked = looked('wren-hook', '2026-11-20T08:00:00.000Z', { handle: 'cracked' });
    expect(stopsOf('wren', [cracked])).toHaveLength(1);
    expect(stopsOf('wren-hook', [cracked])).toHaveLength(1);
    expect(stopsOf('bracken', [cracked])).toEqual([]);
    const mended = looked('wren', '2026-11-21T08:00:00.000Z', { handle: 'sound' });
    expect(stopsOf('wren-hook', [cracked, mended])).toEqual([]);
  });

  it('are each on their own in all else', () => {
    const cracked = looked('wren-hook', '2026-11-20T08:00:00.000Z', { blade: 'cracked' });
    expect(stopsOf('wren', [cracked])).toEqual([]);
  });

  it('have their handle oiled once, while the first of them hangs', () => {
    const oiled = (hung: Tool[]) =>
      careRows({
        tools: hung,
        shelf: sample,
        surfaceUse: new Map(),
        inspections: [],
        care: [],
        spines: new Map(),
        trips: [],
        trip: null,
        now: '2026-11-23T08:00:00.000Z',
      })
        .filter(({ doing }) => doing === 'oil handle')
        .map(({ thingId }) => thingId);
    expect(oiled([wren, hook])).toEqual(['wren']);
    expect(oiled([hook])).toEqual(['wren-hook']);
  });

  it('hang beside each other, behind the first of them that comes', () => {
    const [bracken, hob] = ['bracken', 'old-hob'].map((id) =>
      sample.tools.find((tool) => tool.id === id)!,
    );
    expect(bladesTogether([bracken!, hook, hob!, wren]).map(({ id }) => id)).toEqual([
      'bracken',
      'wren-hook',
      'wren',
      'old-hob',
    ]);
  });
});
