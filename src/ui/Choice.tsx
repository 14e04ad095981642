'use client';

import { Said } from './Term';

/** One of a few words, by a tap; tapping the chosen one again takes it back where `onClear` is given. */
export function Choice<T extends string>(props: {
  legend: string;
  /** Where a heading beside it says it already: then only read aloud. */
  isLegendHidden?: boolean;
  options: readonly (readonly [value: T, text: string])[];
  chosen: T | null;
  onChoose: (value: T) => void;
  onClear?: () => void;
}) {
  const { legend, isLegendHidden = false, options, chosen, onChoose, onClear } = props;
  return (
    <fieldset>
      <legend className={isLegendHidden ? 'sr-only' : 'mb-1 font-semibold'}>
        {isLegendHidden ? legend : <Said>{legend}</Said>}
      </legend>
      <div className="flex flex-wrap gap-2">
        {options.map(([value, text]) => (
          <button
            key={value}
            type="button"
            aria-pressed={chosen === value}
            className={`btn ${chosen === value ? 'btn-neutral' : 'btn-outline'}`}
            onClick={() => (chosen === value && onClear ? onClear() : onChoose(value))}
          >
            {text}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
