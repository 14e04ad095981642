import { useState, type ReactNode } from 'react';
import type { EdgeNeed } from '../../core/inspection';
import {
  angleRefused,
  ASKEW_DEG,
  GLINT_PX_PER_MM,
  TOO_ASKEW_DEG,
  type Glint,
  type PhotoLength,
  type Rim,
} from '../../core/measure';
import { deg, fineMm, mm, placeMm } from '../../ui/format';
import { photoWords as say } from './words';
import { fitting, type PhotoMeasures } from './photoMeasures';
import type { PhotoLines } from './useLines';
import type { PhotoKeeps } from './usePhotoKeeps';

/** What the marks come to, each with its ±, what was known before, and the way to where it belongs. */
export function PhotoFigures(props: {
  found: PhotoMeasures;
  need: EdgeNeed;
  keeps: PhotoKeeps;
  children: ReactNode;
}) {
  const { found, need, keeps, children } = props;
  const { rim, scaleBy, edge, bevel, angle, chip, chipAtMm, spine } = found;
  const { tool, zone } = need;
  const refused = angle && angleRefused(zone, { ...angle, of: 'bevel' });
  const isOne = tool.zones.length === 1;
  const fits = fitting(found);
  return (
    <section aria-label={say.measured} className="mt-2">
      {rim && scaleBy && <p role="status">{`${say.scaleBy[scaleBy]} ${leanWords(rim)}`}</p>}
      <ul>
        {edge && (
          <Figure
            name={say.edge}
            value={say.measureWithSpread(mm(edge.mm), edge.sdMm === null ? null : mm(edge.sdMm))}
            was={mm(tool.edgeLengthMm)}
            keep={
              isOne && fits.edge && edge.sdMm !== null
                ? [say.keepEdge, () => keeps.edge(edge.mm)]
                : null
            }
          />
        )}
        {bevel && <Figure name={say.bevel} value={length(bevel)} keep={null} />}
        {angle && (
          <Figure
            name={say.angle}
            value={say.measureWithSpread(
              deg(angle.angleDeg),
              Number.isFinite(angle.sdDeg) ? deg(angle.sdDeg) : null,
            )}
            was={deg(zone.bevelAngleDeg)}
            keep={
              !refused && Number.isFinite(angle.sdDeg)
                ? [say.keepAngle, () => keeps.angle(angle)]
                : null
            }
          />
        )}
        {refused && <li role="alert">{say.refused[refused]}</li>}
        {chip && chipAtMm !== null && (
          <Figure
            name={say.chip}
            value={`${length(chip)}, ${placeMm(chipAtMm)} ${say.from}`}
            keep={
              fits.chip && chip.sdMm !== null
                ? [say.keepChip, () => keeps.chip(chip.mm, chipAtMm)]
                : null
            }
          />
        )}
        {spine && (
          <Figure
            name={say.spine}
            value={length(spine)}
            was={mm(tool.spineThicknessMm)}
            keep={
              fits.spine && spine.sdMm !== null
                ? [say.keepSpine, () => keeps.spine(spine.mm)]
                : null
            }
          />
        )}
        {Object.values(fits).includes(false) && <li role="alert">{say.beyond}</li>}
        {children}
      </ul>
    </section>
  );
}

function length({ mm: value, sdMm }: PhotoLength): string {
  return say.measureWithSpread(fineMm(value), sdMm === null ? null : fineMm(sdMm));
}

function leanWords({ isTiltSeen, tiltDeg, tiltFloorDeg }: Rim): string {
  if (!isTiltSeen) return say.unseen;
  if (tiltDeg === 0) return say.flat(Math.ceil(tiltFloorDeg));
  if (tiltDeg > TOO_ASKEW_DEG) return say.tooAskew(tiltDeg);
  return tiltDeg > ASKEW_DEG ? say.flatter(tiltDeg) : say.askew(tiltDeg);
}

/** The light along the edge: looked for by a tap, each bright stretch to be taken for a glint or not. */
export function GlintFigures(props: {
  photo: PhotoLines;
  pxPerMm: number;
  /** Those that were found, in the tool's own millimetres. */
  glints: readonly Glint[];
  keeps: PhotoKeeps;
}) {
  const { photo, pxPerMm, glints, keeps } = props;
  if (!photo.lines.edge) return null;
  if (photo.glints === null) {
    return (
      <li className="flex items-center gap-x-4 border-b border-rule py-1">
        <div className="min-w-0 flex-1">
          {say.glint}
          <span className="block text-[0.92rem] text-soft">
            {pxPerMm < GLINT_PX_PER_MM ? say.tooFar : say.againstALamp}
          </span>
        </div>
        <button
          type="button"
          className="link min-h-12 max-w-36 text-right disabled:no-underline"
          disabled={pxPerMm < GLINT_PX_PER_MM}
          onClick={() => photo.lookForGlints(pxPerMm)}
        >
          {say.lookForGlints}
        </button>
      </li>
    );
  }
  if (glints.length === 0) return <li role="status">{say.noGlint}</li>;
  return glints.map((glint) => (
    <Figure
      key={glint.fromMm}
      name={say.glint}
      value={say.stretch(glint.fromMm, glint.toMm)}
      keep={[say.keepGlint, () => keeps.glint(glint)]}
    />
  ));
}

/** One measure, what it was before, and the peg that lets it go where it belongs: in, it says so, until it is another. */
function Figure(props: {
  name: string;
  value: string;
  was?: string;
  keep: [words: string, keep: () => Promise<void>] | null;
}) {
  const { name, value, was, keep } = props;
  const [kept, setKept] = useState<string | null>(null);
  const isIn = kept === value;
  return (
    <li className="flex items-center gap-x-4 border-b border-rule py-1">
      <div className="min-w-0 flex-1">
        {name}
        {was && !isIn && <span className="text-soft">, {say.was(was)}</span>}
        <b className="figures block text-lg">{value}</b>
      </div>
      {keep && (
        <button
          type="button"
          className="link min-h-12 max-w-36 text-right disabled:no-underline"
          aria-label={`${name}: ${isIn ? say.isIn : keep[0]}`}
          disabled={isIn}
          onClick={() => void keep[1]().then(() => setKept(value))}
        >
          {isIn ? say.isIn : keep[0]}
        </button>
      )}
    </li>
  );
}
