import type { LoggedSession } from '../../domain/loggedSession';
import type { DamageWay } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import type { Hand, LadderAbrasive, OwnLadder, Stretch } from '../ladder';

/** One edge with what is to be done and what there is to do it with: what every job is planned from. */
export interface EdgeJob {
  tool: Tool;
  zone: Zone;
  apexRadiusUm: number;
  /** Radius the last finished touch-up left; null when none was tested. */
  keenRadiusUm: number | null;
  damageDepthMm: number;
  damageStretch: Stretch | null;
  where: LoggedSession['where'];
  /** What is done about damage; the usual way for the tool and the place where it is null. */
  damageWay: DamageWay | null;
  ownLadder: OwnLadder;
  sessions: readonly LoggedSession[];
  /** What is at hand. */
  abrasives: readonly LadderAbrasive[];
  /** Everything owned, elsewhere too. */
  owned: readonly LadderAbrasive[];
  hand: Hand;
}
