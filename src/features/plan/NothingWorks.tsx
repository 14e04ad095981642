import type { JobPlan } from '../../core/jobs';
import Link from '../../ui/Link';
import { firstAnswer } from './words/firstAnswerWords';
import { helpfulStoneWords } from './words/helpfulStoneWords';
import { LeftOut } from './LeftOut';

/** Nothing at hand does it: what would, the way to it, and why the rest does not. */
export function NothingWorks({ plan }: { plan: JobPlan }) {
  return (
    <section className="mt-4 grid gap-3">
      {plan.missingStone && (
        <p className="text-lg">
          {firstAnswer.outOfReach} <b>{helpfulStoneWords(plan.missingStone)}</b>
        </p>
      )}
      <p className="flex flex-wrap gap-3">
        <Link href="/lay-out" className="btn btn-primary">
          {firstAnswer.layOutMore}
        </Link>
        <Link href="/shelf" className="btn btn-outline">
          {firstAnswer.toShelf}
        </Link>
      </p>
      <LeftOut plan={plan} />
    </section>
  );
}
