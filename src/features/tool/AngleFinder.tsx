'use client';

import { ANGLE_METHOD_WORDS } from './words/angleMethodWords';
import { toolWords as say } from './words/toolWords';
import { typedNumber } from '../../ui/units';
import { useState } from 'react';
import { useFormContext } from 'react-hook-form';
import {
  agreement,
  ANGLE_METHOD_RULES,
  findAngle,
  type AngleMethodRule,
  type FoundAngle,
  type MeasuredTool,
} from '../../core/edge';
import { toolForm, workingFace } from '../../core/ladder';
import type { Tool, Zone } from '../../domain/tool';
import { deg, sentence } from '../../ui/format';
import Link from '../../ui/Link';
import { angleLink, coachLink, photoLink } from '../../ui/links';
import { NumberField } from '../../ui/forms/fields';
import { MethodSketch } from './MethodSketch';
import { wedgeFileName, wedgeFor, wedgeStl, wedgeSvg } from '../../formats/wedge';
import { downloadText } from '../../ui/download';

/** The bevel angle by whatever lies about, each way with its error, and how well they agree. */
export function AngleFinder(props: { tool: Tool; zone: Zone; index: number }) {
  const { tool, zone, index } = props;
  const { setValue } = useFormContext<Tool>();
  const [typed, setTyped] = useState<Record<string, (number | undefined)[]>>({});
  const measured: MeasuredTool = { ...tool, ...zone, faceAngleDeg: zone.primaryAngleDeg };
  const answers = ANGLE_METHOD_RULES.map((rule) => ({
    rule,
    answer: answerOf(rule, typed[rule.id] ?? [], measured),
  }));
  const found = answers.flatMap(({ answer }) => ('angleDeg' in answer ? [answer] : []));
  const together = found.length > 0 ? agreement(found) : null;
  return (
    <details className="mt-6 border-t-2 border-rule pt-2">
      <summary className="sign inline-flex min-h-12 cursor-pointer items-center text-xl underline underline-offset-4">
        {say.angleFinder}
      </summary>
      <p role="status" className="mb-2 text-lg">
        {together
          ? say.angleGiveOrTake(
              together.angleDeg,
              together.errorDeg,
              found.length > 1 ? together.agree : null,
            )
          : say.fillInMeasures}{' '}
        {together && (
          <button
            type="button"
            className="link min-h-12 font-bold"
            onClick={() => {
              const options = { shouldDirty: true, shouldValidate: true };
              setValue(`zones.${index}.angleMethod`, 'stated', options);
              setValue(`zones.${index}.angleErrorDeg`, tenth(together.errorDeg), options);
              setValue(`zones.${index}.bevelAngleDeg`, tenth(together.angleDeg), options);
            }}
          >
            {say.useItForThisStretch}
          </button>
        )}
      </p>
      <ByPhone toolId={tool.id} zoneId={zone.id} />
      <ul className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
        {answers.map(({ rule, answer }) => (
          <Method
            key={rule.id}
            rule={rule}
            answer={answer}
            onMeasure={(i, value) => {
              const values = [...(typed[rule.id] ?? [])];
              values[i] = value;
              setTyped({ ...typed, [rule.id]: values });
            }}
          />
        ))}
      </ul>
      <WedgePrint tool={tool} zone={zone} />
    </details>
  );
}

/** What the phone in the pocket measures, and practises. */
function ByPhone({ toolId, zoneId }: { toolId: string; zoneId: string }) {
  const links = [
    [angleLink, say.withThePhonesLevel],
    [coachLink, say.practiseIt],
    [photoLink, say.onAPhoto],
  ] as const;
  return (
    <p className="flex flex-wrap gap-x-6">
      {links.map(([hrefOf, words]) => (
        <Link
          key={words}
          href={hrefOf(toolId, zoneId)}
          className="link inline-flex min-h-12 items-center"
        >
          {words}
        </Link>
      ))}
    </p>
  );
}

/** One way to find the angle: how it goes, what is measured, and what it says. */
function Method(props: {
  rule: AngleMethodRule;
  answer: Answer;
  onMeasure: (index: number, value: number | undefined) => void;
}) {
  const { rule, answer, onMeasure } = props;
  const words = ANGLE_METHOD_WORDS[rule.id];
  return (
    <li className="border-t border-rule pt-2">
      <h3>{words.name}</h3>
      <p className="text-[0.95rem] text-soft">{words.how}</p>
      <MethodSketch id={rule.id} />
      <div className="mt-1 grid grid-cols-2 gap-3">
        {rule.measures.map(({ name, unit }, i) => (
          <NumberField
            key={name}
            label={sentence(words.measures[i]!)}
            unit={unit === 'mm' ? unit : words.measures[i]!}
            min={0}
            onChange={({ target }) =>
              onMeasure(
                i,
                Number.isNaN(typedNumber(target.value)) ? undefined : typedNumber(target.value),
              )
            }
          />
        ))}
      </div>
      {'angleDeg' in answer && (
        <p className="sign figures mt-1 text-2xl">
          {deg(answer.angleDeg)} <span className="text-[0.7em]">± {deg(answer.errorDeg)}</span>
        </p>
      )}
      {'problem' in answer && (
        <p role="alert" className="field-error">
          {answer.problem}
        </p>
      )}
    </li>
  );
}

type Answer = FoundAngle | { problem: string } | { open: true };

function answerOf(
  rule: AngleMethodRule,
  values: readonly (number | undefined)[],
  tool: MeasuredTool,
): Answer {
  if (rule.measures.some((_, i) => values[i] === undefined)) return { open: true };
  try {
    return findAngle(rule, values as number[], tool);
  } catch (error) {
    const { measures } = ANGLE_METHOD_WORDS[rule.id];
    const named = rule.measures.reduce(
      (text, { name }, i) => text.replace(new RegExp(`^${name}(?= )`), measures[i]!),
      (error as RangeError).message.replace(/Mm\b/g, ''),
    );
    return { problem: sentence(named) };
  }
}

const tenth = (angleDeg: number): number => Math.round(10 * angleDeg) / 10;

/** A wedge for this zone, to print at true size or as a solid. */
function WedgePrint({ tool, zone }: { tool: Tool; zone: Zone }) {
  const { angleDeg } = workingFace(tool, zone);
  const wedge = wedgeFor({ ...zone, name: `${tool.name}, ${zone.name}`, angleDeg });
  const fileName = wedgeFileName(tool.name);
  const svg = wedgeSvg(wedge);
  return (
    <section className="mt-6">
      <h3>{say.aWedgeForPerSide(angleDeg)}</h3>
      <p className="text-soft">
        {say.wedgeToPrint(
          wedge.baseMm,
          wedge.heightMm,
          toolForm(tool.kind) === 'axe' ? say.laidOnCheek : say.underTheBladesFace,
        )}
      </p>
      {/* eslint-disable-next-line @next/next/no-img-element -- a data URL drawn in the page */}
      <img
        className="mt-2 max-w-full border border-rule bg-white"
        alt={say.wedgeOfWithACheck(angleDeg)}
        src={`data:image/svg+xml,${encodeURIComponent(svg)}`}
      />
      <div className="mt-3 flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-outline"
          onClick={() => downloadText(`${fileName}.svg`, svg, 'image/svg+xml')}
        >
          {say.downloadToPrintSvg}
        </button>
        <button
          type="button"
          className="btn btn-outline"
          onClick={() => downloadText(`${fileName}.stl`, wedgeStl(wedge), 'model/stl')}
        >
          {say.downloadAsASolidStl}
        </button>
      </div>
    </section>
  );
}
