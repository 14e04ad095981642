import { wedgeHeight } from '../core/edge';

/** A wedge that holds a blade at its angle, laid under the blade's face; all in mm. */
export interface Wedge {
  baseMm: number;
  heightMm: number;
  /** Width of the solid, along the edge. */
  widthMm: number;
  label: string;
}

/** A hand-sized wedge that holds an edge at an angle (° per side), upon or under the faces behind it. */
export function wedgeFor(held: { name: string; angleDeg: number; primaryAngleDeg: number }): Wedge {
  const { name, angleDeg, primaryAngleDeg } = held;
  const baseMm = 80;
  return {
    baseMm,
    heightMm: wedgeHeight({ baseMm, angleDeg, primaryAngleDeg }),
    widthMm: 25,
    label: `${name}: ${Math.round(10 * angleDeg) / 10}° per side`,
  };
}

/** A file name for it, without its ending. */
export function wedgeFileName(toolName: string): string {
  return `wedge-${toolName.toLowerCase().replace(/\W+/g, '-')}`;
}

/** Length of the ruler that shows whether a print is true to size. */
const CHECK_RULER_MM = 50;
const MARGIN_MM = 6;

/** The wedge's side and a check ruler as an SVG of true size: one user unit is one millimetre. */
export function wedgeSvg({ baseMm, heightMm, label }: Wedge): string {
  const width = round(Math.max(baseMm, CHECK_RULER_MM) + 2 * MARGIN_MM);
  const height = round(heightMm + 3 * MARGIN_MM + 12);
  const top = MARGIN_MM;
  const ground = round(top + heightMm);
  const rulerY = round(ground + MARGIN_MM + 6);
  const ticks = Array.from({ length: CHECK_RULER_MM / 5 + 1 }, (_, i) => {
    const x = MARGIN_MM + 5 * i;
    return `M${x},${rulerY}v${i % 2 === 0 ? 3 : 1.8}`;
  }).join('');
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}">`,
    `<title>${escape(label)}</title>`,
    `<path id="wedge" d="M${MARGIN_MM},${ground}H${round(MARGIN_MM + baseMm)}V${top}Z" fill="none" stroke="#000" stroke-width="0.25"/>`,
    `<text x="${MARGIN_MM}" y="${round(ground + 4.5)}" font-family="sans-serif" font-size="3.2">${escape(label)}</text>`,
    `<path id="check-ruler" d="M${MARGIN_MM},${rulerY}h${CHECK_RULER_MM}" stroke="#000" stroke-width="0.25"/>`,
    `<path d="${ticks}" fill="none" stroke="#000" stroke-width="0.25"/>`,
    `<text x="${MARGIN_MM}" y="${round(rulerY + 7)}" font-family="sans-serif" font-size="3.2">${CHECK_RULER_MM} mm: lay a ruler on it before you trust the wedge</text>`,
    '</svg>',
    '',
  ].join('\n');
}

type Point = readonly [number, number, number];

/** The wedge as a solid in ASCII STL, millimetres, facets facing out. */
export function wedgeStl({ baseMm, heightMm, widthMm, label }: Wedge): string {
  const name = label.replace(/[^A-Za-z0-9]+/g, '-');
  const side = (y: number): [Point, Point, Point] => [
    [0, y, 0],
    [baseMm, y, 0],
    [baseMm, y, heightMm],
  ];
  const [a, b, c] = side(0);
  const [d, e, f] = side(widthMm);
  const triangles: [Point, Point, Point][] = [
    [a, b, c],
    [d, f, e],
    [a, d, e],
    [a, e, b],
    [b, e, f],
    [b, f, c],
    [c, f, d],
    [c, d, a],
  ];
  const facets = triangles.map(
    (corners) =>
      `facet normal ${normal(corners).map(round).join(' ')}\nouter loop\n${corners
        .map((p) => `vertex ${p.map(round).join(' ')}`)
        .join('\n')}\nendloop\nendfacet`,
  );
  return `solid ${name}\n${facets.join('\n')}\nendsolid ${name}\n`;
}

function normal([p, q, r]: [Point, Point, Point]): [number, number, number] {
  const u = [q[0] - p[0], q[1] - p[1], q[2] - p[2]] as const;
  const v = [r[0] - p[0], r[1] - p[1], r[2] - p[2]] as const;
  const n: [number, number, number] = [
    u[1] * v[2] - u[2] * v[1],
    u[2] * v[0] - u[0] * v[2],
    u[0] * v[1] - u[1] * v[0],
  ];
  const length = Math.hypot(...n);
  return [n[0] / length, n[1] / length, n[2] / length];
}

const round = (value: number): number => Math.round(value * 1e4) / 1e4;

function escape(text: string): string {
  return text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);
}
