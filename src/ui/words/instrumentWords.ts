import type { InstrumentKind, InstrumentState, LostWhy } from '../../instruments';
import { grams } from '../format';
import { plural } from './plural';

/** What each instrument is called, and what to do for a reading. */
export const INSTRUMENT_WORDS: Record<InstrumentKind, { name: string; toDo: string }> = {
  'edge-tester': { name: 'tester', toDo: 'Part a filament: the grams land in the field.' },
  'pocket-scale': { name: 'scale', toDo: 'Lay it on: its weight lands in the field.' },
};

const LOST: Record<LostWhy, string> = {
  offline: 'Offline: the simulated one runs in the application’s own server. Type the reading.',
  unplugged: 'The connection broke.',
  refused: 'The line could not be opened: another program may hold it.',
  'not chosen': 'No instrument was chosen.',
  'not here': 'This device has none, or keeps it shut.',
  busy: 'Another program holds it.',
};

/** How an instrument stands, as a sentence. */
export function instrumentWords(kind: InstrumentKind, state: InstrumentState): string {
  switch (state.phase) {
    case 'connecting':
      return 'Connecting …';
    case 'silent':
      return `The ${INSTRUMENT_WORDS[kind].name} has said nothing for a while: is it on, and plugged in?`;
    case 'lost':
      return LOST[state.why];
    case 'listening': {
      const now =
        state.unsettled === null
          ? `Listening. ${INSTRUMENT_WORDS[kind].toDo}`
          : `Coming to rest, ${grams(state.unsettled)}.`;
      return state.nonsense === 0
        ? now
        : `${now} ${plural(state.nonsense, 'line')} of it made no sense and ${state.nonsense === 1 ? 'was' : 'were'} left out: check the cable.`;
    }
  }
}
