'use client';

import { spoken } from '../../ui/words/closedWords';
import { toolWords as say } from './words/toolWords';
import { useState } from 'react';
import { useFormContext } from 'react-hook-form';
import type { Hand, Shelf } from '../../core/ladder';
import { schoolCosts } from '../../core/schools';
import { useHand, useShelf } from '../../live';
import { schoolNoteWords } from './words/schoolNotes';
import { SCHOOL_QUESTIONS, SCHOOLS, type SchoolQuestion } from '../../domain/schools';
import type { Tool, Zone } from '../../domain/tool';
import { sentence } from '../../ui/format';
import { SelectField } from '../../ui/forms/fields';

const QUESTIONS: Record<SchoolQuestion, string> = {
  drift: say.aScandiBevelOverTime,
  finish: say.finish,
  pressure: say.pressureOnStones,
  stropPressure: say.pressureOnTheStrop,
  stropAngle: say.angleOnTheStrop,
  counting: say.strokes,
  moves: say.whatMoves,
  motion: say.motionOnStones,
  tip: say.atBellyAndTip,
  burr: say.burr,
  burrWhen: say.whenTheBurrGoes,
  gritSteps: say.gritSteps,
  profile: say.profile,
  scratches: say.lookOfTheFaces,
  lubricant: say.lubricant,
  stropAtEnd: say.stropAfterTheStones,
};

/** The keeper's answers where good people disagree, each with what it costs on this very edge. */
export function SchoolFields({ tool, zone }: { tool: Tool; zone: Zone }) {
  const { register } = useFormContext<Tool>();
  const shelf = useShelf();
  const hand = useHand();
  const [open, setOpen] = useState<SchoolQuestion | null>(null);
  return (
    <details className="border-t-2 border-rule pt-2">
      <summary className="sign inline-flex min-h-12 cursor-pointer items-center text-xl underline underline-offset-4">
        {say.schools}
      </summary>
      <p className="text-soft">{say.schoolsInShort}</p>
      <div className="mt-2 grid gap-4 sm:grid-cols-2">
        {SCHOOL_QUESTIONS.map((question) => (
          <div key={question}>
            <SelectField
              label={QUESTIONS[question]}
              options={SCHOOLS[question].map(
                (answer) => [answer, sentence(spoken(answer))] as const,
              )}
              {...register(`schools.${question}`)}
            />
            <button
              type="button"
              className="link min-h-12 text-[0.95rem]"
              aria-expanded={open === question}
              aria-label={say.whatItCosts(QUESTIONS[question])}
              onClick={() => setOpen(open === question ? null : question)}
            >
              {say.whatItCostsHeading}
            </button>
            {open === question && shelf && hand && (
              <Costs question={question} tool={tool} zone={zone} shelf={shelf} hand={hand} />
            )}
          </div>
        ))}
      </div>
    </details>
  );
}

/** A worn edge, five times as round as its target, by each answer. */
function Costs(props: {
  question: SchoolQuestion;
  tool: Tool;
  zone: Zone;
  shelf: Shelf;
  hand: Hand;
}) {
  const { question, tool } = props;
  return (
    <ul className="figures text-[0.95rem]">
      {schoolCosts(question, props).map(({ answer, touchUp, note }) => (
        <li
          key={answer}
          className={`border-b border-rule py-1 ${answer === tool.schools[question] ? 'font-semibold' : ''}`}
        >
          {sentence(answer)}:{' '}
          {touchUp
            ? say.strokesASideApex(touchUp.minutes, touchUp.strokesPerSide, touchUp.apexRadiusUm)
            : say.nothingAtHandWorksIt}
          .{note && <span className="block font-normal">{schoolNoteWords(note)}</span>}
        </li>
      ))}
    </ul>
  );
}
