import { sum } from 'd3-array';
import { vickersHardness } from '../wear';
import { once } from '../once';
import { PRIORS } from '../priors';
import type { DullingEvidence, Look, PaceEvidence, StrokesEvidence } from './evidence';
import { normalOnGrid, onGrid, type OnGrid } from './grid';
import { bell, normalCdf, NORMAL_POINTS } from './normal';

/**
 * How likely a step's looks are for each ln(factor) on its predicted strokes: the product over its looks,
 * spread by the step's own sd. It is asked again and again, and computed once. Needed = factor · predicted; a sign says yes after n strokes with
 * Φ((ln n − ln needed)/0.15), a test with Φ((ln upper − ln r(n))/0.29).
 */
export const strokesLikelihood = once((evidence: StrokesEvidence): OnGrid => {
  const { looks, predicted, sdLn } = evidence;
  const [own] = looks;
  if (looks.length === 1 && own!.says === 'done') {
    return normalOnGrid(Math.log(own!.count / predicted), sdLn);
  }
  return onGrid((lnFactor) =>
    sum(NORMAL_POINTS, ([at, weight]) => {
      const neededLn = Math.log(predicted) + lnFactor + at * sdLn;
      return weight * looks.reduce((all, look) => all * chance(look, neededLn, evidence), 1);
    }),
  );
});

/** The chance of what a look said, where so many strokes were needed. */
function chance(look: Look, neededLn: number, { apex }: StrokesEvidence): number {
  if (look.says === 'done') return bell(Math.log(look.count), neededLn, PRIORS.signSdLn.value);
  const yes =
    look.by === 'test' && apex
      ? normalCdf(
          (Math.log(apex.upperUm) - Math.log(radiusAfter(look.count, Math.exp(neededLn), apex))) /
            PRIORS.testYesSdLn.value,
        )
      : normalCdf((Math.log(look.count) - neededLn) / PRIORS.signSdLn.value);
  return look.says === 'yes' ? yes : 1 - yes;
}

/** Radius (µm) after n of the strokes that an apex needs: finish + r·√(1 − n/needed), finish after that. */
export function radiusAfter(
  count: number,
  needed: number,
  { beforeUm, finishUm }: { beforeUm: number; finishUm: number },
): number {
  return count >= needed ? finishUm : finishUm + beforeUm * Math.sqrt(1 - count / needed);
}

/** How likely a pace is for each ln(factor) on that of the settings. */
export function paceLikelihood({ seen, predicted, sdLn }: PaceEvidence): OnGrid {
  return normalOnGrid(Math.log(seen / predicted), sdLn);
}

/**
 * How likely the tests of a spell of work are for each ln(factor) on its dulling: ln r of every one around
 * ln(start + factor · growth), with what day and hours did to all of them alike.
 */
export const dullingLikelihood = once(({ startUm, tests }: DullingEvidence): OnGrid => {
  const spellSd = Math.hypot(PRIORS.daySdLn.value, PRIORS.hoursSdLn.value);
  return onGrid((lnFactor) =>
    sum(NORMAL_POINTS, ([at, weight]) => {
      const factor = Math.exp(lnFactor + at * spellSd);
      const all = tests.reduce((product, { predictedUm, apexUm, sdLn, atLeastUm }) => {
        const expected = Math.log(startUm + factor * predictedUm);
        return (
          product *
          (atLeastUm === null
            ? bell(Math.log(apexUm), expected, sdLn)
            : normalCdf((expected - Math.log(atLeastUm)) / PRIORS.testYesSdLn.value))
        );
      }, 1);
      return weight * all;
    }),
  );
});

/** How much more strokes a steel of one hardness takes than of another: ln of the ratio of their HV. */
export function lnHardness(hardnessHrc: number, thanHrc: number): number {
  return Math.log(vickersHardness({ hardnessHrc }) / vickersHardness({ hardnessHrc: thanHrc }));
}
