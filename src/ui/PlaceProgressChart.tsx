'use client';

import { uiPartsWords as say } from './words/partsWords';
import { scaleLog, scalePoint } from 'd3-scale';
import type { ApexEstimate } from '../core/sharpness';
import type { PlaceProgress } from '../core/touchUp';
import { um } from './format';
import { AxisLines, FootAxis, Level, LevelAxis, Plot, Reading, ticksAt } from './plot';
import { placeName, progressTitle } from './words/placeWords';

const TICKS_UM = [0.2, 0.5, 1, 2, 5, 12];
const SHOWN_UM = [0.16, 14.4];
/** What was before stands so far (px) to the left of a place, what is now to its right. */
const APART = 9;

/**
 * The edge place by place on the scale of its apex, keen at the top: from the ring before to the dot
 * now, each with its range, against the line of what is asked.
 */
export function PlaceProgressChart(props: {
  lines: readonly PlaceProgress[];
  targetUm: number;
  isAxe: boolean;
}) {
  const { lines, targetUm, isAxe } = props;
  const title = progressTitle(lines, targetUm, isAxe);
  return (
    <section>
      <div role="status">
        <h3 className="sign text-lg">{title}</h3>
      </div>
      <Plot
        height={200}
        margin={{ left: 52, right: 12, top: 14, bottom: 30 }}
        label={`${title} ${lines.map((line) => spoken(line, isAxe)).join('; ')}`}
        x={(range) =>
          scalePoint(
            lines.map(({ place }) => place),
            range,
          ).padding(0.6)
        }
        y={([bottom, top]) => scaleLog(SHOWN_UM, [top, bottom]).clamp(true)}
      >
        {({ x, y, frame }) => (
          <>
            <AxisLines frame={frame} />
            <LevelAxis frame={frame} ticks={ticksAt(y, TICKS_UM)} title="µm" />
            <FootAxis
              frame={frame}
              ticks={lines.map(({ place }) => ({ at: x(place)!, label: placeName(place, isAxe) }))}
            />
            <Level frame={frame} at={y(targetUm)}>
              {say.asked(targetUm)}
            </Level>
            {lines.map(({ place, before, now }) => {
              const at = (estimate: ApexEstimate, px: number) => ({
                x: x(place)! + px,
                y: y(estimate.apexRadiusUm),
                range: [y(estimate.lowUm), y(estimate.highUm)] as const,
              });
              const [from, to] = [before && at(before, -APART), now && at(now, APART)];
              return (
                <g key={place}>
                  {from && to && (
                    <path d={`M${from.x},${from.y}L${to.x},${to.y}`} stroke="var(--ink)" />
                  )}
                  {from && <Reading {...from} r={6} />}
                  {to && <Reading {...to} r={6} isFull />}
                </g>
              );
            })}
          </>
        )}
      </Plot>
      <p className="text-[0.92rem] text-soft">{say.ringBeforeDotNowUpright}</p>
    </section>
  );
}

function spoken({ place, before, now }: PlaceProgress, isAxe: boolean): string {
  const said = (estimate: ApexEstimate | null): string =>
    estimate ? um(estimate.apexRadiusUm) : say.notTested;
  return say.testBeforeAndNow(placeName(place, isAxe), said(before), said(now));
}
