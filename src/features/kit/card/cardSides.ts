import { sum } from 'd3-array';
import { format } from 'date-fns';
import {
  benchAt,
  fieldLadder,
  edgeHold,
  heldStep,
  shelfThings,
  stepHold,
  type Bench,
  type Hand,
  type HoldGuide,
  type Shelf,
  type ZoneState,
} from '../../../core';
import type { Helper } from '../../../domain/shelf';
import { KINDS } from '../../../domain/kinds';
import type { Tool, Zone } from '../../../domain/tool';
import type { Trip } from '../../../domain/trip';
import { dayOfTrip } from '../../../domain/tripDays';
import { deg, fineMm, grams, listed, placeMm, um } from '../../../ui/format';
import { holdHeadline, holdInShort } from '../../../ui/words/holdWords';
import { edgeStands } from '../../../ui/words/needWords';
import { GROUPS } from '../things';
import { cardPages } from './cardPages';

/** One edge as the card has it, in words. */
export interface CardRowData {
  key: string;
  tool: Tool;
  zone: Zone;
  state: ZoneState['state'];
  name: string;
  what: string;
  stands: string;
  angle: string;
  angleDeg: number;
  hold: string;
  /** What the angle is told by, and where a lift is read. */
  perSide: string;
  holds: HoldGuide;
  /** Strokes a side and what with; empty where nothing carried works it. */
  steps: { strokes: string; name: string }[];
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
  rows: CardRowData[];
  /** Empty but on the last side. */
  mats: PackedMat[];
  cautions: string[];
}

/** Steps of a ladder that a row has room for. */
const MOST_STEPS = 3;
const LONGEST_NOTE = 74;

/** What stands on the sides of a field card: edges by angle, lift and strokes, the packing list, the cautions. */
export function cardSides(input: {
  trip: Trip;
  edges: readonly ZoneState[];
  shelf: Shelf;
  hand: Hand;
  /** Printed before leaving, its strokes are those with the kit that will be there. */
  now: string;
  helpers: readonly Helper[];
  coinThicknessMm: number;
  /** Whose card it is; everybody's where it is empty. */
  person: string;
}): CardSide[] {
  const { trip, edges, shelf, hand, now, helpers, coinThicknessMm, person } = input;
  const day = (offset: number): string => format(dayOfTrip(trip, offset), 'd MMM');
  const days = `${day(0)} to ${day(trip.days - 1)}`;
  return cardPages(edges).map(({ edges: own, isLast }, i) => ({
    title: i === 0 ? trip.name : 'Edges and packing',
    note: [person, days, i > 0 && `side ${i + 1}`].filter(Boolean).join(', '),
    rows: own.map((edge) => {
      const { schools } = edge.tool;
      return row(edge, benchAt({ spot: 'camp', shelf, trip, now, schools, hand }), coinThicknessMm);
    }),
    mats: isLast ? packedMats(trip, shelf, helpers) : [],
    cautions: isLast ? cautions(edges, coinThicknessMm) : [],
  }));
}

function row(edge: ZoneState, bench: Bench, coinThicknessMm: number): CardRowData {
  const { tool, zone, state } = edge;
  const { steps, outcome } = fieldLadder({ ...bench, tool, zone });
  const held = { tool, zone, coinThicknessMm };
  const [first] = outcome === 'planned' ? steps : [];
  const hold = (first && stepHold(heldStep(first), held)) ?? edgeHold(held);
  const { guide } = hold;
  const isTilted = guide.way === 'tilt the stone';
  const note = tool.notes.split(/(?<=\.)\s/)[0]!.slice(0, LONGEST_NOTE);
  return {
    key: `${tool.id}/${zone.id}`,
    tool,
    zone,
    state,
    name: tool.name,
    what: tool.zones.length > 1 ? zone.name : KINDS[tool.kind].name,
    stands: edgeStands(edge),
    angle: deg(hold.angleDeg),
    angleDeg: hold.angleDeg,
    holds: guide,
    hold: isTilted ? holdHeadline(guide) : holdInShort(guide),
    perSide: isTilted ? `per side, read ${placeMm(guide.leverMm)} back` : 'per side',
    steps:
      outcome === 'planned'
        ? steps.slice(0, MOST_STEPS).map(({ abrasive, strokesPerSide }) => ({
            strokes: String(strokesPerSide),
            name: unbroken(
              abrasive.kind === 'strop'
                ? abrasive.name
                : `${abrasive.name}, ${um(abrasive.sizeUm)}`,
            ),
          }))
        : [],
    watch: [zone.noImpacts ? 'No impacts here.' : '', note].filter(Boolean).join(' '),
  };
}

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
function cautions(edges: readonly ZoneState[], coinThicknessMm: number): string[] {
  const stopped = new Set(
    edges.filter(({ stops }) => stops.length > 0).map(({ tool }) => tool.name),
  );
  return [
    `Crack or loose head: stop.${stopped.size > 0 ? ` ${listed([...stopped])} must not be used.` : ''}`,
    'Firm seat, good light, nobody in reach, dressing at hand. Glove on the holding hand; fingers',
    'below and behind the face. Strop on a board. Wipe from spine toward edge. Never catch a tool.',
    'Strokes a side are guesses, half to double: stop when the sign is there.',
    `Coin ${fineMm(coinThicknessMm)}. Tools each to its own scale.`,
  ];
}
