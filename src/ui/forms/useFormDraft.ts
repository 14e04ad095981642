'use client';

import { useEffect, useRef } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import { useWatch } from 'react-hook-form';

const PREFIX = 'open-trail-draft-';
/** What is typed is kept this soon (ms). */
const SOON_MS = 300;

/**
 * Keeps what is typed into a form on this device, as it is typed, and gives it back when the form opens again: for
 * leaving it, by choice or not, loses nothing. Forgotten with `forget`, when it is saved or discarded.
 */
export function useFormDraft<V extends FieldValues>(
  form: UseFormReturn<V>,
  key: string,
): { forget: () => void } {
  const { control, formState, getValues, reset } = form;
  const values = useWatch({ control });
  const { isDirty } = formState;
  const wasGivenBack = useRef(false);
  useEffect(() => {
    if (wasGivenBack.current) return;
    wasGivenBack.current = true;
    const kept = readDraft(key);
    if (kept) reset({ ...getValues(), ...(kept as V) }, { keepDefaultValues: true });
  }, [key, getValues, reset]);
  useEffect(() => {
    if (!isDirty) return;
    const timer = setTimeout(() => store(key, JSON.stringify(values)), SOON_MS);
    return () => clearTimeout(timer);
  }, [isDirty, values, key]);
  return { forget: () => store(key, null) };
}

function readDraft(key: string): Record<string, unknown> | null {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(PREFIX + key) ?? 'null');
    return typeof kept === 'object' && kept !== null && !Array.isArray(kept)
      ? (kept as Record<string, unknown>)
      : null;
  } catch {
    return null;
  }
}

function store(key: string, text: string | null): void {
  try {
    if (text === null) localStorage.removeItem(PREFIX + key);
    else localStorage.setItem(PREFIX + key, text);
  } catch {
    // Where storage is shut, what is typed lasts as long as the page.
  }
}
