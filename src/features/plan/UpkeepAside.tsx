'use client';

import { LabLink } from '../../ui/LabLink';
import { spoken } from '../../ui/words/closedWords';
import { timesWords } from '../../ui/words/counted';
import { planWords as say } from './words/planWords';
import { useMemo } from 'react';
import { upkeepAnswer } from '../../core/answers';
import { SHINY_FROM, STROP_AGES, stropAge, type StropAge } from '../../core/care';
import type { EdgeJob } from '../../core/jobs';
import { stropOutlooks, type StropOutlook } from '../../core/ladder';
import { gramsFromApex } from '../../core/sharpness';
import { NO_USE, useNow, useShelf, useSurfaceUse } from '../../live';
import { um } from '../../ui/format';
import { passesWords } from '../../ui/words/testWords';
import type { LoggedNeed } from './loggedNeed';
import { UpkeepDays } from './UpkeepDays';
import { max } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { AxisLines, Course, FootAxis, Label, LevelAxis, Plot, ticksOf } from '../../ui/plot';

/** What a strop of each age asks for: in two words, and in full. */
const AGE_REMEDIES: Record<StropAge, [short: string, full: string]> = {
  bare: [say.rubOn, say.rubCompoundOnOrStrop],
  fresh: [say.thinRub, say.aThinRubIsEnough],
  grey: [spoken('works'), say.stropWorks],
  shiny: [say.wipeWarm, say.wipeItWarmItWork],
  caked: [say.scrape, say.scrapeThenLoad],
};

