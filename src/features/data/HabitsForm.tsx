'use client';

import { dataWords as say } from './words';
import { yupResolver } from '@hookform/resolvers/yup';
import { useForm, type Resolver } from 'react-hook-form';
import { useSettings, useUndoable } from '../../live';
import { useFormDraft } from '../../live/useFormDraft';
import { settingsSchema, type Settings } from '../../domain/settings';
import { NumberField, TextField, AS_NUMBER } from '../../ui/forms/fields';
import { FormMeasure } from '../../ui/forms/FormMeasure';
import { stampNow } from '../../domain/clock';

/** The person's own name, coin and pace, which every plan counts with. */
export default function HabitsForm() {
  const settings = useSettings();
  if (!settings) return null;
  return <Habits settings={settings} />;
}

function Habits({ settings }: { settings: Settings }) {
  const undoable = useUndoable();
  const form = useForm<Settings>({
    defaultValues: settings,
    resolver: yupResolver(settingsSchema) as unknown as Resolver<Settings>,
  });
  const { register, control, handleSubmit, formState, reset } = form;
  const { errors, isDirty } = formState;
  const base = formState.defaultValues as Settings;
  const draft = useFormDraft(form, 'habits', {
    base,
    title: say.settingYourHand,
    href: '/data',
  });
  const number = AS_NUMBER;
  const save = handleSubmit(async (edited) => {
    const after = { ...edited, updatedAt: stampNow() };
    await undoable(say.savedAndPlannedWith, [
      { store: 'settings', id: settings.id, before: base, after },
    ]);
    draft.forget();
    reset(after);
  });
  return (
    <form noValidate onSubmit={(event) => void save(event)}>
      <h2>{say.yourHandAndYourCoin}</h2>
      <div className="mt-2 grid max-w-xl gap-4 sm:grid-cols-2">
        <TextField
          label={say.yourNameForTheLog}
          error={errors.person?.message}
          {...register('person', { setValueAs: (typed: string | null) => typed || null })}
        />
        <FormMeasure
          label={say.thicknessOfYourCoin}
          quantity="length"
          control={control}
          name={'coinThicknessMm'}
        />
        <NumberField
          label={say.sweeps}
          unit={say.aMinute}
          error={errors.strokesPerMinute?.sweeps?.message}
          {...register('strokesPerMinute.sweeps', number)}
        />
        <NumberField
          label={say.backAndForth}
          unit={say.aMinute}
          error={errors.strokesPerMinute?.['back-and-forth']?.message}
          {...register('strokesPerMinute.back-and-forth', number)}
        />
        <NumberField
          label={say.circles}
          unit={say.aMinute}
          error={errors.strokesPerMinute?.circles?.message}
          {...register('strokesPerMinute.circles', number)}
        />
      </div>
      <button className="btn btn-neutral mt-4" disabled={!isDirty}>
        {say.save}
      </button>
    </form>
  );
}
