import type { CarryPlace, Cover } from '../../domain/terms';
import type {
  EdgeCondition,
  EdgeTarget,
  Hand,
  LadderAbrasive,
  ShelfAbrasive,
  WorkingFace,
} from '../ladder';
import type { TouchUpEvent } from '../trip';

/** Something that could be carried; things carried anyway weigh 0 g. */
export interface KitItem {
  id: string;
  name: string;
  massG: number;
  /** Where it goes when it does not hang on the belt for mid-job work. */
  place: CarryPlace;
  /** Whether it hangs on the belt: because its keeper says so, where mid-job work uses it, or never. */
  hangs: 'always' | 'may' | 'never';
}

/** One edge in one state that the kit has to bring to its target out there. */
export interface KitNeed {
  id: string;
  edgeId: string;
  name: string;
  event: TouchUpEvent;
  /** How often it is expected to come. */
  count: number;
  /** How often of these it comes in each evening, by day; empty where no days are known. */
  perEvening: readonly number[];
  /** Whether it has to be met from what hangs on the belt. */
  fromBelt: boolean;
  face: WorkingFace;
  condition: EdgeCondition;
  target: Required<EdgeTarget>;
}

/** An edge to be brought to its target once. */
export type RoundNeed = Pick<KitNeed, 'id' | 'name' | 'face' | 'condition' | 'target'>;

/** Every edge of a rack brought to its target once, by everything on a shelf. */
export interface RackRound {
  needs: readonly RoundNeed[];
  items: readonly { id: string; name: string }[];
  abrasives: readonly ShelfAbrasive[];
  hand: Hand;
}

/** What a kit has to cover beside the edges, and the things that do. */
interface KitCover {
  cover: Cover;
  itemIds: readonly string[];
}

/** A way to serve one need: the things in their order, and how long they take. */
export interface NeedWay {
  things: LadderAbrasive[];
  minutes: number;
}

export interface KitProblem {
  needs: readonly KitNeed[];
  items: readonly KitItem[];
  abrasives: readonly ShelfAbrasive[];
  covers: readonly KitCover[];
  /** Ids of items that are in whatever it costs, and of those that stay at home. */
  heldIn: readonly string[];
  keptOut: readonly string[];
  /** A ladder that takes longer does not count as served. */
  minutesPerTouchUp: number;
  /** Grams that the belt takes. */
  beltMostG: number;
  hand: Hand;
}

/** Solves a problem in LP format; values by variable name, or null when it is infeasible. */
export type SolveLp = (lp: string) => Record<string, number> | null;
