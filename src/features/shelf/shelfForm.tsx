'use client';

import type { ReactNode } from 'react';
import type { FieldValues, Path, UseFormReturn } from 'react-hook-form';
import { PLACES } from '../../domain/terms';
import { CheckField, NotesField, SelectField, wordOptions } from '../../ui/forms/fields';
import { FormMeasure } from '../../ui/forms/FormMeasure';
import { failureWords } from '../../ui/words/failureWords';

/** What every form of the shelf is given. */
export interface ShelfFormProps<R> {
  record?: R;
  /** Identity and times of the record to be saved. */
  stamp: () => { id: string; createdAt: string; updatedAt: string; deletedAt: null };
  onSave: (record: R) => Promise<void>;
  onCancel: () => void;
  onTakeOff?: () => void;
}

/** The frame of a shelf form, with the fields that every record has. */
export function ShelfForm<V extends FieldValues>(props: {
  form: UseFormReturn<V>;
  onSubmit: () => Promise<void>;
  onCancel: () => void;
  onTakeOff?: () => void;
  children: ReactNode;
}) {
  const { form, onSubmit, onCancel, onTakeOff, children } = props;
  const { register, control, formState } = form;
  const errors = formState.errors as Record<string, { message?: string } | undefined>;
  return (
    <form
      noValidate
      className="mt-4 grid gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        // What was typed stays; the dialog says why it was not kept.
        onSubmit().catch((error: Error) => form.setError('root', { message: failureWords(error) }));
      }}
    >
      {children}
      <div className="grid gap-4 sm:grid-cols-3">
        <FormMeasure label="Weight" quantity="mass" control={control} name={'massG' as Path<V>} />
        <SelectField
          label="Lives in"
          options={wordOptions(PLACES)}
          {...register('place' as Path<V>)}
        />
        <CheckField label="Carried anyway" {...register('carriedAnyway' as Path<V>)} />
      </div>
      <NotesField label="Notes" error={errors.notes?.message} {...register('notes' as Path<V>)} />
      {formState.errors.root && (
        <p role="alert" className="field-error">
          {formState.errors.root.message}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <button className="btn btn-primary px-8">Save</button>
        <button type="button" className="btn btn-ghost" onClick={onCancel}>
          Cancel
        </button>
        {onTakeOff && (
          <button type="button" className="btn btn-ghost ml-auto" onClick={onTakeOff}>
            Take it off the shelf
          </button>
        )}
      </div>
    </form>
  );
}
