'use client';

import { toolWords as say } from '../../ui/words/screens/tool';
import { toolForm, workingFace } from '../../core';
import type { Tool, Zone } from '../../domain/tool';
import { wedgeFileName, wedgeFor, wedgeStl, wedgeSvg } from '../../formats/wedge';
import { downloadText } from '../../ui/download';
import { deg, mm } from '../../ui/format';

/** A wedge for this zone, to print at true size or as a solid. */
export function WedgePrint({ tool, zone }: { tool: Tool; zone: Zone }) {
  const { angleDeg } = workingFace(tool, zone);
  const wedge = wedgeFor({ ...zone, name: `${tool.name}, ${zone.name}`, angleDeg });
  const fileName = wedgeFileName(tool.name);
  const svg = wedgeSvg(wedge);
  return (
    <section className="mt-6">
      <h3>{say.aWedgeForPerSide(deg(angleDeg))}</h3>
      <p className="text-soft">
        {say.mmLongHighPrintAt(
          wedge.baseMm,
          mm(wedge.heightMm),
          toolForm(tool.kind) === 'axe' ? say.laidOnTheCheekThe : say.underTheBladesFace,
        )}
      </p>
      {/* eslint-disable-next-line @next/next/no-img-element -- a data URL drawn in the page */}
      <img
        className="mt-2 max-w-full border border-rule bg-white"
        alt={say.wedgeOfWithACheck(deg(angleDeg))}
        src={`data:image/svg+xml,${encodeURIComponent(svg)}`}
      />
      <div className="mt-3 flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-outline"
          onClick={() => downloadText(`${fileName}.svg`, svg, 'image/svg+xml')}
        >
          {say.downloadToPrintSvg}
        </button>
        <button
          type="button"
          className="btn btn-outline"
          onClick={() => downloadText(`${fileName}.stl`, wedgeStl(wedge), 'model/stl')}
        >
          {say.downloadAsASolidStl}
        </button>
      </div>
    </section>
  );
}
