import type { PLACES } from '../../domain/terms';
import { shelfWords as say } from './words';
import type { ReactNode } from 'react';
import { grams, sentence } from '../../ui/format';
import { spoken } from '../../ui/words/closedWords';

type Kept = {
  id: string;
  name: string;
  massG: number;
  carriedAnyway: boolean;
  place: (typeof PLACES)[number];
};

/** Strops, compounds, lubricants or helpers: what each is, its weight and its place. */
export function KeptThings<R extends Kept>(props: {
  title: string;
  things: readonly R[];
  /** What is to be said of one; what is false or null is left out. */
  about: (thing: R) => (string | false | null)[];
  drawn?: (thing: R) => ReactNode;
  onAdd: () => void;
  onEdit: (thing: R) => void;
}) {
  const { title, things, about, drawn, onAdd, onEdit } = props;
  return (
    <section className="min-w-0 overflow-x-auto">
      <ListHeading title={title} onAdd={onAdd} />
      {things.length > 0 && (
        <table className="table-plain">
          <thead>
            <tr>
              <th>{say.what}</th>
              <th className="number">{say.weight}</th>
              <th>{say.livesIn}</th>
            </tr>
          </thead>
          <tbody>
            {things.map((thing) => (
              <tr key={thing.id}>
                <td>
                  <RowButton name={thing.name} onClick={() => onEdit(thing)} />
                  <p className="text-[0.92rem] text-soft">
                    {about(thing).filter(Boolean).join('; ')}
                  </p>
                  {drawn && <div className="mt-1">{drawn(thing)}</div>}
                </td>
                <td className="number">{weight(thing)}</td>
                <td>{sentence(spoken(thing.place))}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

export function ListHeading({ title, onAdd }: { title: string; onAdd: () => void }) {
  return (
    <div className="mb-1 flex items-baseline gap-4">
      <h2>{title}</h2>
      <button
        type="button"
        className="link min-h-12"
        aria-label={say.addTo(title.toLowerCase())}
        onClick={onAdd}
      >
        {say.add}
      </button>
    </div>
  );
}

export function RowButton({ name, onClick }: { name: string; onClick: () => void }) {
  return (
    <button
      type="button"
      className="link -my-1 inline-block py-1 text-left font-semibold"
      aria-label={say.edit(name)}
      onClick={onClick}
    >
      {name}
    </button>
  );
}

export function weight(record: Pick<Kept, 'massG' | 'carriedAnyway'>): string {
  return record.carriedAnyway ? say.carriedAnywayMark : grams(record.massG);
}
