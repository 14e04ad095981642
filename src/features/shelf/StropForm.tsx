'use client';

import { shelfWords as say } from './words';
import { useFieldArray, useWatch, type UseFormReturn } from 'react-hook-form';
import type { ObjectSchema } from 'yup';
import { otherFaceId } from '../../core/ladder';
import { MOST_FACES, stropSchema, type Compound, type Strop } from '../../domain/shelf';
import { STROP_BACKINGS, STROP_FORMS } from '../../domain/terms';
import { NO_USE, useSurfaceUse } from '../../live';
import { NumberField, SelectField, TextField, wordOptions } from '../../ui/forms/fields';
import { Folded } from '../../ui/forms/Folded';
import { FormMeasure } from '../../ui/forms/FormMeasure';
import { FreshField } from './FreshField';
import { HollowDrawing } from './HollowDrawing';
import { optionalNumber } from './optionalNumber';
import { NEW_THING } from '../../domain/usualRecords';
import { ShelfForm, useRecordForm, type ShelfFormProps } from './shelfForm';
import { STROP_SURFACES } from '../../domain/families';
import { stampNow } from '../../domain/clock';

/** Leather, cloth or wood on a body, bare or loaded, with one face or two. */
export function StropForm(props: ShelfFormProps<Strop> & { compounds: readonly Compound[] }) {
  const { record, compounds, stamp, onSave } = props;
  const form = useRecordForm<Strop>(
    stropSchema as ObjectSchema<Strop>,
    record ?? {
      ...NEW_THING,
      form: 'paddle',
      freshLeft: null,
      surface: 'leather',
      compoundId: null,
      loadedAt: null,
      backing: 'leather-on-wood',
      lengthMm: 200,
      widthMm: null,
      sagMm: 0,
      otherFaces: [],
    },
    stamp,
    'strops',
  );
  const { register, formState, handleSubmit, control } = form;
  const others = useFieldArray({ control, name: 'otherFaces', keyName: 'key' });
  return (
    <ShelfForm
      {...props}
      form={form}
      onSubmit={handleSubmit((values) => onSave({ ...values, ...stamp() }).then(form.forget))}
    >
      <TextField label={say.name} error={formState.errors.name?.message} {...register('name')} />
      <div className="grid gap-4 sm:grid-cols-2">
        <SelectField label={say.form} options={wordOptions(STROP_FORMS)} {...register('form')} />
        <SelectField
          label={say.backing}
          options={wordOptions(STROP_BACKINGS)}
          {...register('backing')}
        />
        <FormMeasure label={say.length} quantity="length" control={control} name="lengthMm" />
      </div>
      <StropFaceFields form={form} compounds={compounds} />
      {others.fields.map((face, i) => (
        <StropFaceFields key={face.key} form={form} compounds={compounds} other={i} />
      ))}
      <div>
        {others.fields.length < MOST_FACES - 1 && (
          <button
            type="button"
            className="btn btn-ghost"
            onClick={() => others.append({ surface: 'leather', compoundId: null, loadedAt: null })}
          >
            {say.hasOneMoreFace(others.fields.length === 0 ? 'second' : 'third')}
          </button>
        )}
        {others.fields.length > 0 && (
          <button
            type="button"
            className="btn btn-ghost"
            onClick={() => others.remove(others.fields.length - 1)}
          >
            {others.fields.length === 1 ? say.itHasOneFaceOnly : say.itHasTwoFacesOnly}
          </button>
        )}
      </div>
      <StropMore form={form} />
    </ShelfForm>
  );
}

const SURFACE_LABELS = [say.surface, say.otherSurface, say.thirdSurface];

function StropFaceFields(props: {
  form: UseFormReturn<Strop>;
  compounds: readonly Compound[];
  /** Which of its further faces, from 0; its first where nothing is said. */
  other?: number;
}) {
  const { form, compounds, other } = props;
  const { register, control } = form;
  const uses = useSurfaceUse() ?? NO_USE;
  const id = useWatch({ control, name: 'id' });
  const field = <F extends 'surface' | 'compoundId' | 'loadedAt'>(name: F) =>
    (other === undefined ? name : `otherFaces.${other}.${name}`) as F;
  return (
    <fieldset className="grid gap-4 border-t border-rule pt-3 sm:grid-cols-2">
      <legend className="sr-only">{other === undefined ? say.itsFace : say.aFurtherFace}</legend>
      <SelectField
        label={SURFACE_LABELS[other === undefined ? 0 : other + 1]!}
        options={wordOptions(STROP_SURFACES)}
        {...register(field('surface'))}
      />
      <SelectField
        label={other === undefined ? say.compound : say.compoundOnIt}
        options={[
          ['', 'bare'],
          ...compounds.map((compound) => [compound.id, compound.name] as const),
        ]}
        {...register(field('compoundId'), { setValueAs: (value: string | null) => value || null })}
      />
      <div className="sm:col-span-2">
        <FreshField
          control={control}
          name={field('loadedAt')}
          done={say.loadedAfresh}
          uses={[uses.get(other === undefined ? id : otherFaceId(id, other))]}
        />
      </div>
    </fieldset>
  );
}

/** What is seldom changed of a strop: width, sag, what is left of it. */
function StropMore({ form }: { form: UseFormReturn<Strop> }) {
  const { register, control, formState, setValue } = form;
  const { errors } = formState;
  const [lengthMm, sagMm, freshLeft] = useWatch({
    control,
    name: ['lengthMm', 'sagMm', 'freshLeft'],
  });
  return (
    <Folded
      title={say.widthSagWhatIsLeft}
      holds={[
        sagMm > 0 ? say.sagsBy(sagMm) : say.liesFlat,
        freshLeft !== null && say.freshLeft(freshLeft),
      ]
        .filter(Boolean)
        .join(' · ')}
      hasError={Boolean(errors.widthMm ?? errors.sagMm ?? errors.freshLeft)}
    >
      <div className="grid gap-4 sm:grid-cols-3">
        <FormMeasure
          label={say.width}
          quantity="length"
          control={control}
          name="widthMm"
          optional
        />
        <FormMeasure label={say.sagsByHeading} quantity="length" control={control} name="sagMm" />
        <NumberField
          label={say.freshFacesOrStretchesLeft}
          hint={say.ofWoodOrClothEmpty}
          error={errors.freshLeft?.message}
          {...register('freshLeft', optionalNumber)}
        />
      </div>
      <HollowDrawing sagMm={sagMm} lengthMm={lengthMm} kind="sagging strop" />
      {freshLeft !== null && freshLeft > 0 && (
        <div>
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => {
              setValue('freshLeft', freshLeft - 1);
              setValue('loadedAt', stampNow());
            }}
          >
            {say.usedUpTakeAFresh}
          </button>
        </div>
      )}
    </Folded>
  );
}
