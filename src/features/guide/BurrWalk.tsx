'use client';

import { spoken } from '../../ui/words/closedWords';
import { guideWords as say } from './words/guideWords';
import { useState } from 'react';
import { BURR_PARTS, burrGaps, owedPerSide } from '../../core/touchUp';
import { finding } from '../../domain/observation';
import type { SessionStep } from '../../domain/session';
import { SIDES, type Side } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { Choice } from '../../ui/Choice';
import { EdgeStrip } from '../../ui/edge-strip/EdgeStrip';
import { placeMm, spanMm } from '../../ui/format';

/** A walk along the strip, one side at a time: where a burr is felt, until it is continuous. */
export function BurrWalk(props: {
  step: SessionStep;
  /** The side that was worked; its burr stands on the other. */
  worked: Side;
  tool: Tool;
  zone: Zone;
  onFelt: (side: Side, felt: boolean[]) => void;
}) {
  const { step, worked, tool, zone, onFelt } = props;
  const [side, setSide] = useState<Side>(worked === 'left' ? 'right' : 'left');
  const walk = step.burrWalks.findLast((each) => each.side === side);
  const felt = walk?.felt ?? Array<boolean>(BURR_PARTS).fill(false);
  const partMm = (zone.endMm - zone.startMm) / felt.length;
  const gaps = burrGaps({ felt }, zone);
  return (
    <section className="grid gap-4">
      <h2>{say.feelForTheBurr}</h2>
      <p className="max-w-[60ch]">{say.feelForBurrSafely}</p>
      <Choice
        legend={say.itStandsOnTheSide}
        options={SIDES.map((each) => [each, spoken(each)] as const)}
        chosen={side}
        onChoose={setSide}
      />
      <div>
        <EdgeStrip
          edgeLengthMm={tool.edgeLengthMm}
          stretches={[
            {
              ...zone,
              word: 'works',
              findings: felt.flatMap((isFelt, i) =>
                isFelt ? [finding('burr', zone.startMm + (i + 0.5) * partMm, 0, { side })] : [],
              ),
            },
          ]}
          ends={['heel', placeMm(tool.edgeLengthMm)]}
        />
        <div className="mt-2 grid grid-cols-6 gap-1" role="group" aria-label={say.whereItIsFelt}>
          {felt.map((isFelt, i) => (
            <button
              key={i}
              type="button"
              aria-pressed={isFelt}
              aria-label={say.fromSpan(
                spanMm(zone.startMm + i * partMm, zone.startMm + (i + 1) * partMm),
              )}
              className={`btn figures px-0 ${isFelt ? 'btn-neutral' : 'btn-outline'}`}
              onClick={() => onFelt(side, felt.with(i, !isFelt))}
            >
              {placeMm(zone.startMm + (i + 0.5) * partMm).replace(/ (mm|in)$/, '')}
            </button>
          ))}
        </div>
      </div>
      <p role="status" className="sign text-xl">
        {walk ? walkWords(gaps, owedPerSide(step, felt)) : say.notFeltForYet}
      </p>
    </section>
  );
}

function walkWords(gaps: readonly { startMm: number; endMm: number }[], owed: number): string {
  if (gaps.length === 0) return say.alongAllOfItTurn;
  const places = gaps.map(({ startMm, endMm }) => spanMm(startMm, endMm)).join(', ');
  return say.burrNotYetAt(places, owed);
}
