'use client';

import { yupResolver } from '@hookform/resolvers/yup';
import { useForm, type DefaultValues, type FieldValues, type Resolver } from 'react-hook-form';
import type { ObjectSchema } from 'yup';
import {
  compoundSchema,
  lubricantSchema,
  stropSchema,
  type Compound,
  type Lubricant,
  type Strop,
} from '../../domain/shelf';
import { LUBRICANT_KINDS, STROP_BACKINGS, STROP_SURFACES } from '../../domain/terms';
import { NumberField, SelectField, TextField, wordOptions } from '../../ui/forms/fields';
import { FormMeasure } from '../../ui/forms/FormMeasure';
import { ShelfForm, type ShelfFormProps } from './shelfForm';

const NEW = { name: '', massG: 20, place: 'pouch', carriedAnyway: false, notes: '' } as const;

/** A form over one record schema, starting from the record or from usual values. */
export function useRecordForm<R extends FieldValues>(
  schema: ObjectSchema<R>,
  initial: Record<string, unknown>,
  stamp: ShelfFormProps<R>['stamp'],
) {
  return useForm<R>({
    defaultValues: { ...stamp(), ...initial } as DefaultValues<R>,
    resolver: yupResolver(schema as never) as unknown as Resolver<R>,
  });
}

export function StropForm(props: ShelfFormProps<Strop> & { compounds: readonly Compound[] }) {
  const { record, compounds, stamp, onSave } = props;
  const form = useRecordForm<Strop>(
    stropSchema as ObjectSchema<Strop>,
    record ?? {
      ...NEW,
      surface: 'leather',
      backing: 'leather-on-wood',
      lengthMm: 200,
      compoundId: null,
    },
    stamp,
  );
  const { register, formState, handleSubmit, control } = form;
  return (
    <ShelfForm
      {...props}
      form={form}
      onSubmit={handleSubmit((values) => onSave({ ...values, ...stamp() }))}
    >
      <TextField label="Name" error={formState.errors.name?.message} {...register('name')} />
      <div className="grid gap-4 sm:grid-cols-2">
        <SelectField
          label="Surface"
          options={wordOptions(STROP_SURFACES)}
          {...register('surface')}
        />
        <SelectField
          label="Backing"
          options={wordOptions(STROP_BACKINGS)}
          {...register('backing')}
        />
        <FormMeasure label="Length" quantity="length" control={control} name={'lengthMm'} />
        <SelectField
          label="Compound"
          options={[['', 'bare'], ...compounds.map(({ id, name }) => [id, name] as const)]}
          {...register('compoundId', { setValueAs: (value: string | null) => value || null })}
        />
      </div>
    </ShelfForm>
  );
}

export function CompoundForm(props: ShelfFormProps<Compound>) {
  const { record, stamp, onSave } = props;
  const form = useRecordForm<Compound>(
    compoundSchema as ObjectSchema<Compound>,
    record ?? { ...NEW, sizeUm: 1 },
    stamp,
  );
  const { register, formState, handleSubmit } = form;
  return (
    <ShelfForm
      {...props}
      form={form}
      onSubmit={handleSubmit((values) => onSave({ ...values, ...stamp() }))}
    >
      <TextField label="Name" error={formState.errors.name?.message} {...register('name')} />
      <NumberField
        label="Particle size"
        unit="µm"
        hint="Colours mean different things from different sellers: ask for µm."
        error={formState.errors.sizeUm?.message}
        {...register('sizeUm', { valueAsNumber: true })}
      />
    </ShelfForm>
  );
}

export function LubricantForm(props: ShelfFormProps<Lubricant>) {
  const { record, stamp, onSave } = props;
  const form = useRecordForm<Lubricant>(
    lubricantSchema as ObjectSchema<Lubricant>,
    record ?? { ...NEW, kind: 'oil' },
    stamp,
  );
  const { register, formState, handleSubmit } = form;
  return (
    <ShelfForm
      {...props}
      form={form}
      onSubmit={handleSubmit((values) => onSave({ ...values, ...stamp() }))}
    >
      <TextField label="Name" error={formState.errors.name?.message} {...register('name')} />
      <SelectField
        label="Kind"
        options={wordOptions(LUBRICANT_KINDS.filter((kind) => kind !== 'dry'))}
        {...register('kind')}
      />
    </ShelfForm>
  );
}
