'use client';

import { useEffect, useRef } from 'react';
import { useWatch, type FieldValues, type UseFormReturn } from 'react-hook-form';
import { fieldChanges, withChanges } from '../data';
import { useDraft } from './useDraft';

/**
 * Keeps what is typed into a form on this device, as it is typed, and gives it back when the form opens again,
 * made on the record as it stands by then: what others have saved meanwhile stays. Forgotten with `forget`,
 * when it is saved or discarded.
 */
export function useFormDraft<V extends FieldValues>(
  form: UseFormReturn<V>,
  key: string,
  about: { base: V; title: string; href: string },
): { forget: () => void } {
  const { control, formState, getValues, reset } = form;
  const values = useWatch({ control });
  const { isDirty } = formState;
  const { found, keep } = useDraft('form', key);
  const wasGivenBack = useRef(false);
  const { base, title, href } = about;
  useEffect(() => {
    if (wasGivenBack.current || found === undefined) return;
    wasGivenBack.current = true;
    if (!found) return;
    const left = found.value as { base: object; values: object };
    const { record } = withChanges(getValues(), fieldChanges(left.base, left.values));
    reset(record, { keepDefaultValues: true });
  }, [found, getValues, reset]);
  useEffect(() => {
    if (isDirty && found !== undefined) keep({ title, href, value: { base, values } });
  }, [isDirty, found, values, base, title, href, keep]);
  return { forget: () => keep(null) };
}
