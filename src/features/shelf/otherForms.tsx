'use client';

import type { ObjectSchema } from 'yup';
import {
  compoundSchema,
  helperSchema,
  lubricantSchema,
  type Compound,
  type Helper,
  type Lubricant,
} from '../../domain/shelf';
import { COVERS, HELPER_KINDS, LUBRICANT_KINDS } from '../../domain/terms';
import {
  CheckField,
  NumberField,
  SelectField,
  TextField,
  wordOptions,
} from '../../ui/forms/fields';
import { usualCovers } from './usualCovers';
import { NEW_THING, ShelfForm, useRecordForm, type ShelfFormProps } from './shelfForm';

export function CompoundForm(props: ShelfFormProps<Compound>) {
  const { record, stamp, onSave } = props;
  const form = useRecordForm<Compound>(
    compoundSchema as ObjectSchema<Compound>,
    record ?? { ...NEW_THING, sizeUm: 1 },
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
    record ?? { ...NEW_THING, kind: 'oil' },
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

/** What helps and does not cut. */
export function HelperForm(props: ShelfFormProps<Helper>) {
  const { record, stamp, onSave } = props;
  const form = useRecordForm<Helper>(
    helperSchema as ObjectSchema<Helper>,
    record ?? { ...NEW_THING, kind: 'marker', covers: usualCovers('marker') },
    stamp,
  );
  const { register, formState, handleSubmit, setValue } = form;
  const kind = register('kind');
  return (
    <ShelfForm
      {...props}
      form={form}
      onSubmit={handleSubmit((values) => onSave({ ...values, ...stamp() }))}
    >
      <TextField label="Name" error={formState.errors.name?.message} {...register('name')} />
      <SelectField
        label="Kind"
        options={wordOptions(HELPER_KINDS)}
        {...kind}
        onChange={(event) => {
          setValue('covers', usualCovers(event.target.value as Helper['kind']));
          return kind.onChange(event);
        }}
      />
      <fieldset>
        <legend>Serves a kit as</legend>
        <div className="grid grid-cols-2 sm:grid-cols-3">
          {COVERS.map((cover) => (
            <CheckField key={cover} label={cover} value={cover} {...register('covers')} />
          ))}
        </div>
      </fieldset>
    </ShelfForm>
  );
}
