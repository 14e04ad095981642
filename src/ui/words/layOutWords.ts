import type { EdgeWord } from '../../core/inspection';
import type { Fineness } from '../../domain/usualThings';
import { deg, placeMm } from '../format';
import { EDGE_STATE_WORDS } from './glossary/pictureWords';

/** What is said while a person lays out what they have. */
export const layOut = {
  title: 'Lay out what you have',
  how: 'Tap a thing: it lies on your ground. Tap again: one more. Nothing to type.',
  leave: 'Leave',
  tools: 'Tools',
  things: 'To sharpen with',
  someTool: 'Cannot name it? Some axe, some knife.',
  someThing: 'Do not know which? Some stone.',
  ground: 'Your ground',
  lies: (name: string) => `On your ground: ${name.toLowerCase()}`,
  bare: 'Nothing lies here yet. Tap what you have.',
  takeBack: 'Take it back',
  nextThings: 'Next: what you have to sharpen with',
  toShelf: 'Put them on the shelf',
  see: (name: string) => `See what to do with the ${name}`,
  seeNothing: 'See what to do',
  laid: (tools: number, things: number) => {
    const own = [
      tools > 0 ? `${tools} ${tools === 1 ? 'tool' : 'tools'}` : '',
      things > 0 ? `${things} ${things === 1 ? 'thing' : 'things'}` : '',
    ].filter((words) => words !== '');
    return own.length > 0 ? `${own.join(', ')} laid out` : 'Nothing laid out yet';
  },
  onGround: (name: string, count: number) =>
    count === 0 ? name : `${name}, ${count} on your ground`,
  usual: 'Dotted: usual, not yet yours.',
  measures: (lengthMm: number, angleDeg: number) =>
    `edge ${placeMm(lengthMm)}, ${deg(angleDeg)} per side`,
  name: 'What you call it (optional)',
  edgeLength: 'Edge length',
  angle: 'Angle per side',
  less: (what: string) => `${what}: less`,
  more: (what: string) => `${what}: more`,
  asUsual: 'I do not know: take the usual ones',
  saved: (tools: number, things: number) =>
    `Saved: ${layOut.laid(tools, things).replace(' laid out', '')}.`,
  draft: (tools: number, things: number) => `laying out ${layOut.laid(tools, things)}`,
};

/** What one is asked about the last thing that was laid. */
export const layOutQuestions = {
  sharpness: (name: string, count: number) =>
    count > 1 ? `${name}, ${count}: how do they cut?` : `${name}: how does it cut?`,
  fineness: (name: string) => `${name}: how does it feel?`,
  rubbed: (name: string) => `${name}: what is rubbed on it?`,
};

const UNKNOWN_WORDS = 'I do not know';

export const EDGE_WORDS: Record<EdgeWord, string> = {
  ...EDGE_STATE_WORDS,
  unknown: UNKNOWN_WORDS,
};

export const FINENESS_WORDS: Record<Fineness | 'unknown', string> = {
  coarse: 'coarse, like sand',
  medium: 'medium, like sugar',
  fine: 'fine, like flour',
  unknown: UNKNOWN_WORDS,
};

export const RUBBED_WORDS = {
  nothing: 'nothing',
  compound: 'compound',
  unknown: UNKNOWN_WORDS,
} as const;
