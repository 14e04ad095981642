import type { Tool, Zone } from '../domain/tool';

/** What a keeper's schools say to the hand at one step, beside its numbers. */
export function schoolWords(tool: Tool, zone: Zone, kind: 'stone' | 'strop'): string[] {
  const { tip, burr, burrWhen, scratches } = tool.schools;
  const words: string[] = [];
  if (zone.contour === 'belly' || zone.contour === 'tip') {
    words.push(
      tip === 'lift the handle'
        ? 'As the stroke reaches belly and tip, lift the handle so that the bevel keeps its contact.'
        : 'Keep the wrist flat to the tip, and press at the shoulder.',
    );
  }
  if (kind === 'stone') {
    const how = {
      'alternate light strokes': 'alternate ever lighter strokes',
      'shear it off': 'two feather-light strokes at twice the angle, edge leading',
      'strop it off': 'leave it for the strop',
    }[burr];
    words.push(
      burrWhen === 'at every grit'
        ? `Before you change stones, the burr goes: ${how}.`
        : `The burr goes once, at the end: ${how}.`,
    );
    if (scratches === 'unscratched') words.push('Mask the flat behind the bevel.');
  }
  return words;
}
