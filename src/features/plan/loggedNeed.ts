import type { EdgeNeed } from '../../core/inspection';
import type { LoggedSession } from '../../domain/loggedSession';

/** An edge that is planned for, with its tool's own log. */
export interface LoggedNeed extends EdgeNeed {
  sessions: LoggedSession[];
}
