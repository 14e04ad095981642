'use client';

import { kindName } from '../../ui/words/kindName';
import { spoken } from '../../ui/words/closedWords';
import { kitWords as say } from './words/kitWords';
import type { ZoneState } from '../../core/inspection';
import { coveredBy } from '../../core/kit';
import type { Shelf } from '../../core/ladder';
import { PRIORS } from '../../core/priors';
import type { Helper } from '../../domain/shelf';
import { COVERS, type Cover } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import type { TripStep } from '../../live';
import { CheckField, LimitedNumberField, SelectField } from '../../ui/forms/fields';
import { LimitedMeasureField } from '../../ui/forms/MeasureField';
/** Depths of chip (mm) that each edge may be prepared for where no work is painted. */
const CHIPS_MM = [0, PRIORS.chipMedianMm.value, PRIORS.deepChipMm.value];

/** A limit that is as good as none (g). */
const NO_LIMIT_G = 0;

const LIMITS = [
  ['mostG', say.inAllAtMost],
  ['mostPouchG', say.onTheBeltAtMost],
  ['mostPackG', say.inThePackAtMost],
  ['mostBaseCampG', say.atBaseCampAtMost],
] as const;

/** Tools, longest touch-up, what else is covered, and limits. */
export default function KitSettings(props: {
  trip: Trip;
  tools: readonly Tool[];
  states: readonly ZoneState[];
  shelf: Shelf;
  helpers: readonly Helper[];
  onChange: (step: TripStep) => void;
}) {
  const { trip, tools, states, shelf, helpers, onChange } = props;
  const { kit, toolIds } = trip;
  const changeKit = (part: Partial<Trip['kit']>): void =>
    onChange((own) => ({ ...own, kit: { ...own.kit, ...part } }));
  return (
    <>
      <Travelling toolIds={toolIds} tools={tools} states={states} onChange={onChange} />
      <Covers
        chosen={kit.covers}
        shelf={shelf}
        helpers={helpers}
        onChange={(covers) => changeKit({ covers })}
      />
      <CheckField
        label={say.midJobFromBeltAlone}
        checked={kit.midJobFromBelt}
        onChange={({ target }) => changeKit({ midJobFromBelt: target.checked })}
      />
      <GramLimits kit={kit} onChange={changeKit} />
      <div className="grid gap-4 sm:grid-cols-3">
        <LimitedNumberField
          label={say.minuteIsWorth}
          unit="g"
          min={0.01}
          max={1000}
          value={kit.gramsPerMinute}
          hint={say.bestTradeIsFirst}
          onValue={(gramsPerMinute) => changeKit({ gramsPerMinute })}
        />
        <LimitedNumberField
          label={say.longestTouchUpOutThere}
          unit={say.min}
          min={1}
          max={240}
          value={trip.minutesPerTouchUp}
          hint={say.aLadderThatTakesLonger}
          onValue={(minutesPerTouchUp) => onChange((own) => ({ ...own, minutesPerTouchUp }))}
        />
        {trip.work.length === 0 && (
          <SelectField
            label={say.readyToGrindOut}
            value={String(trip.chipDepthMm)}
            options={CHIPS_MM.map((depthMm) => [
              String(depthMm),
              depthMm === 0 ? say.noChip : say.chipOnEachEdge(depthMm),
            ])}
            onChange={({ target }) =>
              onChange((own) => ({ ...own, chipDepthMm: Number(target.value) }))
            }
          />
        )}
      </div>
    </>
  );
}

/** Most grams in all, and by place. */
function GramLimits(props: { kit: Trip['kit']; onChange: (part: Partial<Trip['kit']>) => void }) {
  const { kit, onChange } = props;
  return (
    <>
      <div className="grid gap-4 sm:grid-cols-4">
        {LIMITS.map(([key, label]) => (
          <LimitedMeasureField
            key={key}
            label={label}
            quantity="mass"
            min={NO_LIMIT_G}
            max={100_000}
            value={kit[key] ?? NO_LIMIT_G}
            onValue={(limitG) => onChange({ [key]: limitG > NO_LIMIT_G ? limitG : null })}
          />
        ))}
      </div>
      <p className="text-[0.92rem] text-soft">{say.zeroSetsNoLimit}</p>
    </>
  );
}

/** The tools that go along, each with a tick. */
function Travelling(props: {
  toolIds: readonly string[];
  tools: readonly Tool[];
  states: readonly ZoneState[];
  onChange: (step: TripStep) => void;
}) {
  const { toolIds, tools, states, onChange } = props;
  return (
    <fieldset>
      <legend className="font-semibold">{say.toolsThatTravel}</legend>
      <div className="grid sm:grid-cols-3">
        {tools.map((tool) => (
          <label key={tool.id} className="flex min-h-12 items-center gap-3">
            <input
              type="checkbox"
              className="checkbox"
              checked={toolIds.includes(tool.id)}
              onChange={({ target }) =>
                onChange((own) => ({
                  ...own,
                  toolIds: target.checked
                    ? [...own.toolIds, tool.id]
                    : own.toolIds.filter((id) => id !== tool.id),
                }))
              }
            />
            <span className="font-semibold">{tool.name}</span>
            {states.some((own) => own.tool.id === tool.id && own.stops.length > 0) ? (
              <span className="sign battened uppercase">{say.stopUse}</span>
            ) : (
              <span className="text-soft">{kindName(tool.kind)}</span>
            )}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

/** What else has to be along, whatever it is. */
function Covers(props: {
  chosen: Trip['kit']['covers'];
  shelf: Shelf;
  helpers: readonly Helper[];
  onChange: (covers: Trip['kit']['covers']) => void;
}) {
  const { chosen, shelf, helpers, onChange } = props;
  const isHeld = (cover: Cover): boolean => coveredBy(cover, shelf, helpers).length > 0;
  return (
    <fieldset>
      <legend className="font-semibold">{say.whatElseToCover}</legend>
      <div className="flex flex-wrap gap-x-6">
        {COVERS.map((cover) => (
          <CheckField
            key={cover}
            label={isHeld(cover) ? spoken(cover) : say.nothingOnTheShelf(spoken(cover))}
            checked={chosen.includes(cover)}
            onChange={({ target }) =>
              onChange(
                target.checked ? [...chosen, cover] : chosen.filter((other) => other !== cover),
              )
            }
          />
        ))}
      </div>
    </fieldset>
  );
}
