import { spoken } from '../../../ui/words/closedWords';
import { kindName } from '../../../ui/words/kindName';
import { kitCardWords as say } from './words';
import { ascending, sort, sum } from 'd3-array';
import { edgeHold, heldStep, stepHold, type Hold, type HoldGuide } from '../../../core/hold';
import { benchAt, promisedOnLeaving, type EdgeNeed, type EdgeWord } from '../../../core/inspection';
import { fieldLadder } from '../../../core/kit';
import { shelfThings, type Hand, type Shelf } from '../../../core/ladder';
import { PRIORS } from '../../../core/priors';
import { heaviestRung, type RungOut } from '../../../core/trip';
import type { Helper } from '../../../domain/shelf';
import { carrierOf, toolsByPerson } from '../../../domain/carriers';
import type { Tool, Zone } from '../../../domain/tool';
import type { Trip } from '../../../domain/trip';
import { dayOfTrip, tripPhase } from '../../../domain/tripDays';
import type { Finding } from '../../../domain/session';
import { deg, grams, shortDay } from '../../../ui/format';
import { holdHeadline, holdInShort } from '../../../ui/words/holdWords';
import { GROUPS } from '../things';
import { cardPages } from './cardPages';
import { wedges, type Wedge } from './wedges';

/** What to do with an edge at one time: strokes on each side and what with, or a word. */
export interface CardLine {
  when: 'mid-job' | 'evening' | 'if it chips';
  rung: RungOut | null;
  /** The angle, where it is another than the row's. */
  angle: string;
  steps: { strokes: string; name: string }[];
  /** In the place of steps where there are none. */
  words: string;
}

/** One edge as the card has it, in words. */
export interface CardRowData {
  key: string;
  tool: Tool;
  zone: Zone;
  /** The word that its strip is drawn by, and what is left of its damage on leaving. */
  word: EdgeWord;
  findings: readonly Finding[];
  name: string;
  /** Whose it is; empty where it is everybody's. */
  person: string;
  what: string;
  stands: string;
  angle: string;
  angleDeg: number;
  hold: string;
  /** What the angle is told by, and where a lift is read. */
  perSide: string;
  holds: HoldGuide;
  /** In mid-job, each evening, and if it chips. */
  lines: CardLine[];
  watch: string;
}

export interface PackedMat {
  name: string;
  grams: string;
  things: string[];
}

/** One side of the card. */
export interface CardSide {
  title: string;
  note: string;
  /** Whether its rows are lower, without their notes. */
  isShort: boolean;
  rows: CardRowData[];
  /** The tools by person; empty but on the last side. */
  tools: PackedMat[];
  /** Empty but on the last side. */
  mats: PackedMat[];
  /** Empty but on the last side. */
  wedges: Wedge[];
  cautions: string[];
}

/** Steps of a ladder that a row has room for. */
const MOST_STEPS = 2;
const LONGEST_NOTE = 74;

interface CardInput {
  trip: Trip;
  /** The edges with the work that they ask for where they are now. */
  edges: readonly EdgeNeed[];
  shelf: Shelf;
  hand: Hand;
  /** Printed before leaving, its strokes are those with the kit that will be there. */
  now: string;
  helpers: readonly Helper[];
  coinThicknessMm: number;
  /** Whose card it is; everybody's where it is empty. */
  person: string;
}

/** What stands on the sides of a field card: edges by person, the packing list, wedges, the cautions. */
export function cardSides(input: CardInput): CardSide[] {
  const { trip, edges, shelf, helpers, coinThicknessMm, person } = input;
  const day = (offset: number): string => shortDay(dayOfTrip(trip, offset));
  const days = say.fromTo(day(0), day(trip.days - 1));
  const tools = [...new Set(edges.map(({ tool }) => tool.id))];
  const byPerson = sort(
    edges,
    (a, b) =>
      ascending(carrierOf(trip, a.tool.id), carrierOf(trip, b.tool.id)) ||
      tools.indexOf(a.tool.id) - tools.indexOf(b.tool.id) ||
      a.zone.startMm - b.zone.startMm,
  );
  const pages = cardPages(byPerson).map((page) => ({
    ...page,
    rows: page.edges.map((edge) => row(edge, input)),
  }));
  const all = pages.flatMap(({ rows }) => rows);
  return pages.map(({ rows, isShort, isLast }, i) => ({
    isShort,
    title: i === 0 ? trip.name : say.edgesAndPacking,
    note: [person, days, i > 0 ? say.side(i + 1) : say.asPromisedOnLeaving]
      .filter(Boolean)
      .join(', '),
    rows,
    tools: isLast ? toolsOf(trip, byPerson) : [],
    mats: isLast ? packedMats(trip, shelf, helpers) : [],
    wedges: isLast ? wedges(all) : [],
    cautions: isLast ? cautions(edges, coinThicknessMm) : [],
  }));
}

/** The tools that go along, person by person. */
function toolsOf(trip: Trip, edges: readonly EdgeNeed[]): PackedMat[] {
  const tools = new Map(edges.map(({ tool }) => [tool.id, tool]));
  return toolsByPerson(trip, tools.values()).map(([person, own]) => ({
    name: person || say.everybody,
    grams: '',
    things: own.map(nameWithCount),
  }));
}

