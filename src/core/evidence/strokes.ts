import type { Evidence, StrokesEvidence } from './evidence';
import { PRIORS } from '../priors';
import { blurred, onGrid, product, valueAt, type OnGrid } from './grid';
import { lnHardness, strokesLikelihood } from './likelihood';

/** Steps older than so many of a thing are left out: a hand changes, and the newest say as much. */
const LATEST_STEPS = 120;

/** The evidence on strokes; of each thing its latest. */
export function strokesOf(evidence: readonly Evidence[]): StrokesEvidence[] {
  const counted = new Map<string, number>();
  return evidence
    .filter((each) => each.what === 'strokes')
    .sort((a, b) => Date.parse(b.at) - Date.parse(a.at))
    .filter(({ itemId }) => {
      const count = (counted.get(itemId) ?? 0) + 1;
      counted.set(itemId, count);
      return count <= LATEST_STEPS;
    });
}

/**
 * What steps on one tool say together of a factor, at a hardness: whatever is off in its measures is off in all
 * of them alike, so that many steps on one tool say less than as many on several.
 */
export function onTool(steps: readonly StrokesEvidence[], hardnessHrc: number | null): OnGrid {
  return blurred(product(steps.map((each) => shifted(each, hardnessHrc))), PRIORS.toolSdLn.value);
}

/** A step's likelihood as one of a factor at another hardness than it assumed; as it is where that is open. */
function shifted(evidence: StrokesEvidence, hardnessHrc: number | null): OnGrid {
  const own = strokesLikelihood(evidence);
  if (hardnessHrc === null || evidence.hardnessHrc === null) return own;
  const by = lnHardness(hardnessHrc, evidence.hardnessHrc);
  // At the harder steel more strokes are predicted, so that the factor is the smaller.
  return Math.abs(by) < 1e-9 ? own : onGrid((ln) => valueAt(own, ln + by));
}
