'use client';

import { uiFormsWords as say } from '../words/formsWords';
import { useState } from 'react';
import { NumberField } from './fields';
import { entered, limitWords, shown, unitOf, type Quantity } from './measures';

export interface MeasureFrame {
  label: string;
  hint?: string;
  /** What is measured; records hold it in mm or g, whatever it is typed in. */
  quantity: Quantity;
}

/**
 * A measure in the units that the person chose, in decimals or in fractions of an inch. What is being
 * typed stays as typed; NaN is told on for what is no number.
 */
export function MeasureField(
  props: MeasureFrame & {
    value: number | null;
    error?: string;
    onValue: (value: number) => void;
    onBlur?: () => void;
  },
) {
  const { label, hint, quantity, value, error, onValue, onBlur } = props;
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <NumberField
      label={label}
      unit={unitOf(quantity)}
      hint={hint}
      error={error && limitWords(error, quantity)}
      autoComplete="off"
      value={typed ?? shown(value, quantity)}
      onChange={(event) => {
        setTyped(event.target.value);
        onValue(entered(event.target.value, quantity));
      }}
      onBlur={() => {
        setTyped(null);
        onBlur?.();
      }}
    />
  );
}

/** A measure that is used while it is typed, and refused in place while it lies outside its limits. */
export function LimitedMeasureField(
  props: MeasureFrame & {
    value: number;
    min: number;
    max: number;
    onValue: (value: number) => void;
  },
) {
  const { min, max, onValue } = props;
  const [refused, setRefused] = useState(false);
  return (
    <MeasureField
      {...props}
      error={refused ? say.measureMustBeFromTo(min, max) : undefined}
      onValue={(next) => {
        const fits = next >= min && next <= max;
        setRefused(!fits);
        if (fits) onValue(next);
      }}
    />
  );
}
