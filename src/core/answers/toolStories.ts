import type { Tool } from '../../domain/tool';
import { edgeAnswers } from './edgeAnswers';
import { edgeStory, type EdgeStory } from './edgeStory';

/**
 * What to say first of each edge of one tool, from its own part of the log: the same as the whole log has.
 * Grams are to be read by the usual tester already. `now`: ISO 8601.
 */
export function toolStories(
  tool: Tool,
  log: Parameters<typeof edgeAnswers>[1],
  now: string,
): { zoneId: string; story: EdgeStory }[] {
  return edgeAnswers(tool, log).flatMap((edge) => {
    const story = edgeStory(edge, now);
    return story ? [{ zoneId: edge.zoneId, story }] : [];
  });
}
