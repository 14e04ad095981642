import { sum } from 'd3-array';
import type { DamageByAngle, EdgeAnswers } from '../../../core';
import { chipDepth, day, deg, plural } from '../../../ui/format';
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
    <Answer
      title={titleOf(rows, nameOf)}
      behind={`From ${plural(entries, 'touch-up')} and the looks between. Damage counts once however often it was seen; only damage from normal work speaks about the angle.`}
    >
      <AnswerTable
        heads={[
          ['Edge', false],
          ['Angle', true],
          ['Since', false],
          ['Touch-ups', true],
          ['Chips and rolls', false],
          ['Deepest', true],
          ['The angle', false],
        ]}
      >
        {rows.flatMap(({ edge, damage }) =>
          damage.stays.map((stay) => (
            <tr key={`${nameOf(edge)} ${stay.from}`}>
              <td className="font-semibold">{nameOf(edge)}</td>
              <td className="number">{deg(stay.angleDeg)} per side</td>
              <td>{stay.to ? `${day(stay.from)} to ${day(stay.to)}` : day(stay.from)}</td>
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
    found.work > 0 && `${found.work} from work`,
    found.misuse > 0 && `${found.misuse} by misuse`,
    found.factory > 0 && `${found.factory} as it came`,
    found.unknown > 0 && `${found.unknown} of unknown cause`,
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(', ') : 'none';
}

/** What the log says of the present angle, in a few words. */
function suitsWords({ stays, advice }: DamageByAngle): string {
  const { move, changeDeg, reason } = advice;
  if (move === 'steeper') return `too thin: ${deg(changeDeg)} steeper, or a micro-bevel`;
  if (move === 'flatter') return `has room: could go ${deg(-changeDeg)} flatter`;
  if (move === 'thin') return 'suits; the shoulders need thinning';
  if (reason.kind === 'open chip') return 'not to blame for the chip';
  return stays.at(-1)!.found.work === 0 ? 'suits so far' : 'keep it and look on';
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
    return `${nameOf(mended.edge)} chipped at work at ${deg(before.angleDeg)} per side, and not since ${deg(now.angleDeg)}.`;
  }
  const thin = rows.find(({ damage }) => damage.advice.move === 'steeper');
  return thin
    ? `${nameOf(thin.edge)} is too thin for its work.`
    : 'Every angle suits its work so far.';
}
