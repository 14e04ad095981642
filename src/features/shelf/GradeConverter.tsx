'use client';

import { shelfWords as say } from './words';
import { useState } from 'react';
import { equivalentGrades, isTradeValue, particleSizeUm } from '../../core/abrasive';
import { NUMBERED_SCALES, type NumberedScale } from '../../domain/terms';
import { TypedNumberField, SelectField } from '../../ui/forms/fields';
import { sentence, um } from '../../ui/format';
import { MicronRuler } from '../../ui/ruler/MicronRuler';
import { SCALE_NAMES, SCALE_OPTIONS } from './scaleNames';

/** A grade on any scale as µm, and the nearest printed grade on every other scale. */
export function GradeConverter() {
  const [scale, setScale] = useState<NumberedScale>('fepa-p');
  const [grade, setGrade] = useState(600);
  const answer = convert(scale, grade);
  return (
    <section className="mt-10 border-t-2 border-rule pt-6">
      <h2>{say.gradeConverter}</h2>
      <div className="mt-3 grid max-w-2xl gap-4 sm:grid-cols-2">
        <SelectField
          label={say.scale}
          value={scale}
          options={SCALE_OPTIONS.filter(([word]) =>
            (NUMBERED_SCALES as readonly string[]).includes(word),
          )}
          onChange={(event) => setScale(event.target.value as NumberedScale)}
        />
        <TypedNumberField
          label={scale === 'micron' ? say.size : say.numberOnIt}
          value={grade}
          error={'problem' in answer ? answer.problem : undefined}
          onNumber={setGrade}
        />
      </div>
      {'sizeUm' in answer && (
        <>
          <p className="sign figures mt-4 text-3xl">{um(answer.sizeUm)}</p>
          {isTradeValue({ scale, grade }) && <p className="text-soft">{say.beyondStandard}</p>}
          <MicronRuler
            title={say.nearestPrintedGradesTo(answer.sizeUm)}
            items={equivalentGrades({ sizeUm: answer.sizeUm }).map((e) => ({
              id: e.scale,
              name: `${SCALE_NAMES[e.scale]} ${e.grade}`,
              sizeUm: e.sizeUm,
              shape: 'stone',
            }))}
          />
        </>
      )}
    </section>
  );
}

function convert(scale: NumberedScale, grade: number): { sizeUm: number } | { problem: string } {
  try {
    return { sizeUm: particleSizeUm({ scale, grade }) };
  } catch (error) {
    const { message } = error as RangeError;
    return {
      problem: sentence(
        message.replace('grade', say.theNumber).replace(say.gotNan, say.nothingEntered),
      ),
    };
  }
}
