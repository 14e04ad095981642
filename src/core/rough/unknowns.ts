import { finding, passedTest } from '../../domain/observation';
import type { Zone } from '../../domain/tool';
import type { SeenEdge } from '../inspection';
import { PRIORS } from '../priors';
import { testOfWord } from './testOfWord';

/** What nobody has told of an edge, or of a thing that works it. */
export type UnknownMeasure =
  | { kind: 'sharpness' }
  | { kind: 'damage' }
  | { kind: 'angle' }
  | { kind: 'length' }
  | { kind: 'grain'; itemId: string };

/** An edge that may be known in part only. */
export interface RoughEdge extends SeenEdge {
  /** Whether anybody has looked along it for damage. */
  isLookedAlong: boolean;
  /** Things whose grain nobody knows: the surfaces’ ids, and the span that was guessed (µm). */
  unknownGrain: readonly {
    itemId: string;
    surfaceId: string;
    finestUm: number;
    coarsestUm: number;
  }[];
}

type Turn = (seen: SeenEdge) => SeenEdge;

/** A measure that is not known: what it is taken for, and the other ways that it may turn out. */
export interface Unknown {
  measure: UnknownMeasure;
  usual: Turn;
  ways: readonly { weight: number; turn: Turn }[];
}

const asItIs: Turn = (seen) => seen;

/** How edges stand that nobody has tested, for their work (prior): mostly tired. */
const UNTESTED = [
  ['works', 0.25],
  ['tired', 0.4],
  ['blunt', 0.35],
] as const;

/** Everything that is not known of an edge and that its minutes may hang on. */
export function unknownsOf(edge: RoughEdge): Unknown[] {
  const { zone, seen, tool } = edge;
  return [
    ...(seen.tests.length === 0 && edge.knownApexUm === null ? [sharpness(zone)] : []),
    ...(edge.isLookedAlong ? [] : [damage(zone)]),
    ...(zone.angleMethod === 'typical' ? [angle(zone)] : []),
    ...(zone.measuredAt === null && tool.zones.length === 1 ? [length()] : []),
    ...edge.unknownGrain.map(grain),
  ];
}

function sharpness({ targetApexUm }: Zone): Unknown {
  const stands = (word: (typeof UNTESTED)[number][0]): Turn => {
    const tests = [passedTest(testOfWord(word, targetApexUm) ?? 'blunt')];
    return (seen) => ({ ...seen, seen: { ...seen.seen, tests } });
  };
  return {
    measure: { kind: 'sharpness' },
    usual: stands('tired'),
    ways: UNTESTED.map(([word, weight]) => ({ weight, turn: stands(word) })),
  };
}

/** A chip in the middle, at the quantiles of what such edges have. */
function damage({ startMm, endMm }: Zone): Unknown {
  const { unseenChipShare, unseenChipMm, chipSdLn } = PRIORS;
  const chipped =
    (depthMm: number): Turn =>
    (seen) => ({
      ...seen,
      seen: {
        ...seen.seen,
        findings: [finding('chip', (startMm + endMm) / 2, depthMm, { cause: 'unknown' })],
      },
    });
  const share = unseenChipShare.value / 3;
  return {
    measure: { kind: 'damage' },
    usual: asItIs,
    ways: [
      { weight: 1 - unseenChipShare.value, turn: asItIs },
      ...[-1, 0, 1].map((z) => ({
        weight: share,
        turn: chipped(unseenChipMm.value * Math.exp(z * chipSdLn.value)),
      })),
    ],
  };
}

function angle(zone: Zone): Unknown {
  const least = Math.max(6, zone.primaryAngleDeg + 1);
  const turned =
    (byDeg: number): Turn =>
    (seen) => ({
      ...seen,
      zone: {
        ...seen.zone,
        bevelAngleDeg: Math.min(59, Math.max(least, zone.bevelAngleDeg + byDeg)),
        microBevel: null,
      },
    });
  return {
    measure: { kind: 'angle' },
    usual: asItIs,
    ways: bothWays((z) => turned(z * PRIORS.unmeasuredAngleSdDeg.value)),
  };
}

function length(): Unknown {
  const scaled =
    (factor: number): Turn =>
    (seen) => ({
      ...seen,
      tool: { ...seen.tool, edgeLengthMm: factor * seen.tool.edgeLengthMm },
      zone: {
        ...seen.zone,
        startMm: factor * seen.zone.startMm,
        endMm: factor * seen.zone.endMm,
      },
      seen: {
        ...seen.seen,
        findings: seen.seen.findings.map((own) => ({ ...own, atMm: factor * own.atMm })),
      },
    });
  return {
    measure: { kind: 'length' },
    usual: asItIs,
    ways: bothWays((z) => scaled(Math.exp(z * PRIORS.unmeasuredLengthSdLn.value))),
  };
}

function grain(thing: RoughEdge['unknownGrain'][number]): Unknown {
  const { itemId, surfaceId, finestUm, coarsestUm } = thing;
  const sized =
    (sizeUm: number): Turn =>
    (seen) => {
      const as = <A extends { id: string; sizeUm: number }>(own: A): A =>
        own.id === surfaceId ? { ...own, sizeUm } : own;
      const { bench } = seen;
      return {
        ...seen,
        bench: { ...bench, abrasives: bench.abrasives.map(as), owned: bench.owned.map(as) },
      };
    };
  return {
    measure: { kind: 'grain', itemId },
    usual: asItIs,
    ways: [finestUm, coarsestUm].map((sizeUm) => ({ weight: 0.5, turn: sized(sizeUm) })),
  };
}

/** One standard deviation down, and one up. */
function bothWays(at: (z: number) => Turn): Unknown['ways'] {
  return [-1, 1].map((z) => ({ weight: 0.5, turn: at(z) }));
}
