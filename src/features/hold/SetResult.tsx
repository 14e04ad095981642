import { apexAngle } from '../../core/edge';
import type { EdgeNeed } from '../../core/inspection';
import { edgeByHold } from '../../core/lab';
import type { SetStudy, HeldStroke } from '../../core/measure';
import { edgeName } from '../../domain/edgeName';
import { deg } from '../../ui/format';
import { labLink } from '../../ui/labLink';
import Link from '../../ui/Link';
import { coachWords as say, setTitle } from './words';
import { scaleLinear } from 'd3-scale';
import { useWidth } from '../../ui/useWidth';

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
    [say.mean, figure(meanDeg), say.asked(meantDeg)],
    [say.wobble, figure(wobbleDeg), ''],
    [
      say.backSteeper,
      backSteeperDeg ? figure(backSteeperDeg) : '–',
      backSteeperDeg ? '' : say.backUnknown,
    ],
    [say.bellyLift, bellyLiftDeg ? figure(bellyLiftDeg) : '–', say.bellyMore],
    [say.drift, driftDeg ? figure(driftDeg) : '–', driftDeg ? '' : say.driftUnknown],
    [say.held, `${Math.round(heldShare * strokes.length)} / ${strokes.length}`, say.path(bandDeg)],
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
      <h3>{say.edgeTitle(edgeName(tool, zone), edgeInclusiveDeg.p50, 2 * angleDeg)}</h3>
      <p>
        {say.edgeLine(strokesPerSide)}.{' '}
        <Link href={link} className="link inline-flex min-h-12 items-center">
          {say.inTheLab}
        </Link>
      </p>
    </div>
  );
}

const SQUARE_PX = 9;
const STEP_DEG = 0.5;
const HALF_PX = 74;
const PATHS_SHOWN = 4;

/** One square a stroke over the angles that they were held at: out filled above the rule, back hollow below it. */
function SetSquares(props: { strokes: readonly HeldStroke[]; meantDeg: number; bandDeg: number }) {
  const { strokes, meantDeg, bandDeg } = props;
  const [ref, width] = useWidth<SVGSVGElement>(340);
  const reach = Math.max(
    PATHS_SHOWN * bandDeg,
    ...strokes.map((s) => Math.abs(s.meanDeg - meantDeg)),
  );
  const x = scaleLinear([meantDeg - reach, meantDeg + reach], [14, width - 14]);
  const stacks = new Map<string, number>();
  return (
    <svg ref={ref} height={2 * HALF_PX + 20} className="block w-full" aria-hidden fontSize={14}>
      <rect
        x={x(meantDeg - bandDeg)}
        width={x(meantDeg + bandDeg) - x(meantDeg - bandDeg)}
        y={4}
        height={2 * HALF_PX - 8}
        fill="var(--ink)"
        opacity={0.07}
      />
      <path d={`M8,${HALF_PX}H${width - 8}`} stroke="var(--ink)" strokeWidth={2} />
      {strokes.map(({ meanDeg, way, fromSeconds }) => {
        const bin = Math.round((meanDeg - meantDeg) / STEP_DEG);
        const isBack = way === 'back';
        const key = `${bin} ${String(isBack)}`;
        const at = stacks.get(key) ?? 0;
        stacks.set(key, at + 1);
        const y = isBack
          ? HALF_PX + 4 + at * (SQUARE_PX + 1)
          : HALF_PX - 4 - SQUARE_PX - at * (SQUARE_PX + 1);
        return (
          <rect
            key={fromSeconds}
            x={x(meantDeg + bin * STEP_DEG) - SQUARE_PX / 2}
            y={y}
            width={SQUARE_PX}
            height={SQUARE_PX}
            fill={isBack ? 'none' : 'var(--ink)'}
            stroke="var(--ink)"
          />
        );
      })}
      <text x={8} y={14}>
        {say.out}
      </text>
      <text x={8} y={2 * HALF_PX - 4}>
        {say.backWay}
      </text>
      {[meantDeg - bandDeg, meantDeg, meantDeg + bandDeg].map((value) => (
        <text key={value} x={x(value)} y={2 * HALF_PX + 14} textAnchor="middle">
          {deg(value)}
        </text>
      ))}
    </svg>
  );
}
