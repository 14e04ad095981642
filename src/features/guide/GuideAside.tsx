'use client';

import { spoken } from '../../ui/words/closedWords';
import { guideWords as say } from './words/guideWords';
import dynamic from 'next/dynamic';
import { Said } from '../../ui/Term';
import { stepHold } from '../../core/hold';
import { toolForm } from '../../core/ladder';
import { forceInWords } from '../../core/wear';
import type { SessionStep } from '../../domain/session';
import type { Side } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { spanMm } from '../../ui/format';
import { feelWords } from './words/feelWords';
import { schoolWords } from '../../ui/schoolWords';
import { HoldDrawing } from '../../ui/section/HoldDrawing';
import { stepCautions } from '../../ui/words/cautions';
import { BY_SHADOW } from '../../ui/words/holdWords';
import { handWords } from '../../ui/words/handWords';

const HandLeans = dynamic(() => import('./HandLeans'), { ssr: false });

/** How the angle is held, when the step is done, how the hand moves, what to mind. */
export function GuideAside(props: {
  step: SessionStep;
  /** The side in hand. */
  side: Side;
  isFirst: boolean;
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
}) {
  const { step, side, isFirst, tool, zone, coinThicknessMm } = props;
  const cautions = stepCautions(step, toolForm(tool.kind), isFirst);
  const held = { tool, zone, coinThicknessMm };
  const hold = stepHold(step, held, step[side]);
  return (
    <div className="grid content-start gap-4 py-3">
      {hold && hold.thenDeg !== null && hold.stretch && (
        <p>
          {say.firstFromAsDrawnThen(spanMm(hold.stretch.startMm, hold.stretch.endMm), hold.thenDeg)}
        </p>
      )}
      {hold && (
        <HoldDrawing tool={tool} zone={zone} hold={hold} coinThicknessMm={coinThicknessMm} />
      )}
      <section>
        <h2>{say.doneWhen}</h2>
        <ul className="mt-1 text-[1.08rem]">
          {step.doneWhen.map((sign) => (
            <li key={sign} className="border-b border-rule py-1">
              <Said>{sign}</Said>
            </li>
          ))}
        </ul>
      </section>
      <section>
        <h2>{say.listenAndFeel}</h2>
        <p className="text-[1.08rem]">
          <Said>{feelWords(step, zone.grind === 'convex')}</Said>
        </p>
      </section>
      <HandLine step={step} />
      {schoolWords(tool, zone, step).map((words) => (
        <p key={words}>
          <Said>{words}</Said>
        </p>
      ))}
      {step.warnings.map((warning) => (
        <p key={warning} className="field-error">
          {warning}
        </p>
      ))}
      {hold?.guide.way === 'tilt the stone' && (
        <p>
          <Said>{BY_SHADOW}</Said>
        </p>
      )}
      <ul className="text-soft">
        {cautions.map((caution) => (
          <li key={caution}>
            <Said>{caution}</Said>
          </li>
        ))}
      </ul>
      {hold && <HandLeans step={step} hold={hold} {...held} />}
    </div>
  );
}

/** How the hand moves and presses, and with what on the stone. */
function HandLine({ step }: { step: SessionStep }) {
  return (
    <p className="text-[1.08rem]">
      <b>
        <Said>{`${handWords(step)}.`}</Said>
      </b>{' '}
      <Said>
        {say.forceAndLubricant(
          spoken(forceInWords(step)),
          step.forceN,
          step.lubricant === 'dry' ? spoken('dry') : say.withLubricant(spoken(step.lubricant)),
        )}
      </Said>
    </p>
  );
}
