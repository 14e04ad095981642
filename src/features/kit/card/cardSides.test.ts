import { deg } from '../../../ui/format';
import { rungPath } from '../../../ui/RungMark';
import { asksForWork } from '../../../core/inspection';
import { sampleStandings } from '../../../testing/sampleStandings';
import { sample } from '../../../testing/sample';
import { cardSides } from './cardSides';
import { cardSvg } from './cardSvg';

const trip = sample.trips.find(({ id }) => id === 'tarrow-ness')!;
const { hand, needs } = sampleStandings();
const edges = needs.filter(({ tool }) => trip.toolIds.includes(tool.id));

function sidesOf(change: Partial<typeof trip> = {}, now = `${trip.startsOn}T12:00:00.000Z`) {
  return cardSides({
    trip: { ...trip, ...change },
    edges,
    shelf: sample,
    helpers: sample.helpers,
    hand,
    now,
    coinThicknessMm: 2.33,
    person: '',
  });
}

describe('the sides of a field card', () => {
  it('have every edge once with its angle, its lift and strokes, and the cautions once', () => {
    const sides = sidesOf();
    const rows = sides.flatMap((side) => side.rows);
    expect(rows).toHaveLength(edges.length);
    for (const { angle, hold, lines } of rows) {
      expect(angle).toMatch(/^\d+(\.\d)?°$/);
      expect(hold).toMatch(/mm|flat/);
      expect(lines.map(({ when }) => when)).toEqual(['mid-job', 'evening', 'if it chips']);
      for (const { steps, words } of lines) {
        expect(steps.length > 0).toBe(words === '');
        steps.forEach(({ strokes }) => expect(Number(strokes)).toBeGreaterThan(0));
      }
    }
    expect(sides.filter(({ cautions }) => cautions.length > 0)).toHaveLength(1);
    expect(sides.at(-1)!.mats).toEqual([]);
  });

  it('list the packed kit and nothing else, what stays in the vehicle by itself', () => {
    const carried = [
      { itemId: 'puck', place: 'pack' as const, packed: true, used: null },
      { itemId: 'water-stone', place: 'workshop' as const, packed: false, used: null },
    ];
    expect(sidesOf({ carried }).at(-1)!.mats).toEqual([
      { name: 'In the pack', grams: '265 g', things: ['puck'] },
      { name: 'In the vehicle', grams: '680 g', things: ['bench water stone'] },
    ]);
  });

  it('have strokes with nothing but the kit, before the trip and on it', () => {
    const carried = ['paper-400', 'belt'].map((itemId) => ({
      itemId,
      place: 'pack' as const,
      packed: false,
      used: null,
    }));
    for (const now of ['2020-01-01T12:00:00.000Z', `${trip.startsOn}T12:00:00.000Z`]) {
      const rows = sidesOf({ carried }, now).flatMap((side) => side.rows);
      const names = new Set(
        rows.flatMap(({ lines }) => lines.flatMap(({ steps }) => steps.map(({ name }) => name))),
      );
      expect(names.size).toBeGreaterThan(0);
      for (const name of names) expect(name).toMatch(/^(paper strips P400|trouser belt)/);
    }
  });

  it('say so where nothing carried works an edge', () => {
    const none = [{ itemId: 'crayon-1', place: 'pack' as const, packed: true, used: null }];
    const fine = sidesOf({ carried: none }).flatMap((side) => side.rows);
    expect(fine.some(({ lines }) => lines.every(({ steps }) => steps.length === 0))).toBe(true);
  });
});

