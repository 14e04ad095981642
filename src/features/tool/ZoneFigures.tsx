'use client';

import { toolWords as say } from './words/toolWords';
import { Said } from '../../ui/Term';
import {
  bevelFaceWidthMm,
  flatAngle,
  microbevel,
  profileThickness,
  sectionProfile,
  spineLift,
  facetSchedule,
} from '../../core/edge';
import { edgeHold, type HoldGuide } from '../../core/hold';
import { zoneNow } from '../../core/inspection';
import { bevelDrift, type BevelDrift, ARC_FACETS } from '../../core/jobs';
import { workingFace } from '../../core/ladder';
import { useHand, useToolLog, useZoneState } from '../../live';
import type { Tool, Zone } from '../../domain/tool';
import { day, deg, fineMm, mm, um } from '../../ui/format';
import { spoken } from '../../ui/words/closedWords';
import { HoldDrawing } from '../../ui/section/HoldDrawing';
import { SectionDrawing } from '../../ui/section/SectionDrawing';
import { Working, type WorkingLine } from '../../ui/Working';
import { holdInShort } from '../../ui/words/holdWords';

/** The section of one zone to scale, how to hold its angle, and the measures that follow. */
export function ZoneFigures(props: {
  tool: Tool;
  zone: Zone;
  /** The zone as it is stored, where the form holds another plan for it. */
  asItIs: Zone | null;
  coinThicknessMm: number;
}) {
  const { tool, zone, asItIs, coinThicknessMm } = props;
  const known = useZoneState(tool.id, zone.id);
  const state = known?.state;
  const sessions = useToolLog(tool.id)?.sessions ?? [];
  const hold = useHand()?.learned.hold ?? null;
  const drift = bevelDrift(tool, zone, sessions, hold);
  const face = workingFace(tool, zone);
  const grownMm = workingFace(tool, zoneNow(tool, zone, sessions)).faceWidthMm;
  const profile = sectionProfile(tool, zone);
  const figures: [string, string][] = [
    [say.workedFace, fineMm(face.faceWidthMm)],
    ...(grownMm > face.faceWidthMm + 0.005
      ? [[say.workedFaceByLog, fineMm(grownMm)] as [string, string]]
      : []),
    [say.thickAt(0.25), fineMm(profileThickness(profile, 0.25))],
    [say.thickAtDistance(1), fineMm(profileThickness(profile, 1))],
    [
      say.apexRadiusTested,
      state?.apex ? say.fromTo(state.apex.lowUm, state.apex.highUm) : say.notTested,
    ],
    [say.apexRadiusTarget, um(zone.targetApexUm)],
    [
      say.angleKnownBy,
      zone.angleErrorDeg === null
        ? spoken(zone.angleMethod)
        : `${spoken(zone.angleMethod)}, ± ${deg(zone.angleErrorDeg)}`,
    ],
    [say.measured, zone.measuredAt ? day(zone.measuredAt) : say.notYetUsual],
    ...(drift.touchUps > 0
      ? [[say.bevelBehindItsApex, driftWords(drift)] as [string, string]]
      : []),
  ];
  return (
    <>
      <SectionDrawing
        tool={tool}
        zone={zone}
        asItIs={asItIs}
        apexRadiusUm={state?.apex?.apexRadiusUm ?? zone.targetApexUm}
      />
      <div className="mt-6 grid gap-8 sm:grid-cols-2">
        <HoldDrawing
          tool={tool}
          zone={zone}
          hold={edgeHold({ tool, zone, coinThicknessMm })}
          coinThicknessMm={coinThicknessMm}
        />
        <table className="table-plain h-fit">
          <caption className="sr-only">{say.measuresOfThisStretch}</caption>
          <tbody>
            {figures.map(([label, value]) => (
              <tr key={label}>
                <th scope="row" className="!border-b !border-rule !font-normal">
                  <Said>{label}</Said>
                </th>
                <td className="number font-semibold">{value}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {zone.grind === 'convex' && !zone.microBevel && (
        <Facets tool={tool} zone={zone} coinThicknessMm={coinThicknessMm} />
      )}
      <Working lines={working(tool, zone)} />
    </>
  );
}

/** How far touch-ups have left a flat bevel behind, and how much steeper its apex stands. */
function driftWords({ touchUps, lagMm, steeperDeg }: BevelDrift): string {
  return say.inApexAboutSteeper(1000 * lagMm, touchUps, steeperDeg);
}

function working(tool: Tool, zone: Zone): WorkingLine[] {
  const face = workingFace(tool, zone);
  const lines: WorkingLine[] = [];
  if (face.angleDeg > flatAngle(tool)) {
    lines.push({
      what: say.spineLift,
      formula: say.spineLiftWorking(tool.bladeWidthMm, face.angleDeg, tool.spineThicknessMm / 2),
      answer: mm(spineLift({ ...tool, angleDeg: face.angleDeg })),
    });
  }
  if (zone.grind !== 'convex') {
    lines.push({
      what: say.bevelFace,
      formula: say.faceWidthWorking(zone.shoulderThicknessMm / 2, zone.bevelAngleDeg),
      answer: fineMm(bevelFaceWidthMm(zone)),
    });
  }
  if (zone.microBevel) {
    const { recessionMm } = microbevel({
      bevelAngleDeg: zone.bevelAngleDeg,
      microAngleDeg: zone.microBevel.angleDeg,
      faceWidthMm: zone.microBevel.faceWidthMm,
    });
    lines.push({
      what: say.costOfTheMicroBevel,
      formula: say.faceSinSinInDepth(
        zone.microBevel.faceWidthMm,
        zone.microBevel.angleDeg,
        zone.bevelAngleDeg,
      ),
      answer: fineMm(recessionMm),
    });
  }
  return lines;
}

/** A convex arc as a few facets, apex first, each with the lift or the tilt that finds it. */
function Facets(props: { tool: Tool; zone: Zone; coinThicknessMm: number }) {
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
