import { logChartWords as say } from './words';
import { scaleLog } from 'd3-scale';
import { memo } from 'react';
import type { EdgeAnswers, EdgeStory } from '../../../core/answers';
import type { ZoneState } from '../../../core/inspection';
import type { Tool } from '../../../domain/tool';
import { EdgeStands } from '../../../ui/EdgeStands';
import { EdgeStrip } from '../../../ui/edge-strip/EdgeStrip';
import { um } from '../../../ui/format';
import { Label } from '../../../ui/plot';
import { useNearView } from '../../../ui/useNearView';
import { storyWords } from '../../../ui/words/logWords';
import { TEST_WORDS } from '../../../ui/words/testWords';
import { LOW, TALL } from './chartHeight';
import { CourseLines } from './CourseLines';
import { RowMarks, type PlacedEntry } from './RowMarks';
import type { TimeScale } from './timeAxis';
import type { TripBand } from './tripBands';

const TICKS_UM = [0.5, 1, 2, 4, 8, 15];
/** The apex radii (µm) that every row shows, keen at the top. */
const SHOWN_UM = [0.35, 20];

/** One tool through time: what its log says of it, its edges, and how they stand now. */
export const ChartRow = memo(function ChartRow(props: {
  tool: Tool;
  edges: readonly (EdgeAnswers & { story: EdgeStory | null })[];
  states: readonly ZoneState[];
  isTall: boolean;
  onChoose: (toolId: string) => void;
  x: TimeScale;
  width: number;
  trips: readonly TripBand[];
  nowMs: number;
  pointed: string | null;
  onPoint: (id: string | null) => void;
}) {
  const { tool, edges, states, isTall, onChoose, x, width, trips, nowMs } = props;
  const { pointed, onPoint } = props;
  const [row, isNear] = useNearView<HTMLDivElement>();
  const height = isTall ? TALL : LOW;
  const y = scaleLog()
    .domain(SHOWN_UM)
    .range([isTall ? 14 : 9, height - 8])
    .clamp(true);
  const busiest = edges.reduce((most, edge) => (edge.entries > most.entries ? edge : most));
  const told = edges.find(({ story }) => story && isTelling(story)) ?? busiest;
  const placed = edges.flatMap(({ course }) => placedEntries(course, x, y));
  return (
    <div ref={row} className="log-row border-t border-rule">
      <RowHead
        tool={tool}
        told={told}
        hasZones={edges.length > 1}
        states={states}
        isTall={isTall}
        onChoose={onChoose}
      />
      <svg className="figures block" width={width} height={height} fontSize={13} fill="var(--ink)">
        <TripBands trips={trips} x={x} height={height} />
        {isTall && <LevelLines y={y} width={width} />}
        {isNear &&
          edges.map(({ course }) => (
            <CourseLines
              key={course.zoneId}
              course={course}
              x={x}
              y={y}
              nowMs={nowMs}
              bottom={height}
              hasRange={isTall && course === busiest.course}
            />
          ))}
        {isTall &&
          edges.length > 1 &&
          edges.map((edge) => <ZoneName key={edge.zoneId} tool={tool} edge={edge} x={x} y={y} />)}
        {isNear && (
          <RowMarks
            label={say.entriesOf(tool.name)}
            placed={placed}
            pointed={pointed}
            onPoint={onPoint}
          />
        )}
        {isTall && <LevelNames y={y} />}
      </svg>
      <div className="hidden content-center lg:grid">
        {isTall ? <Tests y={y} /> : <Stands tool={tool} states={states} />}
      </div>
    </div>
  );
});

/** The entries of a course where they stand: at what each left, or found; work on a spine above all. */
function placedEntries(course: EdgeAnswers['course'], x: TimeScale, y: Level): PlacedEntry[] {
  return course.entries.map((entry) => {
    const stands = entry.after ?? entry.before;
    return {
      entry,
      x: x(new Date(entry.at)),
      y: entry.mark === 'hook' ? 10 : y(stands?.apexUm ?? course.targetUm),
    };
  });
}

