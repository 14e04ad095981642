'use client';

import { spoken } from '../../ui/words/closedWords';
import { figure } from '../../ui/format';
import { typedNumber } from '../../ui/units';
import { planWords as say } from '../../ui/words/screens/plan';
import { useState } from 'react';
import type { Session } from '../../domain/session';
import { WORK_UNITS, type WorkUnit } from '../../domain/terms';
import { NumberField, SelectField } from '../../ui/forms/fields';

/** What the edge has done since its last touch-up, if its owner wants to know how long finishes last. */
export function WorkSince(props: {
  value: Session['workSince'];
  onChange: (work: Session['workSince']) => void;
}) {
  const { value, onChange } = props;
  const [unit, setUnit] = useState<WorkUnit>(value?.unit ?? 'hours');
  const [typed, setTyped] = useState(value ? figure(value.amount) : '');
  const put = (text: string, next: WorkUnit): void => {
    setTyped(text);
    setUnit(next);
    const amount = typedNumber(text);
    onChange(amount >= 0.1 ? { amount, unit: next } : null);
  };
  return (
    <div className="mt-3 grid max-w-md grid-cols-2 gap-4">
      <NumberField
        label={say.workSinceIfYouKnow}
        value={typed}
        onChange={(event) => put(event.target.value, unit)}
      />
      <SelectField
        label={say.inWord}
        value={unit}
        options={WORK_UNITS.map((each) => [each, spoken(each)] as const)}
        onChange={(event) => put(typed, event.target.value as WorkUnit)}
      />
    </div>
  );
}
