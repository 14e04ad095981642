'use client';

import { tripBackWords as say } from './words';
import { sum } from 'd3-array';
import { shelfThings, type Shelf } from '../../../core/ladder';
import type { Helper } from '../../../domain/shelf';
import type { Carried } from '../../../domain/trip';
import { CheckField } from '../../../ui/forms/fields';
import { grams } from '../../../ui/format';

/** What of the things that went along was used; what the log knows of is ticked already. */
export function ThingsBack(props: {
  shelf: Shelf;
  helpers: readonly Helper[];
  things: readonly Carried[];
  onChange: (things: Carried[]) => void;
}) {
  const { shelf, helpers, things, onChange } = props;
  const all = [...shelfThings(shelf), ...helpers];
  const named = things.flatMap((thing) => {
    const item = all.find(({ id }) => id === thing.itemId);
    return item ? [{ thing, item }] : [];
  });
  if (named.length === 0) return null;
  const idle = named.filter(({ thing }) => !thing.used);
  const idleGrams = sum(idle, ({ item }) => item.massG);
  return (
    <fieldset className="mt-6">
      <legend className="sign text-2xl">{say.whichOfTheseWereUsed}</legend>
      <div className="grid gap-x-8 sm:grid-cols-2">
        {named.map(({ thing, item }) => (
          <CheckField
            key={item.id}
            label={`${item.name}, ${grams(item.massG)}`}
            checked={thing.used ?? false}
            onChange={(event) =>
              onChange(
                things.map((other) =>
                  other.itemId === item.id ? { ...other, used: event.target.checked } : other,
                ),
              )
            }
          />
        ))}
      </div>
      <p className="text-soft">
        {idle.length === 0 ? say.allOfItWasUsed : say.wasNotUsedSoFar(idleGrams)}
      </p>
    </fieldset>
  );
}
