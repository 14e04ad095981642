import { ARC_PASSES, facetSchedule, puckRearLift, stoneInHand } from '../../core';
import type { Tool, Zone } from '../../domain/tool';
import { deg, fineMm, mm, placeMm } from '../../ui/format';
import { MEASURED_AT_MM } from '../../ui/words/holdWords';

/** A convex arc as a few facets, apex first, each with the lift or the tilt that finds it. */
export function Facets({ tool, zone }: { tool: Tool; zone: Zone }) {
  const overTool = stoneInHand(tool);
  const facets = facetSchedule({
    thicknessMm: zone.shoulderThicknessMm,
    cheekAngleDeg: zone.primaryAngleDeg,
    apexAngleDeg: zone.bevelAngleDeg,
    facets: ARC_PASSES,
    ...tool,
  });
  const rearLift = (angleDeg: number): string =>
    mm(
      puckRearLift({
        apexToRearRimMm: MEASURED_AT_MM,
        angleDeg,
        cheekAngleDeg: zone.primaryAngleDeg,
      }),
    );
  return (
    <table className="table-plain mt-6 max-w-xl">
      <caption className="sign pb-1 text-left text-lg">The arc as four facets, apex first</caption>
      <thead>
        <tr>
          <th>Held at, per side</th>
          <th className="number">Width</th>
          <th className="number">
            {overTool ? `Rear of the stone up, ${placeMm(MEASURED_AT_MM)} back` : 'Spine lift'}
          </th>
        </tr>
      </thead>
      <tbody>
        {facets.map(({ angleDeg, faceWidthMm, spineLiftMm }) => (
          <tr key={angleDeg}>
            <td className="figures">{deg(angleDeg)}</td>
            <td className="number">{fineMm(faceWidthMm)}</td>
            <td className="number">
              {overTool ? rearLift(angleDeg) : spineLiftMm === null ? 'lies flat' : mm(spineLiftMm)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
