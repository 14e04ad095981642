import fc from 'fast-check';
import { finding } from '../domain/observation';
import { type StepTask } from '../domain/terms';
import type { Tool } from '../domain/tool';
import { typicalTool } from '../domain/typicalTools';
import { describeEdge, edgePath, notchSize } from './edge-strip/edgePath';
import { ago, fineMm, minutes, mm, um } from './format';
import { plural } from './words/plural';
import { placeLabels, rulerScale } from './ruler/layout';
import { roundedSide, scaleBar } from './section/drawing';
import { setUnits } from './units';
import { schoolWords } from './schoolWords';
import { toolOutline } from './silhouette/outline';
import { TOOL_KINDS } from '../domain/kinds';

describe('the edge strip', () => {
  it('draws each state in a shape of its own', () => {
    const words = ['keen', 'works', 'tired', 'blunt'] as const;
    const shapes = words.map((word) => edgePath(word, 0, 200, 18, []));
    expect(new Set(shapes).size).toBe(words.length);
  });

  it('cuts a notch at each chip, deeper for deeper chips', () => {
    const path = edgePath('keen', 0, 200, 18, [
      { x: 50, depthMm: 0.1 },
      { x: 120, depthMm: 0.3 },
    ]);
    expect(path).toContain(`L50,${18 + notchSize(0.1)}`);
    expect(path).toContain(`L120,${18 + notchSize(0.3)}`);
    expect(notchSize(0.3)).toBeGreaterThan(notchSize(0.1));
  });

  it('says the same in words', () => {
    const chip = finding('chip', 92, 0.25);
    expect(describeEdge([{ name: 'bit', word: 'tired', findings: [chip] }])).toBe(
      'bit: tired, chip at 92 mm',
    );
  });
});

describe('the micron ruler', () => {
  it('runs from coarse to fine with equal room for equal ratios', () => {
    const x = rulerScale(1000, 20);
    expect([x(500), x(0.2)]).toEqual([20, 980]);
    expect(x(100) - x(200)).toBeCloseTo(x(1) - x(2), 9);
  });

  it('sets no label on another, nor outside', () => {
    const labels = fc.array(
      fc.record({
        id: fc.uuid(),
        text: fc.string({ minLength: 1, maxLength: 28 }),
        x: fc.integer({ min: 20, max: 940 }),
      }),
      { maxLength: 25 },
    );
    fc.assert(
      fc.property(labels, (set) => {
        const placed = placeLabels(set, 960).map((label) => {
          const half = (label.text.length * 6.9) / 2;
          return { row: label.row, from: label.textX - half, to: label.textX + half };
        });
        for (const a of placed) {
          expect(a.from).toBeGreaterThanOrEqual(0);
          expect(a.to).toBeLessThanOrEqual(960);
          for (const b of placed) {
            if (a !== b && a.row === b.row) expect(a.to <= b.from || b.to <= a.from).toBe(true);
          }
        }
      }),
    );
  });
});

describe('the section', () => {
  const wedge = [
    { depthMm: 0, halfMm: 0 },
    { depthMm: 10, halfMm: 2 },
  ];

  it('is rounded to its apex radius, tangent to its faces', () => {
    const side = roundedSide(wedge, 0.005);
    const [tip] = side;
    const sin = 2 / Math.hypot(10, 2);
    expect(tip![0]).toBeCloseTo(0.005 / sin - 0.005, 9);
    expect(tip![1]).toBe(0);
    const [depth, half] = side[12]!;
    expect(half / depth).toBeCloseTo(0.2, 9);
    expect(roundedSide(wedge, 0)).toEqual([
      [0, 0],
      [10, 2],
    ]);
  });

  it('has a scale bar of a round length', () => {
    expect([0.7, 0.03, 12].map(scaleBar)).toEqual([
      { lengthMm: 0.5, label: '0.5 mm' },
      { lengthMm: 0.02, label: '20 µm' },
      { lengthMm: 10, label: '10 mm' },
    ]);
    setUnits('imperial');
    expect([7, 0.03].map((roomMm) => scaleBar(roomMm).label)).toEqual(['1/4 in', '20 µm']);
    setUnits('metric');
  });
});

it('silhouettes tell every kind from every other', () => {
  const outlines = TOOL_KINDS.map((kind) => toolOutline(typicalTool(kind, kind)));
  expect(new Set(outlines.map(({ blade }) => blade)).size).toBe(TOOL_KINDS.length);
  for (const outline of outlines) {
    expect(outline.blade + outline.handle + outline.edge).not.toMatch(/NaN|undefined/);
    expect(outline.lengthMm).toBeGreaterThan(100);
  }
});

it('measures are said with honest precision', () => {
  expect([mm(4.83), mm(12), mm(112.4)]).toEqual(['4.8 mm', '12 mm', '112 mm']);
  expect([um(0.243), um(4), um(25.8)]).toEqual(['0.24 µm', '4 µm', '26 µm']);
  expect([minutes(0.4), minutes(2.6), minutes(28.7)]).toEqual(['under 1 min', '2.5 min', '29 min']);
  expect(fineMm(0.0755)).toBe('0.08 mm');
  expect([plural(1, 'step'), plural(2, 'step')]).toEqual(['1 step', '2 steps']);
  expect(ago(new Date(Date.now() - 3 * 86_400_000).toISOString())).toBe('3 days ago');
});

it('schools say to the hand what they mean', () => {
  const measures = typicalTool('convex-knife', 'Plover');
  const record = { id: 'p', createdAt: '', updatedAt: '', deletedAt: null };
  const tool = { ...record, ...measures };
  const flat = { ...tool, schools: { ...tool.schools, tip: 'keep the wrist flat' as const } };
  const said = (some: Tool, task: StepTask): string =>
    schoolWords(some, some.zones[0]!, { task, angleDeg: 18 }).join(' ');
  expect(said(tool, 'strop')).toMatch(/lift the end of the handle, by \d+ mm at the tip/);
  expect(said(flat, 'strop')).toMatch(/wrist flat .* lies [\d.]+° flatter there/);
  expect(said(tool, 'restore the apex')).toContain('the burr goes');
  expect(said(tool, 'move the shoulders back')).not.toContain('burr');
  expect(said(tool, 'strop the spine')).toBe('');
});
