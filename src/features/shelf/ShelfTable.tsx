'use client';

import { gradeSizeUm, type Shelf } from '../../core';
import type { Abrasive, ShelfGrade } from '../../domain/shelf';
import { fineMm, grams, sentence, spoken, um } from '../../ui/format';
import type { Editing } from './RecordDialog';
import { SCALE_NAMES } from './scaleNames';

/** Everything on the shelf with its state, weight and place; each row opens for editing. */
export function ShelfTable(props: { shelf: Shelf; onEdit: (editing: Editing) => void }) {
  const { shelf, onEdit } = props;
  const abrasives = [...shelf.abrasives].sort((a, b) => coarsest(b) - coarsest(a));
  return (
    <div className="mt-8 grid gap-x-12 gap-y-8 lg:grid-cols-[1.5fr_1fr]">
      <section className="min-w-0 overflow-x-auto">
        <Heading title="Stones, files and papers" onAdd={() => onEdit({ store: 'abrasives' })} />
        <table className="table-plain">
          <thead>
            <tr>
              <th>What</th>
              <th>Marked</th>
              <th className="number">µm</th>
              <th>With</th>
              <th className="number">Weight</th>
              <th>Lives in</th>
            </tr>
          </thead>
          <tbody>
            {abrasives.map((record) => (
              <tr key={record.id}>
                <td>
                  <RowButton
                    name={record.name}
                    onClick={() => onEdit({ store: 'abrasives', record })}
                  />
                  <State record={record} />
                </td>
                <td className="figures">
                  {record.faces.map(({ id, grade }) => (
                    <div key={id}>{marking(grade)}</div>
                  ))}
                </td>
                <td className="number">
                  {record.faces.map(({ id, grade }) => (
                    <div key={id}>{um(gradeSizeUm(grade)).replace(' µm', '')}</div>
                  ))}
                </td>
                <td>{record.lubricants.join(', ')}</td>
                <td className="number">{grams(record.massG)}</td>
                <td>{sentence(spoken(record.place))}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <div className="grid min-w-0 content-start gap-8">
        <KeptThings
          title="Strops"
          things={shelf.strops}
          about={(strop) =>
            `${spoken(strop.surface)}, ${spoken(strop.backing)}, ${
              shelf.compounds.find(({ id }) => id === strop.compoundId)?.name ?? 'bare'
            }`
          }
          onAdd={() => onEdit({ store: 'strops' })}
          onEdit={(record) => onEdit({ store: 'strops', record })}
        />
        <KeptThings
          title="Compounds"
          things={shelf.compounds}
          about={({ sizeUm }) => um(sizeUm)}
          onAdd={() => onEdit({ store: 'compounds' })}
          onEdit={(record) => onEdit({ store: 'compounds', record })}
        />
        <KeptThings
          title="Lubricants"
          things={shelf.lubricants}
          about={({ kind }) => kind}
          onAdd={() => onEdit({ store: 'lubricants' })}
          onEdit={(record) => onEdit({ store: 'lubricants', record })}
        />
      </div>
    </div>
  );
}

type Kept = { id: string; name: string; massG: number; carriedAnyway: boolean; place: string };

/** Strops, compounds or lubricants: what each is, its weight and its place. */
function KeptThings<R extends Kept>(props: {
  title: string;
  things: readonly R[];
  about: (thing: R) => string;
  onAdd: () => void;
  onEdit: (thing: R) => void;
}) {
  const { title, things, about, onAdd, onEdit } = props;
  return (
    <section className="min-w-0 overflow-x-auto">
      <Heading title={title} onAdd={onAdd} />
      <table className="table-plain">
        <thead>
          <tr>
            <th>What</th>
            <th className="number">Weight</th>
            <th>Lives in</th>
          </tr>
        </thead>
        <tbody>
          {things.map((thing) => (
            <tr key={thing.id}>
              <td>
                <RowButton name={thing.name} onClick={() => onEdit(thing)} />
                <p className="text-[0.92rem] text-soft">{about(thing)}</p>
              </td>
              <td className="number">{weight(thing)}</td>
              <td>{sentence(spoken(thing.place))}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Heading({ title, onAdd }: { title: string; onAdd: () => void }) {
  return (
    <div className="mb-1 flex items-baseline gap-4">
      <h2>{title}</h2>
      <button
        type="button"
        className="link min-h-12"
        aria-label={`Add to ${title.toLowerCase()}`}
        onClick={onAdd}
      >
        Add
      </button>
    </div>
  );
}

function RowButton({ name, onClick }: { name: string; onClick: () => void }) {
  return (
    <button
      type="button"
      className="link -my-1 inline-block py-1 text-left font-semibold"
      aria-label={`Edit ${name}`}
      onClick={onClick}
    >
      {name}
    </button>
  );
}

/** What is wrong with a stone: worn hollow, loaded. */
function State({ record }: { record: Abrasive }) {
  const notes = [
    record.dishMm > 0 && `hollow by ${fineMm(record.dishMm)}`,
    ...record.faces
      .filter(({ state }) => state === 'loaded')
      .map(({ name }) => `${record.faces.length > 1 ? `${name} ` : ''}loaded: scrub it`),
  ].filter(Boolean);
  return notes.length > 0 ? <p className="text-[0.92rem] text-soft">{notes.join('; ')}</p> : null;
}

function weight(record: { massG: number; carriedAnyway: boolean }): string {
  return record.carriedAnyway ? 'carried anyway' : grams(record.massG);
}

function coarsest({ faces }: Abrasive): number {
  return Math.max(...faces.map(({ grade }) => gradeSizeUm(grade)));
}

function marking(grade: ShelfGrade): string {
  switch (grade.scale) {
    case 'natural':
      return spoken(grade.named!);
    case 'range':
      return `${grade.finestUm}–${grade.coarsestUm} µm`;
    case 'micron':
      return `${grade.number} µm`;
    default:
      return `${SCALE_NAMES[grade.scale]} ${grade.number}`;
  }
}
