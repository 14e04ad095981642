import {
  angleRefused,
  ASKEW_DEG,
  TOO_ASKEW_DEG,
  type EdgeNeed,
  type PhotoLength,
} from '../../core';
import { deg, fineMm, mm, placeMm } from '../../ui/format';
import { photoWords as say } from '../../ui/words/photoWords';
import type { PhotoMeasures } from './photoMeasures';
import type { PhotoKeeps } from './usePhotoKeeps';

/** What the marks come to, each with its ± and the way to where it belongs. */
export function PhotoFigures(props: { found: PhotoMeasures; need: EdgeNeed; keeps: PhotoKeeps }) {
  const { found, need, keeps } = props;
  const { rim, edge, bevel, angle, chip, chipAtMm, spine } = found;
  const refused = angle && angleRefused(need.zone, { ...angle, of: 'bevel' });
  const length = ({ mm: value, sdMm }: PhotoLength): string =>
    say.plusMinus(fineMm(value), sdMm === null ? null : fineMm(sdMm));
  const isOne = need.tool.zones.length === 1;
  return (
    <section aria-label={say.measured} className="mt-2">
      {rim && <p role="status">{leanWords(rim)}</p>}
      <ul>
        {edge && (
          <Figure
            name={say.edge}
            value={say.plusMinus(mm(edge.mm), edge.sdMm === null ? null : mm(edge.sdMm))}
            keep={isOne && edge.sdMm !== null ? [say.keepEdge, () => keeps.edge(edge.mm)] : null}
          />
        )}
        {bevel && <Figure name={say.bevel} value={length(bevel)} keep={null} />}
        {angle && (
          <Figure
            name={say.angle}
            value={say.plusMinus(
              deg(angle.angleDeg),
              Number.isFinite(angle.sdDeg) ? deg(angle.sdDeg) : null,
            )}
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
            keep={chip.sdMm === null ? null : [say.keepChip, () => keeps.chip(chip.mm, chipAtMm)]}
          />
        )}
        {spine && (
          <Figure
            name={say.spine}
            value={length(spine)}
            keep={spine.sdMm === null ? null : [say.keepSpine, () => keeps.spine(spine.mm)]}
          />
        )}
      </ul>
    </section>
  );
}

function leanWords({ isTiltSeen, tiltDeg }: NonNullable<PhotoMeasures['rim']>): string {
  if (!isTiltSeen) return say.unseen;
  if (tiltDeg > TOO_ASKEW_DEG) return say.tooAskew(deg(tiltDeg));
  return tiltDeg > ASKEW_DEG ? say.flatter(deg(tiltDeg)) : say.askew(deg(tiltDeg));
}

function Figure(props: {
  name: string;
  value: string;
  keep: [words: string, keep: () => Promise<void>] | null;
}) {
  const { name, value, keep } = props;
  return (
    <li className="flex flex-wrap items-center gap-x-4 border-b border-rule">
      <span className="min-w-28">{name}</span>
      <b className="figures min-h-12 content-center">{value}</b>
      {keep && (
        <button
          type="button"
          className="link ml-auto min-h-12"
          aria-label={`${name}: ${keep[0]}`}
          onClick={() => void keep[1]()}
        >
          {keep[0]}
        </button>
      )}
    </li>
  );
}
