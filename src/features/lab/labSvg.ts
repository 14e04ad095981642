import type { LabCourse, LabAnswer } from '../../core';
import { deg, um } from '../../ui/format';
import { labWords as say } from '../../ui/words/labWords';
import { bevelWindow, outlinePath, placeOf, rayPath, tipOf } from './sectionView';

const WIDTH = 900;
const ROW = 230;
const HEAD = 70;

/** A question's answer as a picture of its own: both sections after all strokes, every stroke a ray. */
export function labSvg(input: {
  answer: LabAnswer;
  title: string;
  names: readonly string[];
  /** A CSS rule that carries the font; empty for the reader's own. */
  font: string;
}): string {
  const { answer, title, names, font } = input;
  const height = HEAD + answer.courses.length * ROW;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${height}" viewBox="0 0 ${WIDTH} ${height}" font-family="Archivo, sans-serif" fill="#111">`,
    font && `<style>${font}</style>`,
    `<rect width="${WIDTH}" height="${height}" fill="#fff"/>`,
    text(24, 40, title, 'font-size="24" font-weight="700"'),
    ...answer.courses.map((course, i) => row(course, names[i]!, HEAD + i * ROW, i === 1)),
    '</svg>',
  ]
    .filter(Boolean)
    .join('\n');
}

function row(course: LabCourse, name: string, top: number, isRival: boolean): string {
  const { section, report } = course.end;
  const window = bevelWindow(course, { widthPx: WIDTH - 300, heightPx: ROW, marginPx: 50 });
  const tip = placeOf(tipOf(section), window);
  const rays = course.strokes.map((stroke) => rayPath(stroke, tip, window.rayPx)).join('');
  return [
    `<g transform="translate(24,${top})">`,
    `<path d="${outlinePath(section, window)}" fill="#ccd2d4" stroke="#111" stroke-width="1.6"${isRival ? ' stroke-dasharray="7 4"' : ''}/>`,
    `<path d="${rays}" fill="none" stroke="#111" stroke-width="0.6" opacity="0.4"/>`,
    text(WIDTH - 260, 60, name, 'font-size="20" font-weight="700"'),
    text(WIDTH - 260, 88, `${deg(report.edgeInclusiveDeg)} ${say.rows.edge}`),
    text(WIDTH - 260, 112, say.atTheBevel(deg(report.bevelInclusiveDeg))),
    text(WIDTH - 260, 136, `${say.rows.apex}: ${um(report.apexWidthUm)}`),
    `<path d="M0,${ROW - 14}h${window.pxPerMm}" stroke="#111" stroke-width="2"/>`,
    text(window.pxPerMm + 8, ROW - 9, '1 mm'),
    '</g>',
  ].join('\n');
}

function text(x: number, y: number, words: string, more = 'font-size="16"'): string {
  const safe = words.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');
  return `<text x="${x}" y="${y}" ${more}>${safe}</text>`;
}
