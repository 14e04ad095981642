'use client';

import { FORM_WORDS } from '../../ui/words/formWords';
import { toolWords as say } from './words/toolWords';
import { KINDS } from '../../domain/kinds';
import { useRouter } from 'next/navigation';
import { useFormContext, useWatch } from 'react-hook-form';
import { removedOne, useRecords, useUndoable } from '../../live';
import {
  CARBIDES,
  FILE_BITES,
  HANDLE_MATERIALS,
  HEAD_FIXINGS,
  SHEATH_MATERIALS,
  SPINE_USES,
  STEEL_CLASSES,
  YES_NO_UNKNOWN,
} from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import { LearnedHardness } from './LearnedHardness';
import { RAISINGS_PER_FILING } from '../../core/jobs';
import { SpineWork } from './SpineWork';
import {
  NotesField,
  NumberField,
  SelectField,
  TextField,
  wordOptions,
  AS_NUMBER,
} from '../../ui/forms/fields';
import { spoken } from '../../ui/words/closedWords';
import { HandleSelect } from '../../ui/forms/HandleSelect';
import { Folded } from '../../ui/forms/Folded';
import { FormMeasure } from '../../ui/forms/FormMeasure';
import { stampNow } from '../../domain/clock';

const number = AS_NUMBER;

/** The measures of the whole tool, its steel, and taking it down. */
export function ToolFields({ tool }: { tool: Tool }) {
  const { register, formState, control } = useFormContext<Tool>();
  const { use } = useWatch({ control, name: 'spine' });
  const { errors } = formState;

  const takeDown = useTakeDown(tool);
  return (
    <fieldset className="grid gap-4">
      <legend className="sign mb-2 text-xl">{say.tool}</legend>
      <TextField label={say.name} error={errors.name?.message} {...register('name')} />
      <div className="grid gap-4 sm:grid-cols-3">
        <FormMeasure
          label={say.edgeLength}
          quantity="length"
          control={control}
          name={'edgeLengthMm'}
        />
        <FormMeasure
          label={FORM_WORDS[KINDS[tool.kind].form].width}
          quantity="length"
          control={control}
          name={'bladeWidthMm'}
        />
        <FormMeasure
          label={say.thickestAtTheSpine}
          quantity="length"
          control={control}
          name={'spineThicknessMm'}
        />
        <NumberField
          label={say.howManyAlike}
          error={errors.count?.message}
          {...register('count', number)}
        />
        <NumberField
          label={say.hardnessFrom}
          unit={say.hrc}
          error={errors.steel?.hardnessLowHrc?.message}
          {...register('steel.hardnessLowHrc', number)}
        />
        <NumberField
          label={say.toWord}
          unit={say.hrc}
          error={errors.steel?.hardnessHighHrc?.message}
          {...register('steel.hardnessHighHrc', number)}
        />
        <SelectField
          label={say.steel}
          options={wordOptions(STEEL_CLASSES)}
          {...register('steel.steelClass')}
        />
      </div>
      <LearnedHardness tool={tool} />
      <SteelFields />
      <PartFields tool={tool} />
      {use !== 'plain' && <SpineWork tool={tool} use={use} />}
      <NotesField label={say.notes} error={errors.notes?.message} {...register('notes')} />
      <div>
        <button type="button" className="btn btn-ghost" onClick={() => void takeDown()}>
          {say.takeThisToolDown}
        </button>
      </div>
    </fieldset>
  );
}

/** What is seldom known of a steel. */
function SteelFields() {
  const { register, control } = useFormContext<Tool>();
  const steel = useWatch({ control, name: 'steel' });
  return (
    <Folded
      title={say.moreAboutItsSteel}
      holds={[
        steel.fileBite ? say.aFile(spoken(steel.fileBite)) : say.noFileTried,
        say.carbidesAre(spoken(steel.carbide)),
        say.stainlessIs(spoken(steel.stainless)),
      ].join(' · ')}
    >
      <div className="grid gap-4 sm:grid-cols-3">
        <SelectField
          label={say.aFileOnIt}
          options={[['', say.notTried], ...wordOptions(FILE_BITES)]}
          {...register('steel.fileBite', { setValueAs: (value: string | null) => value || null })}
        />
        <SelectField
          label={say.hardCarbides}
          options={wordOptions([...CARBIDES, 'unknown'])}
          {...register('steel.carbide')}
        />
        <SelectField
          label={say.stainless}
          options={wordOptions(YES_NO_UNKNOWN)}
          {...register('steel.stainless')}
        />
      </div>
    </Folded>
  );
}

