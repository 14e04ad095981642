'use client';

import { typedNumber } from './units';
import { uiPartsWords as say } from './words/partsWords';
import { useState } from 'react';
import dynamic from 'next/dynamic';
import { INSTRUMENTS, N_PER_GRAM } from '../instruments/table';
import { NumberField } from './forms/fields';

// Checked lines bring the schemas along: they load after the screen.
const InstrumentReader = dynamic(() => import('./InstrumentReader'), { ssr: false });

const { least, most } = INSTRUMENTS['edge-tester'];
const [LEAST_G, MOST_G] = [least, most].map((forceN) => Math.round(forceN / N_PER_GRAM)) as [
  number,
  number,
];

/** A reading of the force tester: typed, or from the tester itself, and put in by a tap or by Enter. */
export function GramsField(props: {
  /** What the edge should about read, for the simulated tester; null where nobody knows. */
  expectedG: number | null;
  onGrams: (grams: number) => void;
}) {
  const { expectedG, onGrams } = props;
  const [typed, setTyped] = useState('');
  const grams = typedNumber(typed);
  const fits = typed !== '' && grams >= LEAST_G && grams <= MOST_G;
  return (
    <div>
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
            label={say.orGramsOnATester}
            unit="g"
            error={typed !== '' && !fits ? say.mustBeFromTo(LEAST_G, MOST_G) : undefined}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
        </div>
        <button className="btn btn-outline" disabled={!fits}>
          {say.putItIn}
        </button>
      </form>
      <InstrumentReader
        kind="edge-tester"
        around={expectedG && expectedG * N_PER_GRAM}
        onReading={(forceN) => setTyped(String(Math.round(forceN / N_PER_GRAM)))}
      />
    </div>
  );
}
