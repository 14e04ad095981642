import fc from 'fast-check';
import { wedgeStl, wedgeSvg } from './wedge';

const wedges = fc.record({
  baseMm: fc.double({ min: 20, max: 120, noNaN: true }),
  heightMm: fc.double({ min: 1, max: 60, noNaN: true }),
  widthMm: fc.double({ min: 5, max: 40, noNaN: true }),
  label: fc.constant('Wren, 15° per side'),
});

it('the solid is closed, faces out, and has the volume of a wedge', () => {
  fc.assert(
    fc.property(wedges, (wedge) => {
      const numbers = [...wedgeStl(wedge).matchAll(/vertex (\S+) (\S+) (\S+)/g)].map((m) =>
        m.slice(1).map(Number),
      );
      const edges = new Map<string, number>();
      let volume = 0;
      for (let i = 0; i < numbers.length; i += 3) {
        const [p, q, r] = numbers.slice(i, i + 3) as [number[], number[], number[]];
        volume +=
          (p[0]! * (q[1]! * r[2]! - q[2]! * r[1]!) -
            p[1]! * (q[0]! * r[2]! - q[2]! * r[0]!) +
            p[2]! * (q[0]! * r[1]! - q[1]! * r[0]!)) /
          6;
        for (const [from, to] of [
          [p, q],
          [q, r],
          [r, p],
        ]) {
          edges.set(`${from}|${to}`, (edges.get(`${from}|${to}`) ?? 0) + 1);
        }
      }
      for (const [edge, times] of edges) {
        const [from, to] = edge.split('|');
        expect(times).toBe(1);
        expect(edges.get(`${to}|${from}`)).toBe(1);
      }
      const expected = 0.5 * wedge.baseMm * wedge.heightMm * wedge.widthMm;
      expect(Math.abs(volume - expected) / expected).toBeLessThan(1e-3);
    }),
  );
});

it('the print is in millimetres, with its check ruler and a safe label', () => {
  const svg = wedgeSvg({ baseMm: 80, heightMm: 21.4, widthMm: 20, label: '<b> & "15°"' });
  expect(svg).toContain('width="92mm"');
  expect(svg).toContain('viewBox="0 0 92 ');
  expect(svg).toContain('M6,27.4H86V6Z');
  expect(svg).toContain('h50');
  expect(svg).not.toContain('<b>');
});
