'use client';

import { toolWords as say } from './words/toolWords';
import { useFormContext, useWatch } from 'react-hook-form';
import { profileThickness, sectionProfile, zoneFromCalliper } from '../../core/edge';
import { faceLimitMm } from '../../core/jobs';
import { CONTOURS, GRINDS } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { CheckField, SelectField, TextField, wordOptions } from '../../ui/forms/fields';
import { Folded } from '../../ui/forms/Folded';
import { FormMeasure } from '../../ui/forms/FormMeasure';
import { AsksChoice } from '../../ui/AsksChoice';
import { spoken } from '../../ui/words/closedWords';
import { AngleField } from '../../ui/forms/AngleField';
import { AngleFields } from './AngleFields';
import { MicroBevelFields } from './MicroBevelFields';
import { useState } from 'react';
import { LimitedMeasureField } from '../../ui/forms/MeasureField';

/** The measures of one zone, as a ruler or calliper gives them. */
export function ZoneFields({ index, drawn }: { index: number; drawn: Tool }) {
  const { register, formState, control, setValue } = useFormContext<Tool>();
  const errors = formState.errors.zones?.[index];
  const zone = useWatch({ control, name: `zones.${index}` });
  const path = `zones.${index}` as const;
  if (!zone) return null;
  return (
    <fieldset className="grid gap-4">
      <legend className="sign mb-2 text-xl">{say.stretchMeasured}</legend>
      <div className="grid gap-4 sm:grid-cols-3">
        <TextField label={say.name} error={errors?.name?.message} {...register(`${path}.name`)} />
        <FormMeasure
          label={say.fromTheHeelField}
          quantity="length"
          control={control}
          name={`${path}.startMm`}
        />
        <FormMeasure label={say.upTo} quantity="length" control={control} name={`${path}.endMm`} />
        <SelectField
          label={say.grind}
          options={wordOptions(GRINDS)}
          {...register(`${path}.grind`)}
        />
        <FormMeasure
          label={zone.grind === 'scandi' ? say.stockThickness : say.thickAtTheShoulder}
          quantity="length"
          control={control}
          name={`${path}.shoulderThicknessMm`}
        />
        {zone.grind === 'hollow' && (
          <FormMeasure
            label={say.wheelRadius}
            quantity="length"
            control={control}
            name={`${path}.hollowRadiusMm`}
            optional
          />
        )}
      </div>
      <AngleFields index={index} />
      <AsksChoice
        tool={drawn}
        value={zone}
        onChange={({ work, targetApexUm }) => {
          setValue(`${path}.work`, work, { shouldDirty: true });
          setValue(`${path}.targetApexUm`, targetApexUm, { shouldDirty: true });
        }}
      />
      {zone.facet && (
        <FacetLeft
          facet={zone.facet}
          onGone={() => setValue(`${path}.facet`, null, { shouldDirty: true })}
        />
      )}
      <MicroBevelFields index={index} drawn={drawn} />
      <BehindFields index={index} zone={zone} drawn={drawn} />
      <CheckField label={say.noImpactsHereThisStretch} {...register(`${path}.noImpacts`)} />
    </fieldset>
  );
}

/** A facet that a repair has left, until it is blended in. */
function FacetLeft(props: { facet: NonNullable<Zone['facet']>; onGone: () => void }) {
  const { facet, onGone } = props;
  return (
    <p className="flex flex-wrap items-center gap-3">
      {say.facetAt(facet.faceWidthMm, facet.angleDeg, facet.kept ? 'kept' : say.toBeBlendedIn)}
      <button type="button" className="btn btn-outline" onClick={onGone}>
        {say.itIsGone}
      </button>
    </p>
  );
}

/** Past which width the zone needs thinning: as the person says, or as is usual. */
function limitWords(tool: Tool, zone: Zone): string {
  if (zone.faceLimitMm !== null) return say.thinPast(zone.faceLimitMm);
  const usualMm = faceLimitMm(tool, zone);
  return usualMm === null ? say.noLimitSet : say.thinPastAsIsUsual(usualMm);
}

/** What is seldom measured: the contour, the faces behind, the limit past which the zone is thinned. */
function BehindFields({ index, zone, drawn }: { index: number; zone: Zone; drawn: Tool }) {
  const { register, formState, control, setValue } = useFormContext<Tool>();
  const errors = formState.errors.zones?.[index];
  const path = `zones.${index}` as const;
  return (
    <Folded
      title={say.contourFacesBehindThinning}
      holds={[
        spoken(zone.contour),
        say.behindPerSide(zone.primaryAngleDeg),
        limitWords(drawn, zone),
      ].join(' · ')}
      hasError={Boolean(errors?.primaryAngleDeg ?? errors?.faceLimitMm)}
    >
      <div className="grid gap-4 sm:grid-cols-3">
        <SelectField
          label={say.contour}
          options={wordOptions(CONTOURS)}
          {...register(`${path}.contour`)}
        />
        <AngleField
          label={say.facesBehind}
          valueDeg={zone.primaryAngleDeg}
          min={0}
          max={45}
          error={errors?.primaryAngleDeg?.message}
          onValue={(angleDeg) =>
            setValue(`${path}.primaryAngleDeg`, angleDeg, {
              shouldDirty: true,
              shouldValidate: true,
            })
          }
        />
        <FormMeasure
          label={say.thinPastAFaceOf}
          quantity="length"
          control={control}
          name={`${path}.faceLimitMm`}
          optional
        />
      </div>
      <CalliperReading
        tool={drawn}
        zone={zone}
        onZone={({ shoulderThicknessMm }) =>
          setValue(`${path}.shoulderThicknessMm`, shoulderThicknessMm, {
            shouldDirty: true,
            shouldValidate: true,
          })
        }
      />
    </Folded>
  );
}

/** How far behind the edge a calliper is commonly set (mm). */
const USUAL_DISTANCE_MM = 2;

/** A calliper’s reading behind the edge, put into the measures: an edge that has thickened shows so. */
function CalliperReading(props: { tool: Tool; zone: Zone; onZone: (zone: Zone) => void }) {
  const { tool, zone, onZone } = props;
  const [distanceMm, setDistanceMm] = useState(USUAL_DISTANCE_MM);
  const now = profileThickness(sectionProfile(tool, { ...zone, facet: null }), distanceMm);
  const [typedMm, setTypedMm] = useState<number | null>(null);
  const thicknessMm = typedMm ?? Math.round(100 * now) / 100;
  const measured = zoneFromCalliper({ tool, zone, distanceMm, thicknessMm });
  return (
    <div className="mt-3">
      <p className="font-semibold">{say.aCalliperBehindTheEdge}</p>
      <div className="grid items-end gap-4 sm:grid-cols-3">
        <LimitedMeasureField
          label={say.soFarBehindTheEdge}
          quantity="length"
          min={0.1}
          max={20}
          value={distanceMm}
          onValue={setDistanceMm}
        />
        <LimitedMeasureField
          label={say.itIsSoThickThere}
          quantity="length"
          min={0.05}
          max={30}
          value={thicknessMm}
          onValue={setTypedMm}
        />
        <button
          type="button"
          className="btn btn-outline"
          disabled={typedMm === null || measured === null}
          onClick={() => {
            onZone(measured!);
            setTypedMm(null);
          }}
        >
          {say.takeTheReading}
        </button>
      </div>
      {typedMm !== null && measured === null && (
        <p role="alert" className="field-error">
          {say.notSoThickThere}
        </p>
      )}
    </div>
  );
}