describe('what an edge is promised to be', () => {
  it('is what its work at home ends at: no blunt edge stands beside strokes for a tired one', () => {
    const before = sidesOf({}, '2020-01-01T12:00:00.000Z').flatMap(({ rows }) => rows);
    const worked = edges.filter(
      (need) => asksForWork(need) && need.plan?.outcome === 'planned' && need.job === 'touch-up',
    );
    expect(worked.length).toBeGreaterThan(2);
    for (const { tool, zone } of worked) {
      const row = before.find(({ key }) => key === `${tool.id}/${zone.id}`)!;
      expect(row.stands).toMatch(/^(keen|works)$/);
    }
  });

  it('stands as it is once the trip is under way', () => {
    const there = sidesOf().flatMap(({ rows }) => rows);
    for (const { tool, zone, state, stops } of edges) {
      const row = there.find(({ key }) => key === `${tool.id}/${zone.id}`)!;
      expect(row.word).toBe(state.word);
      expect(row.stands === 'stop use').toBe(stops.length > 0);
    }
  });

  it('is met in mid-job from the belt alone, and a set by its next knife', () => {
    const carried = [
      { itemId: 'pocket-plate', place: 'pack' as const, packed: false, used: null },
      { itemId: 'paper-400', place: 'pouch' as const, packed: false, used: null },
      { itemId: 'belt', place: 'pouch' as const, packed: false, used: null },
    ];
    const rows = sidesOf({ carried }).flatMap((side) => side.rows);
    for (const { tool, lines } of rows) {
      const names = lines[0]!.steps.map(({ name }) => name);
      for (const name of names) expect(name).toMatch(/^(paper strips P400|trouser belt)/);
      if (tool.count > 1) expect(lines[0]!.words).toContain('take the next one');
    }
  });

  it('names the tools by who carries them', () => {
    const { tools } = sidesOf().at(-1)!;
    expect(tools.find(({ name }) => name === 'Fenn')!.things).toEqual(['Old Hob']);
  });
});

describe('a side as SVG', () => {
  it('has on its last side the wedges at their true angle, and before each line the sign of its rung', () => {
    const sides = sidesOf();
    const parsed = new DOMParser().parseFromString(cardSvg(sides.at(-1)!), 'image/svg+xml');
    const words = [...parsed.querySelectorAll('text')].map(({ textContent }) => textContent);
    const paths = [...parsed.querySelectorAll('path')].map((path) => path.getAttribute('d')!);
    expect(words).toContain('Wedges, true angle');
    for (const { angleDeg } of sides.at(-1)!.wedges) {
      expect(words).toContain(deg(angleDeg));
      const drawn = paths
        .flatMap((d) => [...d.matchAll(/h([\d.]+)v-([\d.]+)Z/g)])
        .map(([, run, rise]) => (Math.atan(Number(rise) / Number(run)) * 180) / Math.PI);
      expect(drawn.some((own) => Math.abs(own - angleDeg) < 0.05)).toBe(true);
    }
    const lines = sides.at(-1)!.rows.flatMap((row) => row.lines.filter(({ rung }) => rung));
    expect(lines.length).toBeGreaterThan(0);
    for (const { rung } of lines) expect(paths).toContain(rungPath(rung!, 0, 0));
  });

  it('is well formed, whatever tools are called', () => {
    const odd = 'Ax & "son" <of> a file';
    const [side] = sidesOf({ name: odd });
    const svg = cardSvg({
      ...side!,
      rows: side!.rows.map((row) => ({ ...row, name: odd, watch: odd })),
    });
    const parsed = new DOMParser().parseFromString(svg, 'image/svg+xml');
    expect(parsed.querySelector('parsererror')).toBeNull();
    expect(parsed.documentElement.getAttribute('width')).toBe('148mm');
    const words = [...parsed.querySelectorAll('text')].map(({ textContent }) => textContent);
    expect(words.filter((text) => text === odd)).toHaveLength(1 + side!.rows.length);
    for (const { angle, hold } of side!.rows) {
      expect(words).toEqual(expect.arrayContaining([angle, ...hold.split(', ')]));
    }
    expect(words.filter((text) => text?.startsWith('mid-job: '))).toHaveLength(side!.rows.length);
  });
});
