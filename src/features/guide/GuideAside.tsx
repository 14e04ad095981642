'use client';

import { forceInWords, toolForm } from '../../core';
import type { SessionStep } from '../../domain/session';
import { isSpineTask } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { deg, newtons, sentence, spanMm } from '../../ui/format';
import { feelWords } from '../../ui/words/feelWords';
import { schoolWords } from '../../ui/schoolWords';
import { HoldDrawing } from '../../ui/section/HoldDrawing';
import { stepCautions } from '../../ui/words/cautions';
import { handWords } from '../../ui/words/handWords';

/** When the step is done, how the hand moves, how the angle is held, what to mind. */
export function GuideAside(props: {
  step: SessionStep;
  isFirst: boolean;
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
}) {
  const { step, isFirst, tool, zone, coinThicknessMm } = props;
  const cautions = stepCautions(step, toolForm(tool.kind), isFirst);
  return (
    <div className="grid content-start gap-4 py-3">
      <section>
        <h2>Done when</h2>
        <ul className="mt-1 text-[1.08rem]">
          {step.doneWhen.map((sign) => (
            <li key={sign} className="border-b border-rule py-1">
              {sign}
            </li>
          ))}
        </ul>
      </section>
      <section>
        <h2>Listen and feel</h2>
        <p className="text-[1.08rem]">{feelWords(step)}</p>
      </section>
      <p className="text-[1.08rem]">
        <b>{handWords(step)}.</b> {sentence(forceInWords(step))}, about {newtons(step.forceN)};{' '}
        {step.lubricant === 'dry' ? 'dry' : `with ${step.lubricant}`}.
      </p>
      {schoolWords(tool, zone, step).map((words) => (
        <p key={words}>{words}</p>
      ))}
      {step.warnings.map((warning) => (
        <p key={warning} className="field-error">
          {warning}
        </p>
      ))}
      {step.stretch && step.stretch.strokesPerSide < step.plannedPerSide && (
        <p>
          From {spanMm(step.stretch.startMm, step.stretch.endMm)} as drawn; the rest of the edge at{' '}
          {deg(step.angleDeg)} per side.
        </p>
      )}
      {!isSpineTask(step.task) && (
        <HoldDrawing
          tool={tool}
          zone={zone}
          angleDeg={step.stretch?.angleDeg ?? step.angleDeg}
          coinThicknessMm={coinThicknessMm}
        />
      )}
      <ul className="text-soft">
        {cautions.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
    </div>
  );
}
