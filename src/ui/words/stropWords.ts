import type { StropSeries } from '../../core/sharpness';
import { plural } from './plural';

/** What a series of readings on one surface comes to, in a sentence for its title. */
export function seriesTitle(series: StropSeries): string {
  switch (series.verdict) {
    case 'too-few':
      return tooFewWords(series);
    case 'no-effect':
      return 'Nothing that the readings can tell: too flat, or the surface has glazed';
    case 'keep-going':
      return `Keep going: about ${wholeGrams(series.gainToComeG)} still to gain, ${bestWords(series)}`;
    case 'stop':
      return `Stop here: ${bestWords(series)}`;
    case 'past-it':
      return `Past it by ${plural(Math.round(series.strokesPast), 'stroke')}: ${bestWords(series)}, and ${wholeGrams(series.lostG)} are lost since`;
  }
}

/** What to do about it, below the curve. */
export function seriesAdvice({ verdict }: StropSeries): string | null {
  switch (verdict) {
    case 'past-it':
      return 'More strokes round it further. Next time stop at the best count; to mend it now, a few light strokes on the stone before, then fewer here.';
    case 'no-effect':
      return 'Ink the bevel: where the ink stays at the edge, raise the spine a little; where it goes, clean the surface and renew its compound.';
    default:
      return null;
  }
}

function tooFewWords(series: Extract<StropSeries, { verdict: 'too-few' }>): string {
  const { change, countsMissing } = series;
  const sofar = { keener: 'Keener than at the start', duller: 'Duller than at the start' };
  const said = change === 'none' ? 'No change beyond the noise so far' : sofar[change];
  return `${said}; ${plural(countsMissing, 'reading')} more, at other counts, for a verdict`;
}

function bestWords(series: { bestStrokes: number; isLowerBound: boolean }): string {
  const strokes = plural(Math.round(series.bestStrokes), 'stroke');
  return series.isLowerBound
    ? `best at ${strokes} over both sides or more`
    : `best at about ${strokes} over both sides`;
}

function wholeGrams(value: number): string {
  return `${Math.round(value)} g`;
}
