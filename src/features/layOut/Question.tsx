'use client';

import { useState } from 'react';
import type { EdgeWord } from '../../core/inspection';
import { testOfWord } from '../../core/rough';
import { KINDS } from '../../domain/kinds';
import { targetApexFor } from '../../domain/tasks';
import type { Fineness } from '../../domain/usualThings';
import { TextField } from '../../ui/forms/fields';
import { SmallStrip } from '../../ui/edge-strip/SmallStrip';
import {
  EDGE_WORDS,
  FINENESS_WORDS,
  layOut,
  layOutQuestions,
  RUBBED_WORDS,
} from '../../ui/words/layOutWords';
import { nameOf } from './GroundDrawing';
import { questionOf, type Laid, type LaidThing, type LaidTool } from './laid';
import { StepButton } from '../../ui/StepButton';
import { deg, placeMm } from '../../ui/format';

type Change<L> = (change: Partial<Omit<L, 'is' | 'key'>>) => void;

/** One question about the last thing that was laid; it may be passed over. */
export function Question(props: { own: Laid; onChange: Change<LaidTool> & Change<LaidThing> }) {
  const { own, onChange } = props;
  if (own.is === 'tool') return <ToolQuestion key={own.key} own={own} onChange={onChange} />;
  const name = nameOf(own);
  switch (questionOf(own)) {
    case 'fineness':
      return (
        <Answers
          title={layOutQuestions.fineness(name)}
          words={FINENESS_WORDS}
          order={['coarse', 'medium', 'fine', 'unknown'] satisfies (Fineness | 'unknown')[]}
          chosen={own.fineness}
          onChoose={(fineness) => onChange({ fineness })}
        />
      );
    case 'rubbed':
      return (
        <Answers
          title={layOutQuestions.rubbed(name)}
          words={RUBBED_WORDS}
          order={['nothing', 'compound', 'unknown'] as const}
          chosen={own.rubbed}
          onChoose={(rubbed) => onChange({ rubbed })}
        />
      );
    default:
      return <p className="px-4 py-2 sm:px-8">{name}</p>;
  }
}

function ToolQuestion({ own, onChange }: { own: LaidTool; onChange: Change<LaidTool> }) {
  const targetUm = targetApexFor([...KINDS[own.kind].work]);
  const told = (['keen', 'works', 'tired', 'blunt'] as const).filter(
    (word) => testOfWord(word, targetUm) !== null,
  );
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Answers
        title={layOutQuestions.sharpness(nameOf(own), own.count)}
        words={EDGE_WORDS}
        order={[...told, 'unknown'] satisfies EdgeWord[]}
        chosen={own.word}
        picture={(word) =>
          word !== 'unknown' && <SmallStrip word={word} findings={[]} width={44} />
        }
        onChoose={(word) => onChange({ word })}
      >
        <ToldMeasures own={own} isOpen={isOpen} onToggle={() => setOpen(!isOpen)} />
      </Answers>
      {isOpen && (
        <div className="grid gap-3 px-4 pb-2 sm:px-8">
          <ToldMeasures.Fields own={own} onChange={onChange} />
          <TextField
            label={layOut.name}
            value={own.name}
            maxLength={80}
            onChange={(event) => onChange({ name: event.target.value })}
          />
        </div>
      )}
    </>
  );
}

function Answers<T extends string>(props: {
  title: string;
  words: Record<T, string>;
  order: readonly T[];
  chosen: T | null;
  picture?: (answer: T) => React.ReactNode;
  onChoose: (answer: T) => void;
  children?: React.ReactNode;
}) {
  const { title, words, order, chosen, picture, onChoose, children } = props;
  return (
    <fieldset className="px-4 py-1 sm:px-8">
      <legend className="sr-only">{title}</legend>
      <p className="flex flex-wrap items-baseline gap-x-4" aria-hidden={!children}>
        <b className="sign text-xl">{title}</b>
        {children}
      </p>
      <div className="mt-1 flex gap-1.5">
        {order.map((answer) => (
          <button
            key={answer}
            type="button"
            aria-pressed={chosen === answer}
            className={`btn h-auto min-h-12 max-w-40 min-w-0 flex-1 shrink flex-col gap-0.5 px-1 py-1 leading-tight ${chosen === answer ? 'btn-neutral [--ink:currentColor]' : 'btn-outline'}`}
            onClick={() => onChoose(answer)}
          >
            {picture?.(answer)}
            {words[answer]}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

const LENGTH_STEP_MM = 5;

/** The usual measures of a tool, dotted until they are its own; a tap opens them. */
function ToldMeasures(props: { own: LaidTool; isOpen: boolean; onToggle: () => void }) {
  const { own, isOpen, onToggle } = props;
  const { lengthMm, angleDeg } = measuresOf(own);
  const isTold = own.edgeLengthMm !== null || own.angleDeg !== null;
  return (
    <button
      type="button"
      aria-expanded={isOpen}
      title={isTold ? undefined : layOut.usual}
      className={`figures ml-auto min-h-8 pointer-coarse:min-h-12 cursor-pointer border-b-2 text-[0.95rem] pointer-coarse:min-h-12 ${isTold ? 'border-solid' : 'border-dotted'}`}
      onClick={onToggle}
    >
      {layOut.measures(lengthMm, angleDeg)}
    </button>
  );
}

/** Length and angle by buttons, without typing. */
ToldMeasures.Fields = function Fields(props: {
  own: LaidTool;
  onChange: (change: Partial<LaidTool>) => void;
}) {
  const { own, onChange } = props;
  const { lengthMm, angleDeg } = measuresOf(own);
  return (
    <div className="flex flex-wrap gap-x-8 gap-y-2">
      <Stepper
        label={layOut.edgeLength}
        value={placeMm(lengthMm)}
        onStep={(by) =>
          onChange({ edgeLengthMm: Math.min(1000, Math.max(20, lengthMm + by * LENGTH_STEP_MM)) })
        }
      />
      <Stepper
        label={layOut.angle}
        value={deg(angleDeg)}
        onStep={(by) => {
          const leastDeg = KINDS[own.kind].zone.primaryAngleDeg + 1;
          onChange({ angleDeg: Math.min(60, Math.max(5, leastDeg, angleDeg + by)) });
        }}
      />
      <button
        type="button"
        className="link min-h-12"
        onClick={() => onChange({ edgeLengthMm: null, angleDeg: null })}
      >
        {layOut.asUsual}
      </button>
    </div>
  );
};

function Stepper(props: { label: string; value: string; onStep: (by: number) => void }) {
  const { label, value, onStep } = props;
  return (
    <div role="group" aria-label={label} className="flex items-center gap-2">
      <span>{label}</span>
      <StepButton by={-1} label={layOut.less(label)} onStep={() => onStep(-1)} />
      <output className="figures w-20 text-center font-bold">{value}</output>
      <StepButton by={1} label={layOut.more(label)} onStep={() => onStep(1)} />
    </div>
  );
}

function measuresOf({ kind, edgeLengthMm, angleDeg }: LaidTool) {
  const { edgeLengthMm: usualMm, zone } = KINDS[kind];
  return { lengthMm: edgeLengthMm ?? usualMm, angleDeg: angleDeg ?? zone.bevelAngleDeg };
}
