'use client';

import { type LabAnswer, grindSection, sectionReport, type LabCourse } from '../../core/lab';
import { downloadFile, downloadText } from '../../ui/download';
import { embeddedFont } from '../../ui/embeddedFont';
import { labWords as say } from '../../ui/words/labWords';
import { notice } from '../../ui/notice';
import { Share } from '../../ui/Share';
import { writeTable } from '../../formats/csv/writeTable';
import { deg, um } from '../../ui/format';
import { bevelWindow, outlinePath, placeOf, rayPath, tipOf } from './sectionView';

/** The answer to take along: picture, figures, and the experiment as a link. */
export function LabExports(props: {
  answer: LabAnswer;
  id: string;
  names: readonly string[];
  title: string;
}) {
  const { answer, id, names, title } = props;
  const fileName = (ending: string): string =>
    `${say.lab} ${id}.${ending}`.toLowerCase().replaceAll(' ', '-');
  const svg = async (): Promise<string> =>
    labSvg({ answer, title, names, font: await embeddedFont() });
  return (
    <div className="flex flex-wrap gap-x-4 gap-y-1">
      <button
        type="button"
        className="link min-h-8 pointer-coarse:min-h-12"
        onClick={async () => downloadText(fileName('svg'), await svg(), 'image/svg+xml')}
      >
        {say.saveSvg}
      </button>
      <button
        type="button"
        className="link min-h-8 pointer-coarse:min-h-12"
        onClick={async () => {
          try {
            downloadFile(fileName('png'), await svgAsPng(await svg()));
          } catch {
            await notice(say.noPng);
          }
        }}
      >
        {say.savePng}
      </button>
      <button
        type="button"
        className="link min-h-8 pointer-coarse:min-h-12"
        onClick={() => downloadText(fileName('csv'), labCsv(answer, names), 'text/csv')}
      >
        {say.saveCsv}
      </button>
      <Share title={title} blocks={() => [{ text: `${title}\n${window.location.href}` }]} />
    </div>
  );
}

/** Both ways stroke by stroke: the angle of each, and what the section measures after it. Figures stay plain. */
function labCsv(answer: LabAnswer, names: readonly string[]): string {
  const heading = [
    'way',
    'stroke',
    'side',
    'angleDeg',
    'areaMm2',
    'edgeInclusiveDeg',
    'apexWidthUm',
    'bevelInclusiveDeg',
  ];
  const rows = answer.courses.flatMap((course, way) => {
    let { section } = course;
    return course.strokes.map((stroke, i) => {
      ({ section } = grindSection({ section, strokes: [stroke] }));
      const report = sectionReport({ section });
      return [
        names[way]!,
        String(i + 1),
        stroke.side,
        stroke.angleDeg.toFixed(3),
        stroke.areaMm2.toExponential(4),
        report.edgeInclusiveDeg.toFixed(3),
        report.apexWidthUm.toFixed(4),
        report.bevelInclusiveDeg.toFixed(3),
      ];
    });
  });
  return writeTable(heading, rows);
}

const WIDTH = 900;
const ROW = 230;
const HEAD = 70;

/** A question's answer as a picture of its own: both sections after all strokes, every stroke a ray. */
function labSvg(input: {
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

/** An SVG text as a PNG file, twice as large for sharp lines. Throws where the browser cannot draw it. */
async function svgAsPng(svg: string, scale = 2): Promise<Blob> {
  const url = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }));
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    const canvas = document.createElement('canvas');
    canvas.width = image.naturalWidth * scale;
    canvas.height = image.naturalHeight * scale;
    canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
    return await new Promise<Blob>((resolve, reject) =>
      canvas.toBlob(
        (blob) => (blob ? resolve(blob) : reject(new Error('no picture'))),
        'image/png',
      ),
    );
  } finally {
    URL.revokeObjectURL(url);
  }
}
