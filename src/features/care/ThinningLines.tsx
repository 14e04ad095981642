import { touchUpLink } from '../../ui/links';
import { careWords as say } from '../../ui/words/screens/care';
import { useEdgeNeeds } from '../../live';
import { edgeName } from '../../domain/edgeName';
import { minutes } from '../../ui/format';
import Link from '../../ui/Link';
import { workInWords } from '../../ui/words/needWords';

/** Edges whose shoulders wedge, or whose bevel has drifted: that is care, and has its own plan. */
export function ThinningLines() {
  const needs = (useEdgeNeeds() ?? []).filter(
    ({ thinning, beyond }) => thinning !== null && (beyond === null || beyond === 'thin'),
  );
  return needs.map((need) => {
    const { tool, zone, plan } = need;
    return (
      <li
        key={`${tool.id} ${zone.id}`}
        className="grid min-h-14 grid-cols-[3rem_minmax(0,1fr)_auto] max-sm:grid-cols-[1.5rem_minmax(0,1fr)_auto] items-center gap-x-3 border-b border-rule"
      >
        <span />
        <span>
          <b>
            {edgeName(tool, zone)}: {workInWords(need).toLowerCase()}
          </b>{' '}
          {plan?.outcome === 'planned' && (
            <span className="figures text-soft">{minutes(plan.minutes)}</span>
          )}
        </span>
        <Link href={touchUpLink(need)} className="link inline-flex min-h-12 shrink-0 items-center">
          {say.planIt}
        </Link>
      </li>
    );
  });
}
