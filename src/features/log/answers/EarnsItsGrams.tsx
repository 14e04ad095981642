import { counted } from '../../../ui/words/counted';
import { logAnswersWords as say } from '../../../ui/words/screens/logAnswers';
import type { EarnedGrams } from '../../../core';
import { grams, listed, minutes, rounded } from '../../../ui/format';
import { Bar } from '../../../ui/plot';
import { Answer, AnswerTable } from './Answer';

/** Which thing earns its grams: minutes saved for each hundred grams on each past trip. */
export function EarnsItsGrams({ earned }: { earned: readonly EarnedGrams[] }) {
  if (earned.length === 0) return null;
  const most = Math.max(...earned.map(({ minutesPer100g }) => minutesPer100g), 0.1);
  const trips = Math.max(...earned.map((each) => each.trips));
  return (
    <Answer title={titleOf(earned)} behind={say.fromThatOverEveryTouch(trips)}>
      <AnswerTable
        heads={[
          [say.thing, false],
          [say.weight, true],
          [say.carriedUsed, true],
          [say.saved, true],
          [say.forEach100GAnd, false],
          [say.nothingElseCouldDo, true],
        ]}
      >
        {earned.map((each) => (
          <tr key={each.itemId}>
            <td className="font-semibold">{each.name}</td>
            <td className="number">{grams(each.massG)}</td>
            <td className="number">
              {each.trips}, {each.usedOn === 0 ? say.never : each.usedOn}
            </td>
            <td className="number">{each.savedMinutes > 0 ? minutes(each.savedMinutes) : '–'}</td>
            <td>
              <span className="flex items-center gap-2">
                <Bar value={each.minutesPer100g} most={most} width={150} />
                <span className="figures whitespace-nowrap">
                  {each.minutesPer100g > 0 ? `${rounded(each.minutesPer100g, 1)} min` : '–'}
                </span>
              </span>
            </td>
            <td className="number">{each.onlyFor > 0 ? counted.touchUp(each.onlyFor) : '–'}</td>
          </tr>
        ))}
      </AnswerTable>
    </Answer>
  );
}

function titleOf(earned: readonly EarnedGrams[]): string {
  const best = earned[0]!;
  const idle = earned.filter(
    ({ usedOn, savedMinutes, onlyFor }) => usedOn === 0 && savedMinutes === 0 && onlyFor === 0,
  );
  const first =
    best.onlyFor > 0
      ? say.nothingElseCouldDoWhat(best.name)
      : best.minutesPer100g > 0
        ? say.earnsItsGramsBest(best.name)
        : say.nothingThatWasCarriedSaved;
  const title = first.charAt(0).toUpperCase() + first.slice(1);
  if (idle.length === 0) return `${title}.`;
  return say.wasNeverUsed(title, listed(idle.map(({ name }) => name)));
}
