'use client';

import { shelfWords as say } from './words';
import { yupResolver } from '@hookform/resolvers/yup';
import type { ReactNode } from 'react';
import {
  useForm,
  type DefaultValues,
  type FieldValues,
  type Path,
  type PathValue,
  type Resolver,
  type UseFormReturn,
} from 'react-hook-form';
import type { ObjectSchema } from 'yup';
import { PLACES } from '../../domain/terms';
import {
  CheckField,
  NotesField,
  NumberField,
  SelectField,
  wordOptions,
} from '../../ui/forms/fields';
import { useFormDraft } from '../../live/useFormDraft';
import { Fault } from '../../ui/Fault';
import { FormMeasure } from '../../ui/forms/FormMeasure';
import InstrumentReader from '../../ui/InstrumentReader';
import { failureWords } from '../../ui/words/failureWords';
import { optionalNumber } from './optionalNumber';

/** What every form of the shelf is given. */
export interface ShelfFormProps<R> {
  record?: R;
  /** Identity and times of the record to be saved. */
  stamp: () => { id: string; createdAt: string; updatedAt: string; deletedAt: null };
  onSave: (record: R) => Promise<void>;
  onCancel: () => void;
  onTakeOff?: () => void;
}

/** A form over one record schema, starting from the record or from usual values. */
export function useRecordForm<R extends FieldValues>(
  schema: ObjectSchema<R>,
  initial: Record<string, unknown>,
  stamp: ShelfFormProps<R>['stamp'],
  store: string,
) {
  const form = useForm<R>({
    defaultValues: { ...stamp(), ...initial } as DefaultValues<R>,
    resolver: yupResolver(schema as never) as unknown as Resolver<R>,
  });
  const id = typeof initial.id === 'string' ? initial.id : 'new';
  const name =
    typeof initial.name === 'string' && initial.name !== '' ? initial.name : say.aNewThing;
  const { forget } = useFormDraft(form, `${store}-${id}`, {
    base: form.formState.defaultValues as R,
    title: `describing ${name}`,
    href: '/shelf',
  });
  return { ...form, forget };
}

/** The frame of a shelf form, with the fields that every record has. */
export function ShelfForm<V extends FieldValues>(props: {
  form: UseFormReturn<V> & { forget: () => void };
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
      <div className="grid gap-4 sm:grid-cols-2 lg:grid-cols-4">
        <FormMeasure
          label={say.weight}
          quantity="mass"
          control={control}
          name={'massG' as Path<V>}
        />
        <SelectField
          label={say.livesIn}
          options={wordOptions(PLACES)}
          {...register('place' as Path<V>)}
        />
        <NumberField
          label={say.priceIfWanted}
          error={errors.price?.message}
          {...register('price' as Path<V>, optionalNumber)}
        />
        <CheckField label={say.carriedAnyway} {...register('carriedAnyway' as Path<V>)} />
      </div>
      <InstrumentReader
        kind="pocket-scale"
        around={Number(form.getValues('massG' as Path<V>)) || null}
        onReading={(weighed) =>
          form.setValue(
            'massG' as Path<V>,
            (Math.round(weighed * 10) / 10) as PathValue<V, Path<V>>,
            {
              shouldDirty: true,
              shouldValidate: true,
            },
          )
        }
      />
      <NotesField
        label={say.notes}
        error={errors.notes?.message}
        {...register('notes' as Path<V>)}
      />
      <FormFoot
        error={formState.errors.root?.message}
        forget={form.forget}
        onCancel={onCancel}
        onTakeOff={onTakeOff}
      />
    </form>
  );
}

/** What was refused, and the ways out: save, cancel, take it off. */
function FormFoot(props: {
  error: string | undefined;
  forget: () => void;
  onCancel: () => void;
  onTakeOff?: () => void;
}) {
  const { error, forget, onCancel, onTakeOff } = props;
  return (
    <>
      <Fault words={error} />
      <div className="flex flex-wrap gap-3">
        <button className="btn btn-primary px-8">{say.save}</button>
        <button
          type="button"
          className="btn btn-ghost"
          onClick={() => {
            forget();
            onCancel();
          }}
        >
          {say.cancel}
        </button>
        {onTakeOff && (
          <button type="button" className="btn btn-ghost ml-auto" onClick={onTakeOff}>
            {say.takeItDown}
          </button>
        )}
      </div>
    </>
  );
}
