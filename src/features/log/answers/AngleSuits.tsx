import { logAnswersWords as say } from './words';
import { sum } from 'd3-array';
import type { DamageByAngle, EdgeAnswers } from '../../../core/answers';
import { chipDepth, day } from '../../../ui/format';
import type { EdgeNamer } from '../../../ui/words/edgeNames';
import { Answer, AnswerTable } from './Answer';

type Stay = DamageByAngle['stays'][number];

/** Damage against angle and cause, and whether each angle suits its work. */
export function AngleSuits({
  edges,
  nameOf,
}: {
  edges: readonly EdgeAnswers[];
  nameOf: EdgeNamer;
}) {
  const rows = edges.flatMap(({ damage, ...edge }) => (damage ? [{ edge, damage }] : []));
  if (rows.length === 0) return null;
  const entries = sum(rows, ({ damage }) => sum(damage.stays, ({ touchUps }) => touchUps));
  return (
    <Answer title={titleOf(rows, nameOf)} behind={say.fromAndTheLooksBetween(entries)}>
      <AnswerTable
        heads={[
          [say.edge, false],
          [say.angle, true],
          [say.since, false],
          [say.touchUps, true],
          [say.chipsAndRolls, false],
          [say.deepest, true],
          [say.theAngle, false],
        ]}
      >
        {rows.flatMap(({ edge, damage }) =>
          damage.stays.map((stay) => (
            <tr key={`${nameOf(edge)} ${stay.from}`}>
              <td className="font-semibold">{nameOf(edge)}</td>
              <td className="number">{say.perSide(stay.angleDeg)}</td>
              <td>{stay.to ? say.fromTo(stay.from, stay.to) : day(stay.from)}</td>
              <td className="number">{stay.touchUps}</td>
              <td>{foundWords(stay)}</td>
              <td className="number">{stay.deepestMm > 0 ? chipDepth(stay.deepestMm) : '–'}</td>
              <td>{stay.to ? 'left' : suitsWords(damage)}</td>
            </tr>
          )),
        )}
      </AnswerTable>
    </Answer>
  );
}

function foundWords({ found }: Stay): string {
  const parts = [
    found.work > 0 && say.fromWork(found.work),
    found.misuse > 0 && say.byMisuse(found.misuse),
    found.factory > 0 && say.asItCame(found.factory),
    found.unknown > 0 && say.ofUnknownCause(found.unknown),
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(', ') : say.noneFits;
}

/** What the log says of the present angle, in a few words. */
function suitsWords({ stays, advice }: DamageByAngle): string {
  const { move, changeDeg, reason } = advice;
  if (move === 'steeper') return say.tooThinGoSteeper(changeDeg);
  if (move === 'flatter') return say.hasRoomCouldGoFlatter(-changeDeg);
  if (move === 'thin') return say.suitsTheShouldersNeedThinning;
  if (reason.kind === 'open chip') return say.notToBlameForChip;
  return stays.at(-1)!.found.work === 0 ? say.suitsSoFar : say.keepItAndLookOn;
}

function titleOf(
  rows: readonly { edge: Pick<EdgeAnswers, 'toolId' | 'zoneId'>; damage: DamageByAngle }[],
  nameOf: EdgeNamer,
): string {
  const mended = rows.find(({ damage: { stays } }) => {
    const [before, now] = [stays.at(-2), stays.at(-1)!];
    return before && before.found.work > 0 && now.found.work === 0 && now.touchUps >= 3;
  });
  if (mended) {
    const { stays } = mended.damage;
    const [before, now] = [stays.at(-2)!, stays.at(-1)!];
    return say.chippedAtAngle(nameOf(mended.edge), before.angleDeg, now.angleDeg);
  }
  const thin = rows.find(({ damage }) => damage.advice.move === 'steeper');
  return thin ? say.tooThinForItsWork(nameOf(thin.edge)) : say.everyAngleSuitsItsWork;
}
