import fc from 'fast-check';
import { edgeWord } from '../../core/inspection';
import { testOfWord } from '../../core/rough';
import { TEST_CENTRE_UM } from '../../core/sharpness';
import { RECORD_SCHEMAS } from '../../domain/records';
import type { Tool } from '../../domain/tool';
import { groundLayout } from './GroundDrawing';
import {
  changed,
  countOf,
  counts,
  EMPTY_GROUND,
  TRAY_THINGS,
  TRAY_TOOLS,
  withThing,
  without,
  withTool,
  type Ground,
} from './laid';
import { layOutRecords } from './layOutRecords';

const AT = '2026-11-23T10:00:00.000Z';
const naming = () => {
  let id = 0;
  return { taken: [], newId: () => `id-${(id += 1)}`, at: AT, called: (what: string) => what };
};

const taps = fc.array(
  fc.oneof(
    fc.record({ tool: fc.constantFrom(...TRAY_TOOLS) }),
    fc.record({ thing: fc.constantFrom(...TRAY_THINGS.map(({ name }) => name)) }),
  ),
  { maxLength: 30 },
);

const laidBy = (list: readonly ({ tool: (typeof TRAY_TOOLS)[number] } | { thing: string })[]) =>
  list.reduce<Ground>(
    (ground, tap) => ('tool' in tap ? withTool(ground, tap.tool) : withThing(ground, tap.thing)),
    EMPTY_GROUND,
  );

it('each tap lays one more, and taking back as many leaves the ground bare', () => {
  fc.assert(
    fc.property(taps, (list) => {
      let ground = laidBy(list);
      const { tools, things } = counts(ground);
      expect(tools + things).toBe(list.length);
      for (const tap of list)
        expect(countOf(ground, 'tool' in tap ? tap.tool : tap.thing)).toBeGreaterThan(0);
      expect(new Set(ground.laid.map(({ key }) => key)).size).toBe(ground.laid.length);
      for (let i = 0; i < list.length; i += 1) ground = without(ground, ground.lastKey!);
      expect(ground).toEqual(EMPTY_GROUND);
    }),
  );
});

it('what is laid out is records that may be stored, each with a name of its own', () => {
  fc.assert(
    fc.property(
      taps,
      fc.constantFrom('keen', 'works', 'tired', 'blunt', 'unknown'),
      (list, word) => {
        const bare = laidBy(list);
        const ground = bare.laid.reduce(
          (own, { key, is }) =>
            is === 'tool' ? changed(own, key, { word }) : changed(own, key, { rubbed: 'compound' }),
          bare,
        );
        const { tools, looks, things } = layOutRecords(ground, naming());
        const names = [...tools, ...things.map(({ record }) => record)].map(({ name }) => name);
        expect(new Set(names).size).toBe(names.length);
        for (const tool of tools) RECORD_SCHEMAS.tools.validateSync(tool, { strict: true });
        for (const look of looks) RECORD_SCHEMAS.inspections.validateSync(look, { strict: true });
        for (const { store, record } of things) {
          RECORD_SCHEMAS[store].validateSync(record, { strict: true });
        }
        const isTold = ({ zones }: Tool) => testOfWord(word, zones[0]!.targetApexUm) !== null;
        expect(looks.length).toBe(tools.filter(isTold).length);
        for (const look of looks) {
          const { targetApexUm } = tools.find(({ id }) => id === look.toolId)!.zones[0]!;
          const said = edgeWord(TEST_CENTRE_UM[look.seen.tests[0]!.test!], targetApexUm, 0);
          expect(said).toBe(word);
        }
      },
    ),
    { numRuns: 60 },
  );
});

it('the worst tool comes first, and parers travel as one', () => {
  let ground = withTool(withTool(EMPTY_GROUND, 'parer'), 'parer');
  ground = changed(ground, 'parer 1', { word: 'works' });
  ground = changed(withTool(ground, 'hatchet'), 'hatchet 1', { word: 'blunt' });
  ground = withTool(ground, 'machete');
  const { tools } = layOutRecords(ground, naming());
  expect(tools.map(({ kind, count }) => [kind, count])).toEqual([
    ['hatchet', 1],
    ['machete', 1],
    ['parer', 2],
  ]);
});

it('told measures stand, and say that they were told', () => {
  const ground = changed(withTool(EMPTY_GROUND, 'hatchet'), 'hatchet 1', {
    edgeLengthMm: 75,
    angleDeg: 22,
    name: 'Knap',
  });
  const tool = layOutRecords(ground, naming()).tools[0]!;
  expect(tool).toMatchObject({ name: 'Knap', edgeLengthMm: 75 });
  expect(tool.zones[0]).toMatchObject({
    endMm: 75,
    bevelAngleDeg: 22,
    angleMethod: 'stated',
    measuredAt: AT,
  });
});

it('things lie on the ground at one scale, none over another, none over the border', () => {
  const sizes = fc.array(
    fc.record({
      widthMm: fc.integer({ min: 20, max: 900 }),
      heightMm: fc.integer({ min: 5, max: 200 }),
    }),
    { minLength: 1, maxLength: 14 },
  );
  fc.assert(
    fc.property(sizes, fc.integer({ min: 320, max: 1200 }), (list, width) => {
      const things = list.map((size, i) => ({ key: String(i), ...size }));
      const height = 260;
      const { pxPerMm, placed } = groundLayout(things, width, height);
      const boxes = placed.map(({ x, y }, i) => ({
        x,
        y,
        right: x + things[i]!.widthMm * pxPerMm,
        foot: y + things[i]!.heightMm * pxPerMm,
      }));
      boxes.forEach((a, i) => {
        expect(a.right).toBeLessThanOrEqual(width + 1e-6);
        boxes.slice(i + 1).forEach((b) => {
          const isApart = a.right <= b.x || b.right <= a.x || a.foot <= b.y || b.foot <= a.y;
          expect(isApart).toBe(true);
        });
      });
      if (pxPerMm > 0.051)
        for (const { foot } of boxes) expect(foot).toBeLessThanOrEqual(height + 1e-6);
    }),
  );
});
