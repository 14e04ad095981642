'use client';

import { spoken } from '../words/closedWords';
import { uiFormsWords as say } from '../words/formsWords';
import { useId, useState } from 'react';
import { figure } from '../format';
import { typedNumber } from '../units';
import { fieldMessage } from './fields';
import { ANGLES_KEY, usePreference } from '../preferences';

/** An angle, typed per side or inclusive, whichever the person has; the other way is shown beside it. */
export function AngleField(props: {
  label: string;
  valueDeg: number;
  /** Limits and value per side. */
  min: number;
  max: number;
  readOnly?: boolean;
  error?: string;
  onValue: (perSideDeg: number) => void;
}) {
  const { label, valueDeg, min, max, readOnly, error, onValue } = props;
  const id = useId();
  const [way, setWay] = usePreference(ANGLES_KEY, 'per side');
  const times = way === 'inclusive' ? 2 : 1;
  const shown = Math.round(valueDeg * times * 100) / 100;
  // What is being typed stays as typed; otherwise the field says what holds.
  const [typed, setTyped] = useState<string | null>(null);
  const current = typed ?? figure(shown);
  const perSide = typedNumber(current) / times;
  const fits = perSide >= min && perSide <= max;
  const message = error ?? (fits ? undefined : say.angleMustBeFromTo(min * times, max * times));
  return (
    <div className="grid content-start gap-1">
      <label htmlFor={id}>
        {label}, {spoken(way === 'inclusive' ? way : 'per side')}
      </label>
      <span className="input figures w-full">
        <input
          id={id}
          type="text"
          inputMode="decimal"
          autoComplete="off"
          value={current}
          readOnly={readOnly}
          aria-invalid={message !== undefined}
          aria-describedby={`${id}-other`}
          onChange={(event) => {
            setTyped(event.target.value);
            const next = typedNumber(event.target.value) / times;
            if (next >= min && next <= max) onValue(next);
          }}
          onBlur={() => setTyped(null)}
        />
        <span className="text-soft">°</span>
      </span>
      <p id={`${id}-other`} className="text-[0.92rem] text-soft">
        {way === 'inclusive' ? say.perSideAngle(valueDeg) : say.inclusive(2 * valueDeg)}{' '}
        <button
          type="button"
          className="link min-h-8 pointer-coarse:min-h-12"
          onClick={() => {
            setTyped(null);
            setWay(way === 'inclusive' ? 'per side' : 'inclusive');
          }}
        >
          {say.typeItAs(spoken(way === 'inclusive' ? 'per side' : 'inclusive'))}
        </button>
      </p>
      {message && (
        <p role="alert" className="field-error text-[0.95rem]">
          {fieldMessage(message)}
        </p>
      )}
    </div>
  );
}
