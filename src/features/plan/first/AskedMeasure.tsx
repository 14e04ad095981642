'use client';

import { toolLink } from '../../../ui/links';
import { useState, type ReactNode } from 'react';
import type { EdgeWord } from '../../../core/inspection';
import { oneChip } from '../../../core/ladder';
import { testOfWord, type OpenMeasure } from '../../../core/rough';
import { UNKNOWN_SIZES, type Fineness } from '../../../domain/usualThings';
import { useShelf, newOne, tripIdAt, useStore, useUndoable } from '../../../live';
import { SmallStrip } from '../../../ui/edge-strip/SmallStrip';
import { chipDepth, placeMm } from '../../../ui/format';
import Link from '../../../ui/Link';
import { firstAnswer } from '../words/firstAnswerWords';

import { EDGE_WORDS, FINENESS_WORDS } from '../../../ui/words/layOutWords';

import type { LoggedNeed } from '../loggedNeed';
import { ChipBesideCoin } from '../../../ui/pictures/ChipBesideCoin';
import { nanoid } from 'nanoid';
import { stampNow } from '../../../domain/clock';
import { newRecord } from '../../../domain/newRecord';
import { finding, NO_CHECKS, passedTest } from '../../../domain/observation';
import type { Observation } from '../../../domain/session';
import type { Abrasive } from '../../../domain/shelf';
import type { SharpnessTest } from '../../../domain/terms';

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
        <p className="text-[0.95rem] text-soft">{firstAnswer.coin(coinMm)}</p>
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
                    ? firstAnswer.overDeep(depthMm)
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
      <Answer words={firstAnswer.saveLength(mm)} onTap={() => onTell(mm)} />
    </div>
  );
}

/** Saves one measure that was told, each with the way to take it back. */
function useTellMeasure({ tool, zone, state }: LoggedNeed) {
  const store = useStore();
  const undoable = useUndoable();
  const look = async (seen: Observation, lookedAlong: boolean): Promise<void> => {
    const at = stampNow();
    const record = {
      ...newRecord(nanoid(), at),
      toolId: tool.id,
      zoneId: zone.id,
      tripId: await tripIdAt(store, tool.id, at),
      at,
      seen,
      lookedAlong,
      checks: NO_CHECKS,
      notes: '',
    };
    await undoable(firstAnswer.saved, [newOne('inspections', record)]);
  };
  return {
    /** The deepest chip, in the middle of the edge: where exactly is asked on the strip; 0 for none. */
    chip(depthMm: number): Promise<void> {
      const { startMm, endMm } = oneChip(zone);
      const chip = finding('chip', (startMm + endMm) / 2, depthMm, { cause: 'unknown' });
      return look({ tests: [...state.tests], findings: depthMm > 0 ? [chip] : [] }, true);
    },
    sharpness(test: SharpnessTest): Promise<void> {
      return look({ tests: [passedTest(test)], findings: [] }, false);
    },
    async grain(stone: Abrasive, fineness: Fineness): Promise<void> {
      const faces = stone.faces.map((face) => ({ ...face, grade: UNKNOWN_SIZES[fineness] }));
      await undoable(firstAnswer.saved, [
        { store: 'abrasives', id: stone.id, before: stone, after: { ...stone, faces } },
      ]);
    },
    async length(edgeLengthMm: number): Promise<void> {
      const kept = await store.tools.get(tool.id);
      if (!kept) return;
      const zones = kept.zones.map((own) => ({
        ...own,
        endMm: edgeLengthMm,
        measuredAt: stampNow(),
      }));
      await undoable(firstAnswer.saved, [
        { store: 'tools', id: tool.id, before: kept, after: { ...kept, edgeLengthMm, zones } },
      ]);
    },
  };
}
