import { toolWords as say } from '../../ui/words/screens/tool';
import { Said } from '../../ui/Term';
import { ARC_FACETS, edgeHold, facetSchedule, type HoldGuide } from '../../core';
import type { Tool, Zone } from '../../domain/tool';
import { deg, fineMm } from '../../ui/format';
import { holdInShort } from '../../ui/words/holdWords';

/** A convex arc as a few facets, apex first, each with the lift or the tilt that finds it. */
export function Facets(props: { tool: Tool; zone: Zone; coinThicknessMm: number }) {
  const { tool, zone, coinThicknessMm } = props;
  const facets = facetSchedule({
    thicknessMm: zone.shoulderThicknessMm,
    cheekAngleDeg: zone.primaryAngleDeg,
    apexAngleDeg: zone.bevelAngleDeg,
    facets: ARC_FACETS,
    ...tool,
  });
  const guideOf = (angleDeg: number): HoldGuide =>
    edgeHold({ tool, zone, coinThicknessMm }, angleDeg).guide;
  return (
    <table className="table-plain mt-6 max-w-xl">
      <caption className="sign pb-1 text-left text-lg">{say.theArcAsFourFacets}</caption>
      <thead>
        <tr>
          <th>
            <Said>{say.heldAtPerSide}</Said>
          </th>
          <th className="number">{say.width}</th>
          <th className="number">{say.heldBy}</th>
        </tr>
      </thead>
      <tbody>
        {facets.map(({ angleDeg, faceWidthMm }) => (
          <tr key={angleDeg}>
            <td className="figures">{deg(angleDeg)}</td>
            <td className="number">{fineMm(faceWidthMm)}</td>
            <td className="number">{holdInShort(guideOf(angleDeg))}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
