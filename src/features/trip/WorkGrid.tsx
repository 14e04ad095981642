'use client';

import { kindName } from '../../ui/words/kindName';
import { tripWords as say } from './words';
import { SideScroll } from '../../ui/SideScroll';
import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import { carrierOf } from '../../domain/carriers';
import type { Tool } from '../../domain/tool';
import { useWidth } from '../../ui/useWidth';
import { WorkCell, type CellContent, type Painting } from './WorkCell';

/** A grid narrower than this has the name of each tool above its days, and its chart under them. */
const NARROW_PX = 640;

const RowSilhouette = dynamic(() => import('./RowSilhouette'), {
  ssr: false,
  // As high as it will be: nothing moves when it comes.
  loading: () => <span className="h-8 w-32" />,
});

/** Days across and tools down: work painted on the cells, and each edge as it will probably be. */
export function WorkGrid(
  props: Painting &
    CellContent & {
      tools: readonly Tool[];
      /** What stands beside the name of a day. */
      dayNote: (day: number, isNarrow: boolean) => string;
      chosenToolId: string | null;
      onChoose: (toolId: string) => void;
      /** The chosen tool through the trip; under its row where there is no room beside. */
      chart: ReactNode;
    },
) {
  const { trip, tools, dayName, dayNote, chosenToolId, onChoose, chart, ...cell } = props;
  const [ref, width] = useWidth<HTMLDivElement>(820);
  const isNarrow = width < NARROW_PX;
  const days = Array.from({ length: trip.days }, (_, day) => day);
  const least = isNarrow ? trip.days * 64 : 144 + trip.days * 128;
  return (
    <>
      <SideScroll ref={ref} label={say.workByToolAndDay}>
        <table className="w-full table-fixed border-collapse" style={{ minWidth: least }}>
          <thead>
            <tr className="border-b-2 border-ink text-left align-bottom">
              {!isNarrow && (
                <th className="w-36">
                  <span className="sr-only">{say.tool}</span>
                </th>
              )}
              {days.map((day) => (
                <th
                  key={day}
                  className="border-l border-rule px-1 py-1 text-[0.95rem] leading-tight whitespace-nowrap sm:text-base"
                >
                  {dayName(day)}
                  <span className="figures block text-[0.92rem] font-normal text-soft">
                    {dayNote(day, isNarrow)}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {tools.map((tool) => (
              <ToolRow
                key={tool.id}
                tool={tool}
                tools={tools}
                person={carrierOf(trip, tool.id)}
                isNarrow={isNarrow}
                isChosen={tool.id === chosenToolId}
                onChoose={() => onChoose(tool.id)}
                chart={chart}
                days={trip.days}
              >
                {days.map((day) => (
                  <WorkCell
                    key={day}
                    trip={trip}
                    dayName={dayName}
                    tool={tool}
                    day={day}
                    isNarrow={isNarrow}
                    {...cell}
                  />
                ))}
              </ToolRow>
            ))}
          </tbody>
        </table>
      </SideScroll>
      {!isNarrow && <div className="mt-3 min-h-80">{chart}</div>}
    </>
  );
}

/** A tool with its cells: its name beside them or, where it is narrow, above them and its chart below. */
function ToolRow(props: {
  tool: Tool;
  /** All of the trip: silhouettes are to one scale. */
  tools: readonly Tool[];
  /** Who carries it; empty for everybody. */
  person: string;
  isNarrow: boolean;
  isChosen: boolean;
  onChoose: () => void;
  chart: ReactNode;
  days: number;
  /** Its cells. */
  children: ReactNode;
}) {
  const { tool, tools, person, isNarrow, isChosen, onChoose, chart, days, children } = props;
  const name = (
    <button
      type="button"
      aria-pressed={isChosen}
      className={`flex w-full cursor-pointer flex-wrap items-center gap-x-3 px-2 text-left ${isNarrow ? 'min-h-12' : 'min-h-16 py-1'} ${isChosen ? 'bg-neutral text-neutral-content' : ''}`}
      onClick={onChoose}
    >
      <span className="sign text-lg">{tool.name}</span>
      <RowSilhouette tool={tool} tools={tools} />
      <span className={`text-[0.9rem] ${isNarrow ? '' : 'w-full leading-tight'}`}>
        {[kindName(tool.kind), person].filter(Boolean).join(', ')}
        {tool.count > 1 && `, ${tool.count}`}
      </span>
    </button>
  );
  if (!isNarrow) {
    return (
      <tr className="border-b border-rule">
        <th scope="row" className="p-0 text-left">
          {name}
        </th>
        {children}
      </tr>
    );
  }
  return (
    <>
      <tr>
        <th scope="row" colSpan={days} className="p-0 text-left">
          {name}
        </th>
      </tr>
      <tr className="border-b border-rule">{children}</tr>
      {isChosen && (
        <tr className="border-b-2 border-ink">
          <td colSpan={days} className="p-0 pb-3">
            {chart}
          </td>
        </tr>
      )}
    </>
  );
}
