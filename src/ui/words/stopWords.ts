import type { StopReason } from '../../core/inspection';

const STOP_WORDS: Record<StopReason, string> = {
  'handle cracked': 'the haft or handle is cracked',
  'head loose': 'the head is loose',
  'blade cracked': 'the blade or the eye is cracked',
};

/** Why a tool must not be used, as a list in words. */
export function stopWords(stops: readonly StopReason[]): string {
  return stops.map((stop) => STOP_WORDS[stop]).join(', ');
}

/** What no touch-up may go on with. */
export const STOP_USE =
  'Cracked haft, loose head or cracked blade: stop. Do not use or sharpen it; replace it or take it to a professional. Carrying edged tools is regulated: local law, land-owner, park and fire rules come first.';
