'use client';

import { useState } from 'react';
import { NumberField } from '../../ui/forms/fields';

/** What a force tester takes and shows. */
const LEAST_G = 1;
const MOST_G = 2000;

/** A reading of the force tester: typed, and put in by a tap or by Enter. */
export function GramsField({ onGrams }: { onGrams: (grams: number) => void }) {
  const [typed, setTyped] = useState('');
  const grams = Number(typed);
  const fits = typed !== '' && grams >= LEAST_G && grams <= MOST_G;
  return (
    <form
      noValidate
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (!fits) return;
        onGrams(grams);
        setTyped('');
      }}
    >
      <div className="w-44">
        <NumberField
          label="Or grams, on a tester"
          unit="g"
          error={typed !== '' && !fits ? `must be from ${LEAST_G} to ${MOST_G}` : undefined}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      </div>
      <button className="btn btn-outline" disabled={!fits}>
        Put it in
      </button>
    </form>
  );
}
