import { touchUpLink } from '../links';
import { asksForWork, benchAt, edgeNeeds, zoneStates, type EdgeNeed } from '../../core/inspection';
import { handOf } from '../../core/log';
import { DEFAULT_PACE } from '../../core/wear';
import { sample } from '../../testing/sample';
import { workInWords, workWithMinutes } from './needWords';

const hand = handOf({
  tools: sample.tools,
  sessions: sample.sessions,
  shelf: sample,
  pace: DEFAULT_PACE,
});
const needs = edgeNeeds({
  sessions: sample.sessions,
  states: zoneStates(sample),
  benchOf: ({ schools }) =>
    benchAt({ spot: 'bench', shelf: sample, trip: null, now: '', schools, hand }),
});
const of = (name: string, zoneId = 'edge'): EdgeNeed =>
  needs.find(({ tool, zone }) => tool.name === name && zone.id === zoneId)!;

describe('what a tool needs, in a word or two', () => {
  it.each([
    ['Knap', 'edge', /^Stop: the haft or handle is cracked$/],
    ['Heron', 'edge', /^To a smith$/],
    ['Crook', 'edge', /^Thin the shoulders, \d+ min$/],
    ['Sprig', 'edge', /^Hone, 20 a side, /],
    ['Plover', 'edge', /^Strop, /],
    ['Wren', 'edge', /^Fine stone, /],
    ['Old Hob', 'edge', /^File, then stone, \d+ min$/],
    ['Bracken', 'fine', /^Leave it$/],
  ] as const)('%s, %s', (name, zoneId, words) => {
    expect(workWithMinutes(of(name, zoneId))).toMatch(words);
  });

  it('is no work for a keen edge alone', () => {
    expect(needs.filter((need) => !asksForWork(need)).map(({ zone }) => zone.id)).toEqual(['fine']);
  });

  it('asks for a test where there was none, and says when nothing helps', () => {
    const wren = of('Wren');
    const untested = { ...wren, plan: null, state: { ...wren.state, word: 'unknown' as const } };
    expect(workInWords(untested)).toBe('Test it first');
    expect(asksForWork(untested)).toBe(true);
    const stuck = { ...wren, plan: { ...wren.plan!, outcome: 'out of reach' as const, steps: [] } };
    expect(workInWords(stuck)).toBe('Nothing at hand works it');
  });

  it('leads to the touch-up, or to a look where a touch-up would be wrong', () => {
    expect(touchUpLink(of('Wren'))).toBe('/touch-up?tool=wren&zone=edge');
    expect(touchUpLink(of('Crook'))).toBe('/touch-up?tool=crook&zone=edge&job=thin');
    expect(touchUpLink(of('Knap'))).toBe('/inspect?tool=knap&zone=edge');
    expect(touchUpLink(of('Sprig'))).toBe('/touch-up?tool=sprig&zone=edge&job=hone');
  });
});
