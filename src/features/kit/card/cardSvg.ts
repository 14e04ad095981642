import { kitCardWords as say } from './words';
import { spoken } from '../../../ui/words/closedWords';
import { deg } from '../../../ui/format';
import { rungPath } from '../../../ui/RungMark';
import { edgePath, edgeWeight } from '../../../ui/edge-strip/edgePath';
import { toolOutline } from '../../../ui/silhouette/outline';
import type { CardLine, CardRowData, CardSide } from './cardSides';
import { LIFT, liftShape } from './liftShape';
import type { Wedge } from './wedges';

/** A5 upright (mm), and where things stand on it. */
const PAGE = { widthMm: 148, heightMm: 210, marginMm: 7 };
const ROW_MM = { full: 27, short: 20.8 };
const ROWS_FROM_MM = 17;
const RIGHT_MM = 68;
const SILHOUETTE_MM = 24;
const LIFT_MM = 17;
const WEDGE_MM = 15;
const RUNG_MM = 3.2;
/** Room of a small letter. */
const LETTER_MM = 1.25;
/** Letters across the page, and across the right of a row, in whatever font they are shown. */
const LONGEST_LINE = 68;
const LONGEST_STEPS = 50;
/** The strip is drawn in pixels, four to the millimetre. */
const STRIP = { pxPerMm: 4, widthMm: 52 };

/**
 * One side of a field card as an SVG file, to scale on paper, with the rule of its font within. Throws nothing;
 * every text is escaped.
 */
export function cardSvg(side: CardSide, fontRule = ''): string {
  const { marginMm, widthMm, heightMm } = PAGE;
  const rowMm = side.isShort ? ROW_MM.short : ROW_MM.full;
  const foot = ROWS_FROM_MM + side.rows.length * rowMm + 6;
  const lists = [...side.tools, ...side.mats];
  const longest = Math.max(0, ...lists.map(({ things }) => things.length));
  const wedgesFrom = foot + 5 * (longest + 1) + 3;
  const steepest = Math.max(0, ...side.wedges.map(({ angleDeg }) => wedgeHeightMm(angleDeg)));
  const cautionsFrom = wedgesFrom + (side.wedges.length > 0 ? steepest + 13 : 3);
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}" font-family="Archivo, sans-serif" font-size="3.7" fill="#000">`,
    fontRule && `<style>${fontRule}</style>`,
    `<rect width="${widthMm}" height="${heightMm}" fill="#fff"/>`,
    text(marginMm, 12, side.title, 'font-size="7" font-weight="700"'),
    text(widthMm - marginMm, 12, side.note, 'text-anchor="end"'),
    line(14, 1.3),
    ...side.rows.map((row, i) => rowSvg(row, ROWS_FROM_MM + i * rowMm, rowMm)),
    ...lists.flatMap(({ name, grams, things }, i) => {
      const x = marginMm + i * ((widthMm - 2 * marginMm) / Math.max(3, lists.length));
      return [
        text(x, foot, `${name}  ${grams}`, 'font-weight="700"'),
        ...things.flatMap((thing, t) => [
          `<rect x="${x}" y="${foot + 5 * t + 2.2}" width="2.8" height="2.8" fill="none" stroke="#000" stroke-width="0.35"/>`,
          text(x + 4, foot + 5 * (t + 1), thing),
        ]),
      ];
    }),
    ...wedgesSvg(side.wedges, wedgesFrom, steepest),
    ...wrapped(side.cautions.join(' ')).map((words, i) =>
      text(marginMm, cautionsFrom + 5 * i, words),
    ),
    '</svg>',
  ].join('\n');
}

