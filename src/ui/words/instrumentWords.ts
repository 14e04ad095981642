import { N_PER_GRAM } from '../../instruments/table';
import type { InstrumentKind, InstrumentState, LostWhy } from '../../instruments';
import { grams } from '../format';
import { plural } from './plural';

/** What each instrument is called, what to do for a reading, and how one is said; a tester's force in grams. */
export const INSTRUMENT_WORDS: Record<
  InstrumentKind,
  { name: string; toDo: string; said: (reading: number) => string }
> = {
  'edge-tester': {
    name: 'tester',
    toDo: 'Part a filament: the grams land in the field.',
    said: (forceN) => grams(forceN / N_PER_GRAM),
  },
  'pocket-scale': {
    name: 'scale',
    toDo: 'Lay it on: its weight lands in the field.',
    said: grams,
  },
};

const LOST: Record<LostWhy, string> = {
  offline:
    'The simulated one runs in the application’s own server, which cannot be reached: type the reading.',
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
          : `Coming to rest, ${INSTRUMENT_WORDS[kind].said(state.unsettled)}.`;
      return state.nonsense === 0
        ? now
        : `${now} ${plural(state.nonsense, 'line')} of it made no sense and ${state.nonsense === 1 ? 'was' : 'were'} left out: check the cable.`;
    }
  }
}
