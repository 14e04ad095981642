'use client';

import { toolWords as say } from './words/toolWords';
import { ActionBar } from '../../ui/ActionBar';
import { PhoneFold } from '../../ui/PhoneFold';
import { yupResolver } from '@hookform/resolvers/yup';
import { isBefore } from 'date-fns';
import { memo, useDeferredValue, useEffect, useState } from 'react';
import { FormProvider, useForm, useWatch, type Resolver } from 'react-hook-form';
import { useChanges, useUndoable, usePhotoActs, usePhotos, useToolLog } from '../../live';
import { ChangesList } from '../../ui/ChangesList';
import { useFormDraft } from '../../live/useFormDraft';
import { toolSchema, type Tool, type Zone } from '../../domain/tool';
import { firstFault } from '../../ui/forms/formFaults';
import { AngleFinder } from './AngleFinder';
import { SchoolFields } from './SchoolFields';
import { ToolHead } from './ToolHead';
import { ToolFields } from './ToolFields';
import { FinishEndurance } from './FinishEndurance';
import { ToolHistory } from './ToolHistory';
import { ZoneFields } from './ZoneFields';
import { ZoneFigures } from './ZoneFigures';
import { ZoneTabs } from './ZoneTabs';
import { stampNow } from '../../domain/clock';
import { keptPhotoLink } from '../../ui/links';
import { Pictures } from '../../ui/photos/Pictures';
import { thickening } from '../../core/edge';
import { steelLeft, zoneNow } from '../../core/inspection';
import { faceLimitMm } from '../../core/jobs';
import { workingFace } from '../../core/ladder';
import { yearsAhead } from '../../ui/format';
import { LabLink } from '../../ui/LabLink';
import { GrowthChart, growthTitle } from './GrowthChart';

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
            <PhoneFold id="angle" title={say.edgeMeasures}>
              <ZoneFields key={index} index={index} drawn={drawn} />
            </PhoneFold>
            <PhoneFold id="measures" title={say.toolMeasures}>
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

/** Every picture of a tool, its looks' and touch-ups' too, scaled down and kept on this device. */
function ToolPictures({ tool }: { tool: Tool }) {
  const { add, remove } = usePhotoActs();
  return (
    <Pictures
      of={tool.name}
      photos={usePhotos(tool.id) ?? []}
      onAdd={(file) => add(file, file.name, { toolId: tool.id, takenAt: stampNow() })}
      onRemove={remove}
      hrefOf={(photo) => keptPhotoLink(tool.id, tool.zones[0]!.id, photo.id)}
    />
  );
}

const MEASURES = [
  'grind',
  'bevelAngleDeg',
  'primaryAngleDeg',
  'shoulderThicknessMm',
  'microBevel',
  'hollowRadiusMm',
] as const satisfies readonly (keyof Zone)[];

/** The edited tool, with the moment on every zone whose measures are not those of before. */
export function stampMeasures(before: Tool, edited: Tool, at: string): Tool {
  const stamp = (zone: Zone): Zone => {
    const old = before.zones.find(({ id }) => id === zone.id);
    const same = old && MEASURES.every((name) => said(old[name]) === said(zone[name]));
    return same ? zone : { ...zone, measuredAt: at };
  };
  return { ...edited, zones: edited.zones.map(stamp) };
}

function said(measure: Zone[(typeof MEASURES)[number]]): string {
  return JSON.stringify(measure);
}

/** Steel left to sharpen away, and how the worked face widens until it needs thinning. */
function SteelLeft({ tool, zone }: { tool: Tool; zone: Zone }) {
  const sessions = useToolLog(tool.id)?.sessions ?? [];
  const { pace, pastMm, ...budget } = steelLeft(tool, zone, sessions);
  const face = workingFace(tool, zoneNow(tool, zone, sessions));
  const growth = thickening({
    ...face,
    ...pace,
    faceLimitMm: faceLimitMm(tool, zone),
    pastRecessionsMm: pastMm,
  });
  const title = growthTitle(growth, budget.touchUps);
  return (
    <section className="mt-8">
      <h2>{title}</h2>
      <GrowthChart growth={growth} title={title} />
      <p>
        {say.steelLeft(budget.leftMm, budget.touchUps)}

        {pace.touchUpsPerYear > 0 && `, ${yearsAhead(budget.years)}`}
        {say.eachTouchUpTakes(
          1000 * pace.recessionMm,
          pace.touchUps > 0 ? say.fromOfYourOwn(pace.touchUps) : say.usualValue,
        )}
      </p>
      <LabLink toolId={tool.id} zoneId={zone.id} question="wear" />
    </section>
  );
}
