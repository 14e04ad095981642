import type { SchoolNote } from '../../../core/schools/index';
import { deg, fineMm, minutes, placeMm, thinMm, um, volume, rounded } from '../../../ui/format';
import { plural } from '../../../ui/words/plural';

const small = (lengthMm: number): string => um(1000 * lengthMm);

/** What a school costs beside the next touch-up. */
export function schoolNoteWords(note: SchoolNote): string {
  switch (note.kind) {
    case 'no drift':
      return 'No difference here: only a bevel that runs flat to the apex can drift.';
    case 'ground flat': {
      const price = note.price
        ? `about ${minutes(note.price.minutes)} and ${volume(note.price.steelMm3)} of steel`
        : 'nothing at hand does that';
      return `Each touch-up leaves ${small(note.lagMm)} of steel on the bevel behind it. After ${note.touchUps} of them the bevel is ground flat: ${price}.`;
    }
    case 'drifts':
      return `No grinding. The apex stands about ${deg(note.steeperDeg)} steeper per side, ${thinMm(note.driftedMm)} thick ${fineMm(note.behindMm)} behind the edge in place of ${thinMm(note.flatMm)}, and the bevel no longer guides the hand.`;
    case 'straight to its end':
      return 'No difference here: the edge runs straight to its end.';
    case 'handle lifted':
      return `The end of the handle rises about ${placeMm(note.handleRiseMm)} by the tip, where the edge has turned ${Math.round(note.turnDeg)}°: one more movement to learn.`;
    case 'wrist flat':
      return `At the tip, where the edge has turned ${Math.round(note.turnDeg)}°, the bevel meets the stone ${deg(note.missedDeg)} flatter: the shoulder is worked there, and the apex only if you press.`;
    case 'range after':
      return `After ${plural(note.sessions, 'touch-up')}, a range of ${rounded(note.factor, 2)} times up and down${note.byFeel ? ': minutes alone say less' : ''}.`;
    case 'does not grow':
      return 'No difference here: the worked face does not grow.';
    case 'thinned each time':
      return `Each touch-up takes back the ${small(note.growthMm)} that it widens the face by.`;
    case 'left to thicken':
      return `Nothing behind the edge is touched: after ${plural(note.touchUps, 'touch-up')} it is ${fineMm(note.shoulderThicknessMm)} thick at the shoulder, wedges, and stays so.`;
    case 'thinning due now':
      return 'Past its limit: thinning is due now.';
    case 'thinned when due': {
      const time = note.minutes === null ? '' : `, about ${minutes(note.minutes)}`;
      return `The face grows ${small(note.growthMm)} at each touch-up: thinning is due after ${note.touchUps}${time}.`;
    }
  }
}
