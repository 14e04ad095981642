'use client';

import { toolWords as say } from '../../ui/words/screens/tool';
import { ActionBar } from '../../ui/ActionBar';
import { PhoneFold } from '../../ui/PhoneFold';
import { yupResolver } from '@hookform/resolvers/yup';
import { isBefore } from 'date-fns';
import { memo, useDeferredValue, useEffect, useState } from 'react';
import { FormProvider, useForm, useWatch, type Resolver } from 'react-hook-form';
import { useChanges, useUndoable } from '../../live';
import { ChangesList } from '../../ui/ChangesList';
import { useFormDraft } from '../../live/useFormDraft';
import { toolSchema, type Tool, type Zone } from '../../domain/tool';
import { firstFault } from '../../ui/forms/formFaults';
import { AngleFinder } from './AngleFinder';
import { ToolPictures } from './ToolPictures';
import { SchoolFields } from './SchoolFields';
import { stampMeasures } from './stampMeasures';
import { SteelLeft } from './SteelLeft';
import { ToolHead } from './ToolHead';
import { ToolFields } from './ToolFields';
import { FinishEndurance } from './FinishEndurance';
import { ToolHistory } from './ToolHistory';
import { ZoneFields } from './ZoneFields';
import { ZoneFigures } from './ZoneFigures';
import { ZoneTabs } from './ZoneTabs';
import { stampNow } from '../../domain/clock';

/** The whole tool as one form; drawings follow the measures while they are typed. */
export default function ToolEditor({
  tool,
  coinThicknessMm,
}: {
  tool: Tool;
  coinThicknessMm: number;
}) {
  const [zoneIndex, setZoneIndex] = useState(0);
  const form = useForm<Tool>({
    defaultValues: tool,
    mode: 'onChange',
    resolver: yupResolver(toolSchema) as unknown as Resolver<Tool>,
  });
  const { handleSubmit, reset, control, formState } = form;
  // What the form began with: others may have saved the tool since.
  const base = formState.defaultValues as Tool;
  const { isDirty } = formState;
  useEffect(() => {
    if (!isDirty && !isBefore(tool.updatedAt, base.updatedAt)) reset(tool);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- with every saved state of the tool, and when all is saved
  }, [tool, isDirty, reset]);
  const draft = useFormDraft(form, `tool-${tool.id}`, {
    base,
    title: `measuring ${tool.name}`,
    href: `/tool?id=${tool.id}`,
  });
  // Typing comes first: drawings and figures follow when there is time.
  const drawn = useDeferredValue(useLastValid(useWatch({ control }) as Tool, tool));
  const index = Math.min(zoneIndex, drawn.zones.length - 1);

  const undoable = useUndoable();
  const changes = useChanges(tool.id);
  const save = handleSubmit(async (edited) => {
    const at = stampNow();
    const next = stampMeasures(base, { ...edited, updatedAt: at }, at);
    await undoable(say.isSaved(next.name), [
      { store: 'tools', id: tool.id, before: base, after: next },
    ]);
    draft.forget();
    reset(next);
  });
  const discard = (): void => {
    draft.forget();
    reset(tool);
  };
  return (
    <FormProvider {...form}>
      <form noValidate onSubmit={(event) => void save(event)} className="flex flex-1 flex-col">
        <ToolHead tool={drawn} />
        <div className="mx-auto grid w-full max-w-[82rem] gap-x-12 gap-y-8 px-4 pb-10 sm:px-8 lg:grid-cols-[1.15fr_1fr]">
          <div className="min-w-0">
            <ZoneTabs index={index} onChange={setZoneIndex} tool={drawn} />
            <Figures kept={tool} drawn={drawn} index={index} coinThicknessMm={coinThicknessMm} />
          </div>
          <div className="grid content-start gap-8">
            <PhoneFold id="angle" title={say.angleAndMeasuresOfThe}>
              <ZoneFields key={index} index={index} drawn={drawn} />
            </PhoneFold>
            <PhoneFold id="measures" title={say.measuresAndSteelOfThe}>
              <ToolFields tool={tool} />
            </PhoneFold>
            <PhoneFold id="schools" title={say.howYouSharpenIt}>
              <SchoolFields tool={drawn} zone={drawn.zones[index]!} />
              <ChangesList {...changes} />
            </PhoneFold>
          </div>
        </div>
        {formState.isDirty && <SaveBar fault={firstFault(formState.errors)} onDiscard={discard} />}
      </form>
    </FormProvider>
  );
}

function SaveBar({
  fault,
  onDiscard,
}: {
  fault: string | null | undefined;
  onDiscard: () => void;
}) {
  return (
    <ActionBar className="mt-auto">
      <div className="mx-auto flex max-w-[82rem] flex-wrap items-center gap-4 px-4 py-3 sm:px-8">
        <p className="sign text-lg">{fault ?? say.measuresChanged}</p>
        <button type="button" className="btn btn-ghost ml-auto" onClick={onDiscard}>
          {say.discard}
        </button>
        <button className="btn btn-primary px-8">{say.save}</button>
      </div>
    </ActionBar>
  );
}

/** Everything that is drawn and computed from the measures, and the tool's past. */
const Figures = memo(function Figures(props: {
  kept: Tool;
  drawn: Tool;
  index: number;
  coinThicknessMm: number;
}) {
  const { kept, drawn, index, coinThicknessMm } = props;
  const zone = drawn.zones[index]!;
  return (
    <>
      <PhoneFold id="section" title={say.sectionAndHowToHold}>
        <ZoneFigures
          tool={drawn}
          zone={zone}
          asItIs={changedFrom(kept, zone)}
          coinThicknessMm={coinThicknessMm}
        />
        <AngleFinder key={zone.id} tool={drawn} zone={zone} index={index} />
        <SteelLeft tool={drawn} zone={zone} />
      </PhoneFold>
      <PhoneFold id="past" title={say.itsPastAndPictures}>
        <ToolHistory tool={kept} />
        <FinishEndurance tool={kept} />
        <ToolPictures tool={kept} />
      </PhoneFold>
    </>
  );
});

/** The stored zone, where the drawn one differs from it. */
function changedFrom(tool: Tool, drawn: Zone): Zone | null {
  const stored = tool.zones.find(({ id }) => id === drawn.id);
  return stored && JSON.stringify(stored) !== JSON.stringify(drawn) ? stored : null;
}

/** The newest state of the form that is a valid tool: what drawings show while a field is wrong. */
function useLastValid(edited: Tool, initial: Tool): Tool {
  const [valid, setValid] = useState(initial);
  if (edited === valid || !toolSchema.isValidSync(edited, { strict: true })) return valid;
  if (JSON.stringify(edited) !== JSON.stringify(valid)) {
    setValid(edited);
    return edited;
  }
  return valid;
}