function nameWithCount({ name, count }: Tool): string {
  return count > 1 ? `${name} × ${count}` : name;
}

function row(edge: EdgeNeed, input: CardInput): CardRowData {
  const { trip, coinThicknessMm, now } = input;
  const { tool, zone, state, plan } = edge;
  const held = { tool, zone, coinThicknessMm };
  const isAhead = tripPhase(trip, now) === 'ahead';
  const stands = edge.stops.length > 0 ? ('stop use' as const) : state.word;
  const promised = isAhead ? promisedOnLeaving(edge) : stands;
  const leaves = isAhead && plan?.outcome === 'planned' && !plan.leftDamage;
  const lines = linesOf(edge, input);
  const hold = lines.find(({ hold: own }) => own !== null)?.hold ?? edgeHold(held);
  const { guide } = hold;
  const isTilted = guide.way === 'tilt the stone';
  const note = tool.notes.split(/(?<=\.)\s/)[0]!.slice(0, LONGEST_NOTE);
  return {
    key: `${tool.id}/${zone.id}`,
    tool,
    zone,
    word: promised === 'stop use' ? state.word : promised,
    findings: leaves ? [] : state.findings,
    name: nameWithCount(tool),
    person: carrierOf(trip, tool.id),
    what: tool.zones.length > 1 ? zone.name : kindName(tool.kind),
    stands: promised === 'unknown' ? say.notTested : spoken(promised),
    angle: deg(hold.angleDeg),
    angleDeg: hold.angleDeg,
    holds: guide,
    hold: isTilted ? holdHeadline(guide) : holdInShort(guide),
    perSide: isTilted ? say.perSideReadBack(guide.leverMm) : say.perSide,
    lines: lines.map(({ line, hold: own }) => ({
      ...line,
      angle: own && own.angleDeg !== hold.angleDeg ? say.atAngle(own.angleDeg) : '',
    })),
    watch: [zone.noImpacts ? say.noImpactsHere : '', note].filter(Boolean).join(' '),
  };
}

/** When an edge is brought back, from what, and where one stands then. */
const TIMES = [
  { when: 'mid-job', event: 'strop', spot: 'belt' },
  { when: 'evening', event: 'touch-up', spot: 'camp' },
  { when: 'if it chips', event: 'chip', spot: 'camp' },
] as const;

function linesOf(edge: EdgeNeed, { trip, shelf, hand, now, coinThicknessMm }: CardInput) {
  const { tool, zone } = edge;
  const { schools, count } = tool;
  return TIMES.map(({ when, event, spot }): { line: CardLine; hold: Hold | null } => {
    const { abrasives } = benchAt({ spot, shelf, trip, now, schools, hand });
    const ladder = fieldLadder({ tool, zone, abrasives, hand, event });
    const { outcome, steps } = ladder;
    const isLong = ladder.minutes > PRIORS.awayMinutes.value;
    const first = outcome === 'planned' && !isLong ? steps[0] : undefined;
    if (when === 'mid-job' && count > 1) {
      return {
        line: { ...NO_WORK, when, words: say.takeTheNextOneTouch },
        hold: null,
      };
    }
    if (!first) {
      const words = when === 'if it chips' ? say.leaveItForHome : say.leaveIt;
      return { line: { ...NO_WORK, when, words }, hold: null };
    }
    return {
      line: {
        when,
        rung: heaviestRung(steps.map(({ abrasive }) => abrasive)),
        angle: '',
        words: '',
        steps: steps.slice(0, MOST_STEPS).map(({ abrasive, strokesPerSide }) => ({
          strokes: String(strokesPerSide),
          // What a strop is loaded with is known by then.
          name: unbroken(abrasive.kind === 'strop' ? abrasive.name.split(', ')[0]! : abrasive.name),
        })),
      },
      hold: stepHold(heldStep(first), { tool, zone, coinThicknessMm }),
    };
  });
}

const NO_WORK = { rung: null, angle: '', steps: [] };

/** Words in which no number stands at the end of a line without its unit. */
function unbroken(words: string): string {
  return words.replaceAll(' µm', '\u00a0µm');
}

/** What goes along by mat; empty until a kit is chosen. */
function packedMats(trip: Trip, shelf: Shelf, helpers: readonly Helper[]): PackedMat[] {
  const all = [...shelfThings(shelf), ...helpers];
  return GROUPS.flatMap(([place, name]) => {
    const own = trip.carried.flatMap(({ itemId, place: at }) => {
      const item = all.find(({ id }) => id === itemId);
      return at === place && item ? [item] : [];
    });
    if (own.length === 0) return [];
    const massG = sum(own, (item) => (item.carriedAnyway ? 0 : item.massG));
    return [{ name, grams: grams(massG), things: own.map((item) => item.name) }];
  });
}

/** The usual cautions, once. */
function cautions(edges: readonly EdgeNeed[], coinThicknessMm: number): string[] {
  const stopped = new Set(
    edges.filter(({ stops }) => stops.length > 0).map(({ tool }) => tool.name),
  );
  return [
    say.crackOrLooseHeadStop(stopped.size > 0 ? say.mustNotBeUsed([...stopped]) : ''),
    say.firmSeatGoodLightNobody,
    say.belowAndBehindTheFace,
    say.whatStrokesMean,
    say.coinAndScale(coinThicknessMm),
  ];
}
