'use client';

import { uiFormsWords } from '../words/formsWords';
import { useId, useState, type ComponentProps, type ReactNode } from 'react';
import { figure, sentence } from '../format';
import { spoken, type ClosedWord } from '../words/closedWords';
import { typedNumber } from '../units';
import { WordOf } from '../Term';

/** Form fields with their label, unit and, in place, what is wrong and how to mend it. */

interface FieldFrame {
  label: string;
  hint?: string;
  error?: string;
}

/** A schema's message without the path it starts with: the field's own place says which it is. */
export function fieldMessage(message: string | undefined): string | undefined {
  return message && sentence(message.replace(/^[\w.[\]]+(\.[\w[\]]+)* (?=must|is|holds)/, ''));
}

/** Words of a closed list as the options of a select, said as people say them. */
export function wordOptions<W extends ClosedWord>(words: readonly W[]): (readonly [W, string])[] {
  return words.map((word) => [word, sentence(spoken(word))] as const);
}

function Frame({
  label,
  hint,
  error,
  id,
  children,
}: FieldFrame & { id: string; children: ReactNode }) {
  return (
    <div className="grid content-start gap-1">
      <span className="flex gap-x-2">
        <label htmlFor={id}>{label}</label>
        <WordOf label={label} />
      </span>
      {children}
      {hint && (
        <p id={`${id}-hint`} className="text-[0.92rem] text-soft">
          {hint}
        </p>
      )}
      {error && (
        <p id={`${id}-error`} role="alert" className="field-error text-[0.95rem]">
          {fieldMessage(error)}
        </p>
      )}
    </div>
  );
}

function describedBy(id: string, { hint, error }: FieldFrame): string | undefined {
  return [hint && `${id}-hint`, error && `${id}-error`].filter(Boolean).join(' ') || undefined;
}

/** How a registered number is read: as people type it, with a point or a comma. */
export const AS_NUMBER = { setValueAs: readNumber } as const;

function readNumber(value: unknown): number {
  return typeof value === 'number' ? value : typedNumber(String(value ?? ''));
}

export function NumberField(props: FieldFrame & { unit?: string } & ComponentProps<'input'>) {
  const { label, hint, error, unit, ...input } = props;
  const id = useId();
  return (
    <Frame label={label} hint={hint} error={error} id={id}>
      <span className="input figures w-full">
        <input
          id={id}
          // A number's own field would read 12,5 as 125.
          type="text"
          inputMode="decimal"
          autoComplete="off"
          aria-invalid={error !== undefined}
          aria-describedby={describedBy(id, props)}
          {...input}
        />
        {unit && <span className="text-soft">{unit}</span>}
      </span>
    </Frame>
  );
}

/** A number that stays as it is typed, 12, or 12,5; NaN is told on for what is none (yet). */
export function TypedNumberField(
  props: FieldFrame & { unit?: string; value: number; onNumber: (value: number) => void },
) {
  const { value, onNumber, ...frame } = props;
  const [typed, setTyped] = useState(Number.isNaN(value) ? '' : figure(value));
  return (
    <NumberField
      {...frame}
      value={typed}
      onChange={({ target }) => {
        setTyped(target.value);
        onNumber(typedNumber(target.value));
      }}
    />
  );
}

/**
 * A measure that is used while it is typed: told on as soon as it lies within its limits, refused in
 * place, and kept as typed, while it does not.
 */
export function LimitedNumberField(
  props: FieldFrame & {
    unit?: string;
    value: number;
    min: number;
    max: number;
    onValue: (value: number) => void;
  },
) {
  const { value, min, max, onValue, ...frame } = props;
  const isWithin = (number: number): boolean => number >= min && number <= max;
  const [fits, setFits] = useState(isWithin(value));
  return (
    <TypedNumberField
      {...frame}
      value={value}
      error={fits ? undefined : uiFormsWords.mustBeFromTo(min, max)}
      onNumber={(number) => {
        setFits(isWithin(number));
        if (isWithin(number)) onValue(number);
      }}
    />
  );
}

export function TextField(props: FieldFrame & ComponentProps<'input'>) {
  const { label, hint, error, ...input } = props;
  const id = useId();
  return (
    <Frame label={label} hint={hint} error={error} id={id}>
      <input
        id={id}
        className="input w-full"
        aria-invalid={error !== undefined}
        aria-describedby={describedBy(id, props)}
        {...input}
      />
    </Frame>
  );
}

export function NotesField(props: FieldFrame & ComponentProps<'textarea'>) {
  const { label, hint, error, ...input } = props;
  const id = useId();
  return (
    <Frame label={label} hint={hint} error={error} id={id}>
      <textarea
        id={id}
        rows={3}
        className="textarea w-full"
        aria-invalid={error !== undefined}
        aria-describedby={describedBy(id, props)}
        {...input}
      />
    </Frame>
  );
}

export function SelectField(
  props: FieldFrame & {
    options: readonly (readonly [value: string, text: string])[];
  } & ComponentProps<'select'>,
) {
  const { label, hint, error, options, ...select } = props;
  const id = useId();
  return (
    <Frame label={label} hint={hint} error={error} id={id}>
      <select
        id={id}
        className="select w-full"
        aria-invalid={error !== undefined}
        aria-describedby={describedBy(id, props)}
        {...select}
      >
        {options.map(([value, text]) => (
          <option key={value} value={value}>
            {text}
          </option>
        ))}
      </select>
    </Frame>
  );
}

export function CheckField({ label, ...input }: { label: string } & ComponentProps<'input'>) {
  return (
    <label className="flex min-h-12 items-center gap-3">
      <input type="checkbox" className="checkbox" {...input} />
      {label}
    </label>
  );
}
