'use client';

import { toolLink } from '../../../ui/links';
import { useState, type ReactNode } from 'react';
import { testOfWord, type EdgeWord, type OpenMeasure } from '../../../core';
import { UNKNOWN_SIZES, type Fineness } from '../../../domain/usualThings';
import { useShelf } from '../../../live';
import { SmallStrip } from '../../../ui/edge-strip/SmallStrip';
import { chipDepth, fineMm, placeMm } from '../../../ui/format';
import Link from '../../../ui/Link';
import { firstAnswer } from '../../../ui/words/firstAnswerWords';

import { EDGE_WORDS, FINENESS_WORDS } from '../../../ui/words/layOutWords';

import type { LoggedNeed } from '../loggedNeed';
import { ChipBesideCoin } from '../../../ui/pictures/ChipBesideCoin';
import { useTellMeasure } from './useTellMeasure';

/** Chips that an eye tells apart beside a coin (mm); the last stands for everything deeper. */
const CHIPS_MM = [0, 0.3, 1, 2] as const;

/** The one measure that would make the answer surest, asked right there, by taps. */
export function AskedMeasure(props: { open: OpenMeasure; need: LoggedNeed; coinMm: number }) {
  const { open, need, coinMm } = props;
  const { tool, zone } = need;
  const { measure } = open;
  const tell = useTellMeasure(need);
  const shelf = useShelf();
  const [isSkipped, setSkipped] = useState(false);
  const itemId = measure.kind === 'grain' ? measure.itemId : null;
  const thing = shelf?.abrasives.find(({ id }) => id === itemId);
  if (isSkipped) return null;
  const skip = <Answer words={firstAnswer.skip} onTap={() => setSkipped(true)} />;
  return (
    <section className="mt-3 border-t border-rule pt-2">
      <h2>{firstAnswer.helpsMost(measure, thing?.name ?? '')}</h2>
      {measure.kind === 'damage' && (
        <p className="text-[0.95rem] text-soft">{firstAnswer.coin(fineMm(coinMm))}</p>
      )}
      <div className="mt-1 flex flex-wrap gap-2">
        {measure.kind === 'damage' &&
          CHIPS_MM.map((depthMm, i) => (
            <Answer
              key={depthMm}
              words={
                depthMm === 0
                  ? firstAnswer.noChip
                  : i === CHIPS_MM.length - 1
                    ? firstAnswer.overDeep(chipDepth(depthMm))
                    : chipDepth(depthMm)
              }
              onTap={() => void tell.chip(i === CHIPS_MM.length - 1 ? 2.5 : depthMm)}
            >
              <ChipBesideCoin depthMm={depthMm} coinMm={coinMm} />
            </Answer>
          ))}
        {measure.kind === 'sharpness' &&
          (['keen', 'works', 'tired', 'blunt'] as const)
            .filter((word) => testOfWord(word, zone.targetApexUm) !== null)
            .map((word) => (
              <Answer
                key={word}
                words={EDGE_WORDS[word satisfies EdgeWord]}
                onTap={() => void tell.sharpness(testOfWord(word, zone.targetApexUm)!)}
              >
                <SmallStrip word={word} findings={[]} />
              </Answer>
            ))}
        {thing &&
          (Object.keys(UNKNOWN_SIZES) as Fineness[]).map((fineness) => (
            <Answer
              key={fineness}
              words={FINENESS_WORDS[fineness]}
              onTap={() => void tell.grain(thing, fineness)}
            />
          ))}
        {measure.kind === 'length' && (
          <LengthAnswer usualMm={tool.edgeLengthMm} onTell={(mm) => void tell.length(mm)} />
        )}
        {measure.kind === 'angle' && (
          <Link
            href={`${toolLink(tool.id)}#angle`}
            className="btn btn-outline inline-flex items-center"
          >
            {firstAnswer.measureAngle}
          </Link>
        )}
        {skip}
      </div>
    </section>
  );
}

function Answer(props: { words: string; onTap: () => void; children?: ReactNode }) {
  return (
    <button
      type="button"
      className="btn btn-outline h-auto min-h-12 flex-col gap-0.5 px-2 py-1 leading-tight"
      onClick={props.onTap}
    >
      {props.children}
      {props.words}
    </button>
  );
}

const STEP_MM = 5;

function LengthAnswer({ usualMm, onTell }: { usualMm: number; onTell: (mm: number) => void }) {
  const [mm, setMm] = useState(usualMm);
  return (
    <div className="flex items-center gap-2">
      <Answer words={firstAnswer.shorter} onTap={() => setMm(Math.max(20, mm - STEP_MM))} />
      <output className="figures sign w-20 text-center text-xl">{placeMm(mm)}</output>
      <Answer words={firstAnswer.longer} onTap={() => setMm(Math.min(1000, mm + STEP_MM))} />
      <Answer words={firstAnswer.saveLength(placeMm(mm))} onTap={() => onTell(mm)} />
    </div>
  );
}