/** A tool's name and what its log says of the edge that has most to tell; pressed, its row stands tall. */
function RowHead(props: {
  tool: Tool;
  told: EdgeAnswers & { story: EdgeStory | null };
  hasZones: boolean;
  states: readonly ZoneState[];
  isTall: boolean;
  onChoose: (toolId: string) => void;
}) {
  const { tool, told, hasZones, states, isTall, onChoose } = props;
  return (
    <div className="py-1">
      <button
        type="button"
        aria-expanded={isTall}
        className="min-h-12 w-full cursor-pointer text-left leading-tight"
        onClick={() => onChoose(tool.id)}
      >
        <span className={`sign ${isTall ? 'text-2xl' : 'text-lg'}`}>{tool.name}</span>{' '}
        {told.story && (
          <span className={isTall ? 'text-lg' : ''}>
            {hasZones && `(${zoneName(tool, told.zoneId)}) `}
            {storyWords(told.story)}
          </span>
        )}
      </button>
      {isTall && <Stands tool={tool} states={states} />}
    </div>
  );
}

/** The trips behind everything. */
function TripBands(props: { trips: readonly TripBand[]; x: TimeScale; height: number }) {
  const { trips, x, height } = props;
  return trips.map(({ id, from, to }) => (
    <rect
      key={id}
      x={x(from)}
      width={Math.max(2, x(to) - x(from))}
      y={0}
      height={height}
      fill="var(--rail)"
      fillOpacity={0.45}
    />
  ));
}

type Level = (um: number) => number;

/** A hair line at each level, behind the courses; its name stands before them. */
function LevelLines({ y, width }: { y: Level; width: number }) {
  return TICKS_UM.map((tick) => (
    <line
      key={tick}
      x1={0}
      x2={width}
      y1={y(tick)}
      y2={y(tick)}
      stroke="var(--rule)"
      strokeWidth={0.6}
    />
  ));
}

function LevelNames({ y }: { y: Level }) {
  return TICKS_UM.map((tick) => (
    <Label key={tick} x={2} y={y(tick) + 4}>
      {um(tick).replace(' µm', '')}
    </Label>
  ));
}

/** Which of several edges a course is, where it begins. */
function ZoneName(props: {
  tool: Tool;
  edge: EdgeAnswers;
  x: TimeScale;
  y: (um: number) => number;
}) {
  const { tool, edge, x, y } = props;
  const first = edge.course.line[0];
  if (!first) return null;
  return (
    <text
      x={x(new Date(first.at)) - 9}
      y={y(first.apexUm) + 5}
      textAnchor="end"
      stroke="var(--color-base-100)"
      strokeWidth={4}
      paintOrder="stroke"
    >
      {zoneName(tool, edge.zoneId)}
    </text>
  );
}

/** What the levels of the tall row stand for, as tests. */
function Tests({ y }: { y: (um: number) => number }) {
  const tests = [
    [0.5, 'shaves'],
    [1, 'push-cuts-newsprint'],
    [2, 'slices-paper'],
    [4, 'tears-paper'],
    [8, 'slides-on-nail'],
    [15, 'blunt'],
  ] as const;
  return (
    <svg width="100%" height={TALL} fontSize={13} fill="var(--ink)" aria-hidden>
      {tests.map(([radiusUm, test]) => (
        <text key={test} x={0} y={y(radiusUm) + 4}>
          {TEST_WORDS[test]}
        </text>
      ))}
    </svg>
  );
}

function Stands({ tool, states }: { tool: Tool; states: readonly ZoneState[] }) {
  if (states.length === 0) return null;
  const worst = states.reduce((a, b) => (rank(b) > rank(a) ? b : a));
  return (
    <div className="grid grid-cols-[1fr_auto] items-center gap-2">
      <EdgeStrip
        edgeLengthMm={tool.edgeLengthMm}
        stretches={states.map(({ zone, state }) => ({
          ...zone,
          word: state.word,
          findings: state.findings,
        }))}
      />
      <EdgeStands state={worst.state} stops={worst.stops} />
    </div>
  );
}

const ORDER = ['unknown', 'keen', 'works', 'tired', 'blunt'];

function rank({ state, stops }: ZoneState): number {
  return stops.length > 0 ? Infinity : ORDER.indexOf(state.word);
}

function isTelling({ kind }: EdgeStory): boolean {
  return kind !== 'so far' && kind !== 'comes back';
}

function zoneName(tool: Tool, zoneId: string): string {
  return tool.zones.find(({ id }) => id === zoneId)?.name ?? '';
}