function rowSvg(row: CardRowData, top: number, rowMm: number): string {
  const isShort = rowMm < ROW_MM.full;
  const { tool, zone, word, findings: left, name, what, stands, angle, hold, lines, watch } = row;
  const { marginMm, widthMm } = PAGE;
  const outline = toolOutline(tool);
  const scale = SILHOUETTE_MM / outline.lengthMm;
  const lying = `translate(${RIGHT_MM - SILHOUETTE_MM - 3} ${top + 1 + outline.widthMm * scale}) rotate(-90) scale(${scale})`;
  const stripEnd = STRIP.widthMm * STRIP.pxPerMm;
  const zoneMm = zone.endMm - zone.startMm;
  const findings = left.map(({ kind, atMm, depthMm }) => ({
    kind,
    depthMm,
    x: ((atMm - zone.startMm) / zoneMm) * stripEnd,
  }));
  const chips = findings.filter(({ kind }) => kind === 'chip');
  return [
    '<g>',
    text(marginMm, top + 5, name, 'font-size="5.2" font-weight="700"'),
    text(marginMm, top + 9.6, `${what}, ${stands}`),
    `<g transform="${lying}"><path d="${outline.handle}" fill="#999"/><path d="${outline.blade}" fill="#222"/></g>`,
    `<g transform="translate(${marginMm} ${top + 10}) scale(${1 / STRIP.pxPerMm})"><path d="${edgePath(word, 0, stripEnd, 18, chips)}" fill="none" stroke="#000" stroke-width="${edgeWeight(word)}"/>${findings
      .map(({ x }) => `<path d="M${x - 4},8h8l-4,7Z"/>`)
      .join('')}</g>`,
    text(RIGHT_MM, top + 8, angle, 'font-size="8.5" font-weight="700"'),
    text(RIGHT_MM, top + 11.2, row.perSide, 'font-size="3"'),
    ...hold
      .split(', ')
      .map((part, i) => text(RIGHT_MM + 17, top + 4.5 + 4.5 * i, part, 'font-weight="700"')),
    liftSvg(row, widthMm - marginMm - LIFT_MM, top),
    ...lines.flatMap((own, i) => {
      const lineTop = top + rowMm - (isShort ? 8.2 : 12.7) + 3.5 * i;
      return [
        rungSvg(own, lineTop),
        text(RIGHT_MM + RUNG_MM, lineTop, lineWords(own), 'font-size="3"'),
      ];
    }),
    text(marginMm, top + 25, isShort ? '' : watch && say.watchFor(watch), 'font-size="3.2"'),
    `<line x1="${marginMm}" x2="${widthMm - marginMm}" y1="${top + rowMm - 1}" y2="${top + rowMm - 1}" stroke="#000" stroke-width="0.3"/>`,
    '</g>',
  ].join('');
}

function wedgeHeightMm(angleDeg: number): number {
  return WEDGE_MM * Math.tan((angleDeg * Math.PI) / 180);
}

/** Wedges at their true angle side by side, with what each is for under it. */
function wedgesSvg(wedges: readonly Wedge[], top: number, steepestMm: number): string[] {
  const stepMm = (PAGE.widthMm - 2 * PAGE.marginMm) / Math.max(6, wedges.length);
  const letters = Math.floor(stepMm / LETTER_MM);
  const base = top + 2 + steepestMm;
  return [
    text(PAGE.marginMm, top, wedges.length > 0 ? say.wedgesTrueAngle : '', 'font-weight="700"'),
    ...wedges.flatMap(({ angleDeg, names }, i) => {
      const x = PAGE.marginMm + i * stepMm;
      return [
        `<path d="M${x},${base}h${WEDGE_MM}v${-wedgeHeightMm(angleDeg)}Z"/>`,
        text(x, base + 4, deg(angleDeg), 'font-weight="700"'),
        text(x, base + 7, shortened(names, letters), 'font-size="2.4"'),
      ];
    }),
  ];
}

/** The sign of a rung before the words of its line. */
function rungSvg({ rung }: CardLine, top: number): string {
  const sign = rung && rungPath(rung, 0, 0);
  return sign
    ? `<path transform="translate(${RIGHT_MM + 1.2} ${top - 1}) scale(0.15)" d="${sign}"/>`
    : '';
}

function shortened(words: string, letters: number): string {
  const [first = '', ...more] = wrapped(words, letters);
  return more.length > 0 ? `${first} …` : first;
}

/** When, the strokes on each side and what with, or a word. */
function lineWords({ when, steps, words, angle }: CardLine): string {
  const work = steps.map(({ strokes, name }) => `${strokes} ${name}`).join(' → ') || words;
  return shortened(`${spoken(when)}: ${[work, angle].filter(Boolean).join(' ')}`, LONGEST_STEPS);
}

/** The hold drawn at its true angle, at the right of a row. */
function liftSvg({ holds, angleDeg }: CardRowData, left: number, top: number): string {
  const { path, weight, coins } = liftShape(holds, angleDeg);
  return [
    `<g transform="translate(${left} ${top}) scale(${LIFT_MM / LIFT.width})" stroke="#000">`,
    `<path d="M0,${LIFT.base}H${LIFT.width}" stroke-width="2.5"/>`,
    ...coins.map(
      ({ x, y, width, height }) =>
        `<rect x="${x}" y="${y}" width="${width}" height="${height}" fill="#fff" stroke-width="0.8"/>`,
    ),
    `<path d="${path}" stroke-width="${weight}"/>`,
    '</g>',
  ].join('');
}

/** Words in lines that fit the page. */
function wrapped(words: string, longest = LONGEST_LINE): string[] {
  const lines: string[] = [];
  for (const word of words.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + word.length < longest) {
      lines[lines.length - 1] = `${last} ${word}`;
    } else lines.push(word);
  }
  return lines;
}

function line(y: number, weight: number): string {
  return `<line x1="${PAGE.marginMm}" x2="${PAGE.widthMm - PAGE.marginMm}" y1="${y}" y2="${y}" stroke="#000" stroke-width="${weight}"/>`;
}

function text(x: number, y: number, words: string, more = ''): string {
  return words && `<text x="${x}" y="${y}" ${more}>${escaped(words)}</text>`;
}

const ENTITIES: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };

function escaped(words: string): string {
  return words.replace(/[&<>"]/g, (sign) => ENTITIES[sign]!);
}
