'use client';

import { tripWords as say } from './words';
import { useState } from 'react';
import { carrierOf } from '../../domain/carriers';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { CheckField, SelectField, TextField } from '../../ui/forms/fields';

/** Longest name of a person, and most of them. */
const LONGEST_NAME = 80;
const MOST_PEOPLE = 30;

/** Which tools go, who carries each, and which a rule keeps at home. */
export function TripTools(props: {
  trip: Trip;
  tools: readonly Tool[];
  onChange: (change: Partial<Trip>) => void;
}) {
  const { trip, tools, onChange } = props;
  const { toolIds, people, carriers, forbidden } = trip;
  const [typedPeople, setTypedPeople] = useState(people.join(', '));
  return (
    <>
      <TextField
        label={say.peopleWithCommasBetween}
        value={typedPeople}
        hint={say.whoIsNamedCarriesTools}
        onChange={(event) => setTypedPeople(event.target.value)}
        onBlur={() => {
          const names = namesIn(typedPeople);
          onChange({
            people: names,
            carriers: carriers.filter(({ person }) => names.includes(person)),
          });
        }}
      />
      <fieldset>
        <legend className="font-semibold">{say.toolsThatTravel}</legend>
        <ul>
          {tools.map((tool) => (
            <ToolLine
              key={tool.id}
              tool={tool}
              trip={trip}
              onGoes={(goes) =>
                onChange({
                  toolIds: goes
                    ? [...toolIds, tool.id]
                    : toolIds.filter((other) => other !== tool.id),
                })
              }
              onCarrier={(person) =>
                onChange({
                  carriers: [
                    ...carriers.filter(({ toolId }) => toolId !== tool.id),
                    ...(person ? [{ toolId: tool.id, person }] : []),
                  ],
                })
              }
              onRule={(rule) =>
                onChange({
                  forbidden: [
                    ...forbidden.filter(({ toolId }) => toolId !== tool.id),
                    ...(rule === null ? [] : [{ toolId: tool.id, rule }]),
                  ],
                })
              }
            />
          ))}
        </ul>
        <p className="text-[0.92rem] text-soft">{say.carryLawFirst}</p>
      </fieldset>
    </>
  );
}

function ToolLine(props: {
  tool: Tool;
  trip: Trip;
  onGoes: (goes: boolean) => void;
  onCarrier: (person: string) => void;
  onRule: (rule: string | null) => void;
}) {
  const { tool, trip, onGoes, onCarrier, onRule } = props;
  const goes = trip.toolIds.includes(tool.id);
  const carrier = carrierOf(trip, tool.id);
  const rule = trip.forbidden.find(({ toolId }) => toolId === tool.id)?.rule ?? null;
  const [typedRule, setTypedRule] = useState(rule ?? '');
  return (
    <li className="flex flex-wrap items-end gap-x-6 border-b border-rule py-1">
      <div className="w-36">
        <CheckField
          label={tool.name}
          checked={goes}
          onChange={(event) => onGoes(event.target.checked)}
        />
      </div>
      {goes && trip.people.length > 0 && (
        <div className="w-44">
          <SelectField
            label={say.whoCarries(tool.name)}
            value={carrier}
            options={[['', say.everybody], ...trip.people.map((each) => [each, each] as const)]}
            onChange={(event) => onCarrier(event.target.value)}
          />
        </div>
      )}
      {goes && (
        <CheckField
          label={say.aRuleForbidsItThere}
          checked={rule !== null}
          onChange={(event) => onRule(event.target.checked ? say.forbiddenThere : null)}
        />
      )}
      {rule !== null && (
        <div className="w-64">
          <TextField
            label={say.theRuleAbout(tool.name)}
            value={typedRule || rule}
            maxLength={LONGEST_NAME}
            onChange={(event) => {
              setTypedRule(event.target.value);
              if (event.target.value.trim()) onRule(event.target.value.trim());
            }}
          />
        </div>
      )}
    </li>
  );
}

/** The names in a line of them, each once. */
function namesIn(text: string): string[] {
  const names = text.split(',').map((each) => each.trim().slice(0, LONGEST_NAME));
  return [...new Set(names.filter(Boolean))].slice(0, MOST_PEOPLE);
}
