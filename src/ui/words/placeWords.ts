import { KEEN_UP_TO } from '../../core/sharpness';
import type { PlaceProgress } from '../../core/touchUp';
import type { EdgeTest } from '../../domain/session';
import { sentence, um } from '../format';

/** A place along an edge as people say it: an axe has a toe where a knife has a tip. */
export function placeName(place: EdgeTest['place'], isAxe: boolean): string {
  if (place === 'whole') return 'whole edge';
  return isAxe && place === 'tip' ? 'toe' : place;
}

/** What the edge along its length says: which place lags behind what is asked, or that none does. */
export function progressTitle(
  lines: readonly PlaceProgress[],
  targetUm: number,
  isAxe: boolean,
): string {
  const tested = lines.filter(({ now }) => now !== null);
  if (tested.length === 0) return 'Not tested since work began.';
  const worst = tested.reduce((a, b) => (b.now!.apexRadiusUm > a.now!.apexRadiusUm ? b : a));
  const { apexRadiusUm, lowUm, highUm } = worst.now!;
  const range = `about ${um(apexRadiusUm)} (${um(lowUm).replace(' µm', '')}–${um(highUm)})`;
  const where = sentence(placeName(worst.place, isAxe));
  if (apexRadiusUm <= targetUm * KEEN_UP_TO) {
    return tested.length === 1
      ? `${where}: ${range}. It does what is asked, ${um(targetUm)}.`
      : `Every place does what is asked, ${um(targetUm)}: ${placeName(worst.place, isAxe)} last, ${range}.`;
  }
  return `${where} lags: ${range}, ${um(targetUm)} is asked.`;
}
