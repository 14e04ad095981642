import type { PackedMat } from './cardSides';

/** What goes along, mat by mat, with a box for each thing. */
export function PackingList({ mats }: { mats: readonly PackedMat[] }) {
  return (
    <div className="grid grid-cols-3 gap-x-4 border-t-[5px] border-current pt-1">
      {mats.length === 0 && (
        <p className="col-span-3">Choose a kit and pack it: it is listed here.</p>
      )}
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
