import { spokenText } from '../../ui/words/closedWords';
import type { Ladder } from '../../core/ladder';
import { unfitWords } from '../../ui/words/unfitWords';

/** What on the shelf does not serve, or is needed and not there, and why. */
export function LeftOut({ plan }: { plan: Ladder }) {
  if (plan.leftOut.length === 0) return null;
  return (
    <ul className="text-soft">
      {plan.leftOut.map(({ id, name, reason }) => (
        <li key={id}>
          {spokenText(name)}: {unfitWords(reason)}
        </li>
      ))}
    </ul>
  );
}