/** Handle, head, sheath and spine. */
function PartFields({ tool }: { tool: Tool }) {
  const tools = useRecords('tools');
  const others = tools?.filter(({ id }) => id !== tool.id);
  const isShared = others?.some(({ handleOf }) => handleOf === tool.id);
  const { register, formState, control, setValue } = useFormContext<Tool>();
  const { errors } = formState;
  const [spine, handleMaterial, head, sheath] = useWatch({
    control,
    name: ['spine', 'handle', 'head', 'sheath'],
  });
  return (
    <Folded
      title={say.handleHeadSheathSpine}
      holds={[handleMaterial, head, sheath, spine.use].map(spoken).join(' · ')}
      hasError={Boolean(errors.reserveMm ?? errors.outline ?? errors.spine)}
    >
      <div className="grid gap-4 sm:grid-cols-3">
        <FormMeasure
          label={say.mustRemain}
          hint={say.ofWidthOrOfHardened}
          quantity="length"
          control={control}
          name={'reserveMm'}
        />
        <FormMeasure
          label={say.handleLength}
          quantity="length"
          control={control}
          name={'outline.handleLengthMm'}
        />
        <SelectField
          label={say.spine}
          options={wordOptions(SPINE_USES)}
          {...register('spine.use', {
            // A new hook has all its raisings before it.
            onChange: () => setValue('spine.raisingsLeft', RAISINGS_PER_FILING),
          })}
        />
        <SpineFields />
        <SelectField label={say.head} options={wordOptions(HEAD_FIXINGS)} {...register('head')} />
        <SelectField
          label={say.handle}
          options={wordOptions(HANDLE_MATERIALS)}
          {...register('handle')}
        />
        {others && !isShared && (
          <HandleSelect
            tools={others}
            {...register('handleOf', { setValueAs: (value: string | null) => value || null })}
          />
        )}
        <SelectField
          label={say.sheath}
          options={wordOptions(SHEATH_MATERIALS)}
          {...register('sheath')}
        />
      </div>
      <TracedLine />
    </Folded>
  );
}

/** Of a silhouette that was traced on a photo: the way back to the one that the measures draw. */
function TracedLine() {
  const { control, setValue } = useFormContext<Tool>();
  const traced = useWatch({ control, name: 'traced' });
  if (!traced) return null;
  return (
    <p className="mt-3">
      {say.itsSilhouetteWasTraced}{' '}
      <button
        type="button"
        className="link min-h-12"
        onClick={() => setValue('traced', null, { shouldDirty: true })}
      >
        {say.drawItFromItsMeasures}
      </button>
    </p>
  );
}

/** The stretch of a spine that is worked, and how often its hook could be raised. */
function SpineFields() {
  const { register, formState, control } = useFormContext<Tool>();
  const { use } = useWatch({ control, name: 'spine' });
  if (use === 'plain') return null;
  return (
    <>
      <FormMeasure
        label={say.spineWorkedFrom}
        hint={say.fromTheHeel}
        quantity="length"
        control={control}
        name={'spine.startMm'}
        optional
      />
      <FormMeasure
        label={say.spineWorkedUpTo}
        quantity="length"
        control={control}
        name={'spine.endMm'}
        optional
      />
      {use === 'burnished hook' && (
        <NumberField
          label={say.hookRaisesWhenHung}
          unit={say.times}
          error={formState.errors.spine?.raisingsLeft?.message}
          {...register('spine.raisingsLeft', number)}
        />
      )}
    </>
  );
}

/** Takes a tool off the rack, with undo; it hangs in the bin with its log. */
function useTakeDown(tool: Tool): () => Promise<void> {
  const undoable = useUndoable();
  const router = useRouter();
  return async () => {
    await undoable(say.isTakenDown(tool.name), [removedOne('tools', tool, stampNow())]);
    router.push('/');
  };
}