/** What keeping this edge up has done by its own log, how old the strop is, and each strop's best count. */
export default function UpkeepAside({ need, edge }: { need: LoggedNeed; edge: EdgeJob }) {
  const { tool, zone, sessions } = need;
  const now = useNow();
  const answer = useMemo(
    () => upkeepAnswer(sessions, { toolId: tool.id, zoneId: zone.id }),
    [sessions, tool.id, zone.id],
  );
  const outlooks = useMemo(() => stropOutlooks(edge), [edge]);
  return (
    <div className="mt-6 grid content-start gap-x-12 gap-y-6 md:grid-cols-2">
      <section>
        <h3>{keptWords(answer)}</h3>
        <UpkeepDays answer={answer} now={now} />
      </section>
      {outlooks[0] && <Age stropId={outlooks[0].strop.id} now={now} />}
      {outlooks.length > 0 && (
        <section className="md:col-span-2">
          <h3>{say.eachStropOnThisEdge}</h3>
          <StropCourses outlooks={outlooks} />
          <LabLink toolId={tool.id} zoneId={zone.id} question="strop" />
          <table className="table-plain mt-2">
            <thead>
              <tr>
                <th>{say.surface}</th>
                <th className="number">{say.bestASide}</th>
                <th>{say.comesTo}</th>
              </tr>
            </thead>
            <tbody>
              {outlooks.map(({ strop, bestStrokes, bestUm, radiusUm }, i) => (
                <tr key={strop.id}>
                  <td className="font-semibold">
                    {i + 1}. {strop.name}
                  </td>
                  <td className="number">
                    {bestStrokes <= MOST_STROKES ? Math.round(bestStrokes / 2) : say.noneSoSoon}
                  </td>
                  <td>
                    {bestStrokes <= MOST_STROKES
                      ? `${um(bestUm)}, ${passesWords(bestUm)}`
                      : say.stoneIsQuickerThanStrop(radiusUm(MOST_STROKES), MOST_STROKES / 2)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
    </div>
  );
}

function keptWords({ withDays, withoutDays, strops }: ReturnType<typeof upkeepAnswer>): string {
  if (withDays !== null && withoutDays !== null) {
    return say.daysKeptUpOrNot(Math.round(withDays), Math.round(withoutDays));
  }
  if (withDays !== null) {
    return say.daysKeptUp(Math.round(withDays));
  }
  return strops === 0 ? say.stropItNowAndThen : say.keptUpSoFar(timesWords(strops));
}

/** How old a strop is, as an object: five ages, its own marked, each with what it asks for. */
function Age({ stropId, now }: { stropId: string; now: string }) {
  const shelf = useShelf();
  const uses = useSurfaceUse() ?? NO_USE;
  const strop = shelf?.strops.find(({ id }) => id === stropId.split('/')[0]);
  if (!strop) return null;
  const other = stropId.includes('/') ? strop.otherFaces[Number(stropId.at(-1)) - 2 || 0] : null;
  const { age, strokes, days } = stropAge(other ?? strop, uses.get(stropId), now);
  return (
    <section>
      <h3>{say.is(strop.name, spoken(age))}</h3>
      <p className="figures text-soft">
        {say.sinceItWasLoaded(strokes, days, Math.round(SHINY_FROM))}
      </p>
      <ol className="mt-1 grid grid-cols-5 gap-1">
        {STROP_AGES.map((each) => (
          <li
            key={each}
            aria-current={each === age ? 'true' : undefined}
            className={`wrap-anywhere border-2 p-1 text-[0.92rem] leading-tight ${each === age ? 'border-neutral font-semibold' : 'border-transparent text-soft'}`}
          >
            <AgePatch age={each} />
            <b className="block">{spoken(each)}</b>
            {AGE_REMEDIES[each][0]}
          </li>
        ))}
      </ol>
      <p className="mt-1">{AGE_REMEDIES[age][1]}</p>
    </section>
  );
}

/** The face of a strop as it looks at an age: grain, thin lines, dark lines, shine, cakes. */
function AgePatch({ age }: { age: StropAge }) {
  const lines = { bare: 0, fresh: 3, grey: 6, shiny: 4, caked: 0 }[age];
  return (
    <svg viewBox="0 0 52 34" aria-hidden className="block w-13 max-w-full">
      <rect
        x={1}
        y={1}
        width={50}
        height={32}
        fill={age === 'bare' ? 'var(--rail)' : 'var(--steel-light)'}
        stroke="var(--ink)"
      />
      {age === 'bare' && (
        <path d="M8,9h3M20,22h3M34,12h3M42,26h3M14,27h3M28,7h3" stroke="var(--ink)" />
      )}
      <path
        d={Array.from(
          { length: lines },
          (_, i) => `M4,${5 + (i * 26) / Math.max(1, lines - 1)}h44`,
        ).join('')}
        stroke="var(--ink)"
        strokeWidth={age === 'grey' ? 2.2 : 1}
      />
      {age === 'shiny' && <path d="M14,32L26,2M22,32L34,2" stroke="var(--lit)" strokeWidth={4} />}
      {age === 'caked' && (
        <path
          d="M5,8q8,-5 14,2t12,3q-3,9 -12,8T5,8M32,18q9,-6 14,0t-4,10t-12,-2z"
          fill="var(--ink)"
        />
      )}
    </svg>
  );
}

/** Counts that are drawn, over both sides. */
const MOST_STROKES = 100;
const ALONG = Array.from({ length: 51 }, (_, i) => (i * MOST_STROKES) / 50);

/** What each strop would read on a force tester, stroke by stroke, numbered as its row, with its best count marked. */
function StropCourses({ outlooks }: { outlooks: readonly StropOutlook[] }) {
  const shown = outlooks.slice(0, 5);
  const gramsOf = ({ radiusUm }: StropOutlook, strokes: number): number =>
    gramsFromApex({ apexRadiusUm: radiusUm(strokes) });
  const most = max(shown, (outlook) => max(ALONG, (n) => gramsOf(outlook, n))!)!;
  return (
    <Plot
      height={200}
      margin={{ left: 48, right: 24, top: 30, bottom: 44 }}
      label={say.gramsByStrokesOn(shown.map(({ strop }) => strop.name).join(', '))}
      x={(range) => scaleLinear([0, MOST_STROKES], range)}
      y={(range) => scaleLinear([0, 1.05 * most], range).nice(4)}
    >
      {({ x, y, frame }) => (
        <>
          <AxisLines frame={frame} />
          <LevelAxis frame={frame} ticks={ticksOf(y, 4)} title={say.grams} />
          <FootAxis frame={frame} ticks={ticksOf(x, 5)} title={say.strokesOverBothSides} />
          {shown.map((outlook, i) => (
            <g key={outlook.strop.id}>
              <Course data={ALONG} x={x} y={(n) => y(gramsOf(outlook, n))} />
              {outlook.bestStrokes <= MOST_STROKES && (
                <circle
                  cx={x(outlook.bestStrokes)}
                  cy={y(gramsOf(outlook, outlook.bestStrokes))}
                  r={5}
                  fill="var(--ink)"
                />
              )}
              <Label x={frame.right + 6} y={labelY(shown, i, (g) => y(g), gramsOf)}>
                {String(i + 1)}
              </Label>
            </g>
          ))}
        </>
      )}
    </Plot>
  );
}

/** Labels stand at the ends of their curves, each at least a line under the one above. */
function labelY(
  shown: readonly StropOutlook[],
  index: number,
  y: (grams: number) => number,
  gramsOf: (outlook: StropOutlook, strokes: number) => number,
): number {
  const ends = shown.map((outlook, i) => ({ i, at: y(gramsOf(outlook, MOST_STROKES)) }));
  let lowest = -Infinity;
  for (const { i, at } of ends.sort((a, b) => a.at - b.at)) {
    const own = Math.max(at, lowest + 17);
    if (i === index) return own + 5;
    lowest = own;
  }
  return 0;
}
