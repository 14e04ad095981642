'use client';

import type { LabAnswer } from '../../core';
import { downloadFile, downloadText } from '../../ui/download';
import { embeddedFont } from '../../ui/embeddedFont';
import { labWords as say } from '../../ui/words/labWords';
import { notice } from '../../ui/notice';
import { Share } from '../../ui/Share';
import { svgAsPng } from '../../ui/svgAsPng';
import { labCsv } from './labCsv';
import { labSvg } from './labSvg';

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
