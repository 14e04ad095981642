import { edgeName } from '../../domain/edgeName';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Observation } from '../../domain/session';
import type { Job } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import { TEST_WORDS } from './testWords';

/** What a session was for, in a word or two. */
export const WORK_WORDS: Record<Job, string> = {
  'touch-up': 'touched up',
  hone: 'laid straight',
  upkeep: 'kept up',
  thin: 'thinned',
  angle: 'new angle',
  spine: 'spine',
};

/** The edge that was worked, or the spine, by the name that its tool has now. */
export function workedEdge(session: LoggedSession, tool: Tool | undefined): string {
  if (!tool) return 'a tool taken down';
  const zone = tool.zones.find(({ id }) => id === session.zoneId);
  if (session.job === 'spine') return `${tool.name}, spine`;
  return zone ? edgeName(tool, zone) : tool.name;
}

/** The last test of a look, as it was read. */
export function testWords({ tests }: Observation): string {
  const last = tests.at(-1);
  if (!last) return 'not tested';
  return last.test === null ? `${last.grams} g` : TEST_WORDS[last.test];
}
