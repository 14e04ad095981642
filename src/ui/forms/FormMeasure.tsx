'use client';

import { useController, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { MeasureField, type MeasureFrame } from './MeasureField';

/** A measure of a form. Left empty it is null where it may be, and refused where it may not. */
export function FormMeasure<V extends FieldValues>(
  props: MeasureFrame & { control: Control<V>; name: FieldPath<V>; optional?: boolean },
) {
  const { control, name, optional = false, ...frame } = props;
  const { field, fieldState } = useController({ control, name });
  return (
    <MeasureField
      {...frame}
      value={field.value as number | null}
      error={fieldState.error?.message}
      onValue={(next) => field.onChange(optional && Number.isNaN(next) ? null : next)}
      onBlur={field.onBlur}
    />
  );
}
