'use client';

import { spoken } from '../../ui/words/closedWords';
import { typedNumber } from '../../ui/units';
import { shelfWords as say } from './words';
import { useState } from 'react';
import type { ObjectSchema } from 'yup';
import { gradeSizeUm } from '../../core/abrasive';
import {
  compoundSchema,
  helperSchema,
  lubricantSchema,
  type Compound,
  type Helper,
  type Lubricant,
} from '../../domain/shelf';
import {
  COVERS,
  HELPER_KINDS,
  LUBRICANT_KINDS,
  SCALE_LIMITS,
  type NumberedScale,
} from '../../domain/terms';
import {
  CheckField,
  NumberField,
  SelectField,
  TextField,
  wordOptions,
  AS_NUMBER,
} from '../../ui/forms/fields';
import { SCALE_OPTIONS } from './scaleNames';
import { usualCovers } from '../../domain/usualCovers';
import { NEW_THING } from '../../domain/usualRecords';
import { ShelfForm, useRecordForm, type ShelfFormProps } from './shelfForm';

export function CompoundForm(props: ShelfFormProps<Compound>) {
  const { record, stamp, onSave } = props;
  const form = useRecordForm<Compound>(
    compoundSchema as ObjectSchema<Compound>,
    record ?? { ...NEW_THING, sizeUm: 1 },
    stamp,
    'compounds',
  );
  const { register, formState, handleSubmit, setValue } = form;
  return (
    <ShelfForm
      {...props}
      form={form}
      onSubmit={handleSubmit((values) => onSave({ ...values, ...stamp() }).then(form.forget))}
    >
      <TextField label={say.name} error={formState.errors.name?.message} {...register('name')} />
      <NumberField
        label={say.particleSize}
        unit="µm"
        hint={say.coloursDiffer}
        error={formState.errors.sizeUm?.message}
        {...register('sizeUm', AS_NUMBER)}
      />
      <p className="flex flex-wrap items-center gap-2 text-[0.95rem]">
        {say.sizeUnknownItIs}
        {Object.entries(COMPOUND_SIZES_UM).map(([name, sizeUm]) => (
          <button
            key={name}
            type="button"
            className="btn btn-outline btn-sm min-h-12"
            onClick={() => setValue('sizeUm', sizeUm, { shouldDirty: true, shouldValidate: true })}
          >
            {name}
          </button>
        ))}
      </p>
      <SizeByNumber
        onSize={(sizeUm) => setValue('sizeUm', sizeUm, { shouldDirty: true, shouldValidate: true })}
      />
    </ShelfForm>
  );
}

/** What a compound of unknown size counts as (µm). */
const COMPOUND_SIZES_UM = { coarse: 6, medium: 2, fine: 0.7 } as const;

/** A compound by its number on a named scale, put in as µm. */
function SizeByNumber({ onSize }: { onSize: (sizeUm: number) => void }) {
  const [scale, setScale] = useState<NumberedScale>('jis');
  const [typed, setTyped] = useState('');
  const [least, most] = SCALE_LIMITS[scale];
  const grade = typedNumber(typed);
  const fits = typed !== '' && grade >= least && grade <= most;
  return (
    <div className="grid items-end gap-3 sm:grid-cols-3">
      <SelectField
        label={say.orByItsNumberOn}
        value={scale}
        options={SCALE_OPTIONS.filter(([each]) => each in SCALE_LIMITS)}
        onChange={(event) => setScale(event.target.value as NumberedScale)}
      />
      <NumberField
        label={say.number}
        value={typed}
        error={typed !== '' && !fits ? say.mustBeFromTo(least, most) : undefined}
        onChange={(event) => setTyped(event.target.value)}
      />
      <button
        type="button"
        className="btn btn-outline"
        disabled={!fits}
        onClick={() =>
          onSize(
            gradeSizeUm({ scale, number: grade, named: null, finestUm: null, coarsestUm: null }),
          )
        }
      >
        {say.takeItAsM}
      </button>
    </div>
  );
}

export function LubricantForm(props: ShelfFormProps<Lubricant>) {
  const { record, stamp, onSave } = props;
  const form = useRecordForm<Lubricant>(
    lubricantSchema as ObjectSchema<Lubricant>,
    record ?? { ...NEW_THING, kind: 'oil' },
    stamp,
    'lubricants',
  );
  const { register, formState, handleSubmit } = form;
  return (
    <ShelfForm
      {...props}
      form={form}
      onSubmit={handleSubmit((values) => onSave({ ...values, ...stamp() }).then(form.forget))}
    >
      <TextField label={say.name} error={formState.errors.name?.message} {...register('name')} />
      <SelectField
        label={say.kind}
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
    'helpers',
  );
  const { register, formState, handleSubmit, setValue } = form;
  const kind = register('kind');
  return (
    <ShelfForm
      {...props}
      form={form}
      onSubmit={handleSubmit((values) => onSave({ ...values, ...stamp() }).then(form.forget))}
    >
      <TextField label={say.name} error={formState.errors.name?.message} {...register('name')} />
      <SelectField
        label={say.kind}
        options={wordOptions(HELPER_KINDS)}
        {...kind}
        onChange={(event) => {
          setValue('covers', usualCovers(event.target.value as Helper['kind']));
          return kind.onChange(event);
        }}
      />
      <fieldset>
        <legend>{say.servesAKitAs}</legend>
        <div className="grid grid-cols-2 sm:grid-cols-3">
          {COVERS.map((cover) => (
            <CheckField key={cover} label={spoken(cover)} value={cover} {...register('covers')} />
          ))}
        </div>
      </fieldset>
    </ShelfForm>
  );
}
