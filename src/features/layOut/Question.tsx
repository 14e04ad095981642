'use client';

import { useState } from 'react';
import { testOfWord, type EdgeWord } from '../../core';
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
import { ToldMeasures } from './ToldMeasures';

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
