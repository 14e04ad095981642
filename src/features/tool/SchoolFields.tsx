'use client';

import { useState } from 'react';
import { useFormContext } from 'react-hook-form';
import { planEdge, shelfAbrasives, type Shelf } from '../../core';
import { useSettings, useShelf } from '../../data';
import { SCHOOL_QUESTIONS, SCHOOLS, type SchoolQuestion, type Schools } from '../../domain/schools';
import type { Settings } from '../../domain/settings';
import type { Tool, Zone } from '../../domain/tool';
import { minutes, sentence, um } from '../../ui/format';
import { SelectField } from '../../ui/forms/fields';

/** What each question is about, and what the answers trade where no number says it. */
const QUESTIONS: Record<SchoolQuestion, { label: string; trade: string | null }> = {
  drift: {
    label: 'A scandi bevel over time',
    trade:
      'Regrinding flat costs a bench hour a season; drifting costs about a degree a side and its own angle guide.',
  },
  finish: { label: 'Finish', trade: null },
  pressure: { label: 'Pressure on stones', trade: null },
  stropPressure: { label: 'Pressure on the strop', trade: null },
  stropAngle: { label: 'Angle on the strop', trade: null },
  counting: {
    label: 'Strokes',
    trade: 'By feel the log holds the time alone, and ranges narrow more slowly.',
  },
  motion: { label: 'Motion on stones', trade: null },
  tip: {
    label: 'At belly and tip',
    trade:
      'Lifting keeps the bevel’s contact on a curve; a flat wrist is steadier on a straight edge.',
  },
  burr: { label: 'Burr', trade: null },
  burrWhen: {
    label: 'When the burr goes',
    trade:
      'At every grit the finer stone meets clean steel; at the end it saves half a minute a step.',
  },
  gritSteps: { label: 'Grit steps', trade: null },
  profile: {
    label: 'Profile',
    trade:
      'A micro-bevel thickens the edge until thinning is due; thinning each time costs steel each time.',
  },
  scratches: {
    label: 'Look of the faces',
    trade: 'Unscratched faces mean no thinning: the edge stays thicker.',
  },
  lubricant: {
    label: 'Lubricant',
    trade: 'Where a stone takes several; never mixed on one stone.',
  },
};

/** The keeper's answers where good people disagree, each with what it costs on this very edge. */
export function SchoolFields({ tool, zone }: { tool: Tool; zone: Zone }) {
  const { register } = useFormContext<Tool>();
  const shelf = useShelf();
  const settings = useSettings();
  const [open, setOpen] = useState<SchoolQuestion | null>(null);
  return (
    <details className="border-t-2 border-rule pt-2">
      <summary className="sign inline-flex min-h-12 cursor-pointer items-center text-xl underline underline-offset-4">
        Schools
      </summary>
      <p className="text-soft">Where good people disagree. The plan follows your answers.</p>
      <div className="mt-2 grid gap-4 sm:grid-cols-2">
        {SCHOOL_QUESTIONS.map((question) => (
          <div key={question}>
            <SelectField
              label={QUESTIONS[question].label}
              options={SCHOOLS[question].map((answer) => [answer, sentence(answer)] as const)}
              {...register(`schools.${question}`)}
            />
            <button
              type="button"
              className="link min-h-11 text-[0.95rem]"
              aria-expanded={open === question}
              aria-label={`What it costs: ${QUESTIONS[question].label}`}
              onClick={() => setOpen(open === question ? null : question)}
            >
              What it costs
            </button>
            {open === question &&
              (QUESTIONS[question].trade ??
                (shelf && settings && (
                  <Costs
                    question={question}
                    tool={tool}
                    zone={zone}
                    shelf={shelf}
                    settings={settings}
                  />
                )))}
          </div>
        ))}
      </div>
    </details>
  );
}

/** A worn edge, three times as round as its work asks for, touched up by each answer. */
function Costs(props: {
  question: SchoolQuestion;
  tool: Tool;
  zone: Zone;
  shelf: Shelf;
  settings: Settings;
}) {
  const { question, tool, zone, shelf, settings } = props;
  const abrasives = shelfAbrasives(shelf).map(({ abrasive }) => abrasive);
  return (
    <ul className="figures text-[0.95rem]">
      {SCHOOLS[question].map((answer) => {
        const schools = { ...tool.schools, [question]: answer } as Schools;
        const plan = planEdge({
          tool: { ...tool, schools },
          zone,
          apexRadiusUm: 3 * zone.targetApexUm,
          damageDepthMm: 0,
          keenRadiusUm: null,
          abrasives,
          pace: settings.strokesPerMinute,
        });
        const strokes = plan.steps.reduce((sum, step) => sum + step.strokesPerSide, 0);
        return (
          <li key={answer}>
            {sentence(answer)}:{' '}
            {plan.outcome === 'planned'
              ? `${minutes(plan.minutes)}, ${strokes} strokes a side, apex ${um(plan.apexRadiusUm)}`
              : 'nothing at hand reaches the target'}
          </li>
        );
      })}
    </ul>
  );
}
