import type {
  EdgeCondition,
  EdgeTarget,
  Hand,
  LadderAbrasive,
  ShelfAbrasive,
  WorkingFace,
} from '../ladder';

/** Something that could be carried; things carried anyway weigh 0 g. */
export interface KitItem {
  id: string;
  name: string;
  massG: number;
}

/** One edge that the kit has to bring to its target out there. */
export interface KitNeed {
  id: string;
  name: string;
  face: WorkingFace;
  condition: EdgeCondition;
  target: Required<EdgeTarget>;
}

/** A way to serve one need: the things in their order, and how long they take. */
export interface NeedWay {
  things: LadderAbrasive[];
  minutes: number;
}

/** Why no kit serves a need: the quickest way owned takes too long, or there is none. */
export type WhyUnserved =
  { kind: 'too long'; minutes: number; limitMinutes: number } | { kind: 'nothing owned' };

export interface KitProblem {
  needs: readonly KitNeed[];
  items: readonly KitItem[];
  abrasives: readonly ShelfAbrasive[];
  /** A ladder that takes longer does not count as served. */
  minutesPerTouchUp: number;
  hand: Hand;
}

/** A need with the way that the kit serves it; null where it goes unserved, with the reason. */
export interface ServedNeed {
  need: KitNeed;
  way: NeedWay | null;
  whyNot: WhyUnserved | null;
}

/** What leaving a carried item out would cost. */
export interface CarriedItem {
  item: KitItem;
  /** Needs whose ladder uses it. */
  usedFor: string[];
  /** Needs that nothing else at hand could serve. */
  unservedWithout: string[];
  /** Grams that the next best kit weighs more; null where needs would go unserved. */
  gramsMoreWithout: number | null;
}

export interface KitPlan {
  grams: number;
  carried: CarriedItem[];
  left: KitItem[];
  served: ServedNeed[];
}

/** Solves a problem in LP format; values by variable name, or null when it is infeasible. */
export type SolveLp = (lp: string) => Record<string, number> | null;
