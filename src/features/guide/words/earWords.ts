import type { StrokesHeard } from '../../../core/measure/index';
import type { LostWhy } from '../../../instruments/index';

/** What a voice calls out. */
export const VOICE_WORDS = { turn: 'Turn over', ten: 'Ten more', look: 'Look at the burr' };

/** What the ear of the guide says. */
export const earWords = {
  legend: 'Count by the sound of the stone (nothing is recorded; a tap always wins)',
  choices: { off: 'no', device: 'by the microphone', simulated: 'try a simulated hand' },
  loud: 'Tried on made-up recordings: real places are louder.',
  asking: 'By ear: not listening now.',
};

const LOST: Partial<Record<LostWhy, string>> = {
  refused: 'The browser keeps the microphone shut to this page. Tap the strokes.',
  busy: 'Another program holds the microphone. Tap the strokes.',
  'not here': 'There is no microphone here. Tap the strokes.',
  unplugged: 'The microphone is gone. Tap the strokes.',
};

/** Why the ear does not listen. */
export function earLost(why: LostWhy): string {
  return LOST[why] ?? LOST['not here']!;
}

/** What it hears. */
export function earHears({ hearing, perMinute }: StrokesHeard): string {
  switch (hearing) {
    case 'nothing':
      return 'By ear: I cannot hear it. Tap the strokes, or lay it nearer.';
    case 'something':
      return 'By ear: something sounds; three like strokes, and it counts.';
    case 'strokes':
      return `By ear: strokes, about ${Math.round((perMinute ?? 0) / 5) * 5} a minute.`;
  }
}
