import type { Inspection, Observation, Session } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { sinDeg, tanDeg } from '../trigonometry';
import { workingFace, type WorkingFace } from '../ladder';
import { edgeWord, worstStretch } from './edgeState';
import type { Task } from './tasks';

/** What choosing an angle costs, beside the present one. */
export interface AnglePrice {
  angleDeg: number;
  /** Thickness of a plain wedge a quarter of a millimetre behind the edge, both sides. */
  thicknessMm: number;
  /** Chips and rolls in the same work, as a share of the present angle's. */
  damageShare: number;
  /** How readily it enters, as a share of the present angle: a wedge parts the work by tan θ. */
  biteShare: number;
  /** Steel to grind away once to get there, both sides; 0 at the present angle. */
  steelMm3: number;
}

export interface AngleAdvice {
  move: 'keep' | 'steeper' | 'flatter' | 'thin';
  changeDeg: number;
  reason: string;
  prices: AnglePrice[];
}

/** Touch-ups in a row that have to show slow, even dulling before going thinner. */
const EVEN_TOUCH_UPS = 3;
/** Dulling is even while the roundest place tested is no more than so many times the keenest. */
const EVEN_RATIO = 4;
/** How much work damage from normal use asks for: per depth, up to three degrees. */
const DEEP_DAMAGE_MM = 0.15;

/**
 * The angle that the log asks for. Damage from normal work: one to three degrees steeper, or a
 * micro-bevel. Damage from misuse or a factory edge says nothing. Several touch-ups in a row of slow,
 * even dulling without damage: a degree flatter. A bevel past its limit: thin. The work planned sets the bounds.
 */
export function adviseAngle(input: {
  tool: Tool;
  zone: Zone;
  sessions: readonly Session[];
  inspections: readonly Inspection[];
  tasks: readonly Task[];
}): AngleAdvice {
  const { tool, zone, tasks } = input;
  const face = workingFace(tool, zone);
  const present = face.angleDeg;
  const lowest = Math.max(5, ...tasks.map(({ angleDeg }) => angleDeg[0]));
  const prices = [-2, -1, 0, 1, 2, 3].map((step) => price(tool, zone, present + step));
  const advice = (move: AngleAdvice['move'], changeDeg: number, reason: string): AngleAdvice => ({
    move,
    changeDeg,
    reason,
    prices: prices.filter(
      ({ angleDeg, steelMm3 }) => angleDeg >= 5 && angleDeg <= 60 && Number.isFinite(steelMm3),
    ),
  });

  const worn = damageFromWork(input);
  if (worn.count > 0) {
    const changeDeg = Math.min(
      3,
      worn.count > 2 || worn.depthMm > 2 * DEEP_DAMAGE_MM
        ? 3
        : worn.depthMm > DEEP_DAMAGE_MM
          ? 2
          : 1,
    );
    return advice(
      'steeper',
      changeDeg,
      `Normal work has damaged it ${worn.count === 1 ? 'once' : `${worn.count} times`}, up to ${worn.depthMm} mm deep: too thin for that work.`,
    );
  }
  if (zone.faceLimitMm !== null && face.faceWidthMm > zone.faceLimitMm) {
    return advice(
      'thin',
      0,
      'The worked face is past its limit: the shoulders wedge although the apex may be sharp.',
    );
  }
  if (present < lowest) {
    const hardest = tasks.find(({ angleDeg }) => angleDeg[0] === lowest)!;
    return advice(
      'steeper',
      Math.min(3, Math.ceil(lowest - present)),
      `Thinner than is usual for ${hardest.name} (from ${lowest}°): raise it, or watch closely.`,
    );
  }
  const touchUps = input.sessions.filter(
    (s) => s.zoneId === zone.id && s.job === 'touch-up' && s.finishedAt !== null,
  );
  const latest = [...touchUps]
    .sort((a, b) => (a.startedAt < b.startedAt ? 1 : -1))
    .slice(0, EVEN_TOUCH_UPS);
  const even = latest.every(({ before }) => dulledSlowlyAndEvenly(before, zone));
  if (latest.length === EVEN_TOUCH_UPS && even && present - 1 >= lowest) {
    return advice(
      'flatter',
      -1,
      `${EVEN_TOUCH_UPS} touch-ups in a row with slow, even dulling and no damage from work: room to go thinner.`,
    );
  }
  return advice('keep', 0, 'Nothing in the log asks for another angle yet.');
}

/** Whether an edge came to its touch-up before it was blunt, and dulled alike wherever it was tested. */
function dulledSlowlyAndEvenly({ tests }: Observation, zone: Zone): boolean {
  const radiiUm = tests.map((test) => worstStretch([test]).apexRadiusUm);
  const roundestUm = Math.max(...radiiUm, 0);
  const slow = edgeWord(roundestUm / zone.targetApexUm, 0) !== 'blunt';
  return slow && radiiUm.every((radiusUm) => roundestUm <= EVEN_RATIO * radiusUm);
}

/** Chips and rolls that normal work has made, over the log and the latest looks. */
function damageFromWork(input: {
  zone: Zone;
  sessions: readonly Session[];
  inspections: readonly Inspection[];
}): { count: number; depthMm: number } {
  const { zone } = input;
  const seen = [
    ...input.sessions.filter((s) => s.zoneId === zone.id).map((s) => s.before),
    ...input.inspections.filter((i) => i.zoneId === zone.id).map((i) => i.seen),
  ].flatMap(({ findings }) => findings);
  const damage = seen.filter(
    ({ kind, cause }) => (kind === 'chip' || kind === 'roll') && cause === 'work',
  );
  // A finding stays on the strip from look to look: the same place counts once.
  const places = new Set(damage.map(({ kind, atMm }) => `${kind} ${Math.round(atMm)}`));
  return { count: places.size, depthMm: Math.max(0, ...damage.map(({ depthMm }) => depthMm)) };
}

function price(tool: Tool, zone: Zone, angleDeg: number): AnglePrice {
  const face = workingFace(tool, zone);
  return {
    angleDeg,
    thicknessMm: 2 * 0.25 * tanDeg(angleDeg),
    damageShare: (face.angleDeg / angleDeg) ** 2,
    biteShare: tanDeg(face.angleDeg) / tanDeg(angleDeg),
    steelMm3: 2 * face.edgeLengthMm * regrindAreaMm2(face, angleDeg),
  };
}

/**
 * Area (mm² a side) between the present face of width w and one at another angle: flatter, pivoting
 * on the apex back to the face behind, ½·w·w'·sin Δ with w' = w·sin(θ − α)/sin(θ' − α); steeper,
 * pivoting on the shoulder, with w' = w·sin θ/sin θ'. Infinite where the face behind is reached.
 */
function regrindAreaMm2(face: WorkingFace, angleDeg: number): number {
  const { angleDeg: present, faceWidthMm, behindAngleDeg } = face;
  const turn = sinDeg(Math.abs(angleDeg - present));
  if (angleDeg >= present) {
    return 0.5 * faceWidthMm ** 2 * (sinDeg(present) / sinDeg(angleDeg)) * turn;
  }
  if (angleDeg <= behindAngleDeg) return Infinity;
  const widening = sinDeg(present - behindAngleDeg) / sinDeg(angleDeg - behindAngleDeg);
  return 0.5 * faceWidthMm ** 2 * widening * turn;
}
