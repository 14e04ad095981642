import { kitCardWords as say } from './words';
import { deg } from '../../../ui/format';
import type { PackedMat } from './cardSides';
import type { Wedge } from './wedges';

/** What goes along, mat by mat, with a box for each thing. */
export function PackingList({ mats }: { mats: readonly PackedMat[] }) {
  return (
    <div className="grid grid-cols-3 gap-x-4 border-t-[5px] border-current pt-1">
      {mats.length === 0 && <p className="col-span-3">{say.chooseAKitAndPack}</p>}
      {mats.map(({ name, grams, things }) => (
        <div key={name} className="min-w-0">
          <p className="flex justify-between">
            <b>{name}</b>
            <span className="figures">{grams}</span>
          </p>
          <ul>
            {things.map((thing) => (
              <li key={thing} className="flex items-center gap-1.5 leading-[1.25]">
                <span aria-hidden className="size-3 shrink-0 border-[1.5px] border-current" />
                <span className="truncate">{thing}</span>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </div>
  );
}

/** The usual cautions, once. */
export function Cautions({ lines }: { lines: readonly string[] }) {
  const [first, ...rest] = lines;
  return (
    <p className="mt-2 border-t border-current pt-1 leading-[1.3]">
      <b>{first}</b> {rest.join(' ')}
    </p>
  );
}

/** The tools that go along, person by person, with a box for each. */
export function ToolList({ groups }: { groups: readonly PackedMat[] }) {
  return (
    <ul className="border-t-[5px] border-current pt-1">
      {groups.map(({ name, things }) => (
        <li key={name} className="flex flex-wrap items-center gap-x-2.5 leading-[1.25]">
          <span>{name}:</span>
          {things.map((thing) => (
            <span key={thing} className="inline-flex items-center gap-1">
              <span aria-hidden className="size-3 shrink-0 border-[1.5px] border-current" />
              <b>{thing}</b>
            </span>
          ))}
        </li>
      ))}
    </ul>
  );
}

const WEDGE_PX = 58;

/** Wedges at their true angle, to fold the card by: what goes under a blade, or upon a cheek. */
export function Wedges({ wedges }: { wedges: readonly Wedge[] }) {
  return (
    <div className="mt-1 border-t border-current pt-1">
      <b>{say.wedgesTrueAngle}</b>
      <div className="flex flex-wrap gap-x-3">
        {wedges.map(({ angleDeg, names }) => {
          const height = WEDGE_PX * Math.tan((angleDeg * Math.PI) / 180);
          return (
            <div key={angleDeg} className="w-[68px]">
              <svg width={WEDGE_PX} height={height} aria-hidden className="block">
                <path d={`M0,${height}H${WEDGE_PX}V0Z`} fill="currentColor" />
              </svg>
              <p className="leading-[1.05]">
                <b>{deg(angleDeg)}</b> <span className="text-[11px]">{names}</span>
              </p>
            </div>
          );
        })}
      </div>
    </div>
  );
}
