import { apexAngle, edgeByHold, type EdgeNeed, type SetStudy } from '../../core';
import { edgeName } from '../../domain/edgeName';
import { deg } from '../../ui/format';
import { labLink } from '../../ui/labLink';
import Link from '../../ui/Link';
import { coachWords as say, setTitle } from '../../ui/words/holdCoachWords';
import { SetSquares } from './SetSquares';

/** What a set comes to: its strokes one by one, how the hand held, and what that does to the edge. */
export function SetResult(props: {
  study: SetStudy;
  need: EdgeNeed;
  meantDeg: number;
  bandDeg: number;
}) {
  const { study, need, meantDeg, bandDeg } = props;
  const { meanDeg, wobbleDeg, driftDeg, backSteeperDeg, bellyLiftDeg, heldShare, strokes } = study;
  if (!wobbleDeg) return <p className="text-lg">{say.tooFew}</p>;
  const figure = ({ value, se }: { value: number; se: number }): string =>
    `${deg(value)} ± ${deg(se)}`;
  const rows: [string, string, string][] = [
    [say.mean, figure(meanDeg), say.asked(deg(meantDeg))],
    [say.wobble, figure(wobbleDeg), ''],
    [
      say.backSteeper,
      backSteeperDeg ? figure(backSteeperDeg) : '–',
      backSteeperDeg ? '' : say.backUnknown,
    ],
    [say.bellyLift, bellyLiftDeg ? figure(bellyLiftDeg) : '–', say.bellyMore],
    [say.drift, driftDeg ? figure(driftDeg) : '–', driftDeg ? '' : say.driftUnknown],
    [
      say.held,
      `${Math.round(heldShare * strokes.length)} / ${strokes.length}`,
      say.path(deg(bandDeg)),
    ],
  ];
  return (
    <div>
      <h2>{setTitle(study)}</h2>
      <SetSquares strokes={strokes} meantDeg={meantDeg} bandDeg={bandDeg} />
      <table className="table-plain w-full">
        <tbody>
          {rows.map(([what, value, more]) => (
            <tr key={what}>
              <th scope="row" className="!border-b !border-rule text-left font-normal">
                {what}
              </th>
              <td className="number font-semibold !whitespace-nowrap">{value}</td>
              <td className="text-right text-soft">{more}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <EdgeOfIt
        need={need}
        wobbleDeg={wobbleDeg.value}
        backSteeperDeg={backSteeperDeg?.value ?? 0}
      />
    </div>
  );
}

/** What such a hand does to the edge, by the lab; and the way there. */
function EdgeOfIt(props: { need: EdgeNeed; wobbleDeg: number; backSteeperDeg: number }) {
  const { need, wobbleDeg, backSteeperDeg } = props;
  const { tool, zone } = need;
  const angleDeg = apexAngle(zone);
  const hold = { angleDeg, wobbleDeg, leftSteeperDeg: 0, backSteeperDeg };
  const { edgeInclusiveDeg, strokesPerSide } = edgeByHold({ tool, zone, hold });
  const link = `${labLink({ toolId: tool.id, zoneId: zone.id, question: 'wobble' })}&wobble=${wobbleDeg.toFixed(2)}&back=${backSteeperDeg.toFixed(2)}`;
  return (
    <div className="mt-3">
      <h3>{say.edgeTitle(edgeName(tool, zone), deg(edgeInclusiveDeg.p50), deg(2 * angleDeg))}</h3>
      <p>
        {say.edgeLine(strokesPerSide)}.{' '}
        <Link href={link} className="link inline-flex min-h-12 items-center">
          {say.inTheLab}
        </Link>
      </p>
    </div>
  );
}
