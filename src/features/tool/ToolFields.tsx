'use client';

import { useRouter } from 'next/navigation';
import { useFormContext } from 'react-hook-form';
import { toast } from 'sonner';
import { useStore } from '../../data';
import { CARBIDES } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import { CheckField, NotesField, NumberField, SelectField, TextField } from '../../ui/forms/fields';
import { sentence, spoken } from '../../ui/format';

/** The measures of the whole tool, its steel, and taking it down. */
export function ToolFields({ tool }: { tool: Tool }) {
  const { register, formState } = useFormContext<Tool>();
  const store = useStore();
  const router = useRouter();
  const { errors } = formState;
  const number = { valueAsNumber: true } as const;

  const takeDown = async (): Promise<void> => {
    await store.tools.remove(tool.id, new Date().toISOString());
    router.push('/');
    toast(`${tool.name} is taken down.`, {
      action: {
        label: 'Undo',
        onClick: () => void store.tools.restore(tool.id, new Date().toISOString()),
      },
    });
  };
  return (
    <fieldset className="grid gap-4">
      <legend className="sign mb-2 text-xl">Tool</legend>
      <TextField label="Name" error={errors.name?.message} {...register('name')} />
      <div className="grid gap-4 sm:grid-cols-3">
        <NumberField
          label="Edge length"
          unit="mm"
          error={errors.edgeLengthMm?.message}
          {...register('edgeLengthMm', number)}
        />
        <NumberField
          label={
            tool.kind.includes('axe') || tool.kind === 'hatchet' ? 'Bit to eye' : 'Blade width'
          }
          unit="mm"
          error={errors.bladeWidthMm?.message}
          {...register('bladeWidthMm', number)}
        />
        <NumberField
          label="Thickest, at the spine"
          unit="mm"
          error={errors.spineThicknessMm?.message}
          {...register('spineThicknessMm', number)}
        />
        <NumberField
          label="Must remain"
          unit="mm"
          hint="of width, or of hardened bit"
          error={errors.reserveMm?.message}
          {...register('reserveMm', number)}
        />
        <NumberField
          label="Handle length"
          unit="mm"
          error={errors.outline?.handleLengthMm?.message}
          {...register('outline.handleLengthMm', number)}
        />
        <NumberField
          label="How many alike"
          error={errors.count?.message}
          {...register('count', number)}
        />
        <NumberField
          label="Hardness"
          unit="HRC"
          error={errors.steel?.hardnessHrc?.message}
          {...register('steel.hardnessHrc', number)}
        />
        <SelectField
          label="Hard carbides"
          options={CARBIDES.map((word) => [word, sentence(spoken(word))] as const)}
          {...register('steel.carbide')}
        />
        <CheckField label="Stainless" {...register('steel.stainless')} />
      </div>
      <NotesField label="Notes" error={errors.notes?.message} {...register('notes')} />
      <div>
        <button type="button" className="btn btn-ghost" onClick={() => void takeDown()}>
          Take this tool down
        </button>
      </div>
    </fieldset>
  );
}
