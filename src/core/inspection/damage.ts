import type { Finding } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { toolForm, usualDamageWay, workingFace, type Stretch } from '../ladder';

/** Damage of a chopping tool is ground out so far either side of the outermost chips (mm). */
const MARGIN_MM = 30;
/** A mark shallower than this (mm) is not seen, let alone ground out. */
const SEEN_FROM_MM = 0.001;
/** A turned edge shallower than this is set straight by a hone (mm). */
const HONEABLE_MM = 0.1;

/** What is broken out of an edge, or turned. */
export interface Damage {
  /** Depth (mm) of the deepest damage that is not left on purpose. */
  depthMm: number;
  /** Where it lies, with a margin; null where there is none. */
  stretch: Stretch | null;
  /** Whether the edge is only turned: rolled, and nothing broken out. */
  turned: boolean;
}

function isDamage({ kind, leftOnPurpose }: Finding): boolean {
  return !leftOnPurpose && (kind === 'chip' || kind === 'roll' || kind === 'out-of-true');
}

/** The damage among some findings that is not left on purpose. */
export function damageOf(findings: readonly Finding[]): Damage {
  const damage = findings.filter((finding) => isDamage(finding) && finding.depthMm >= SEEN_FROM_MM);
  const depthMm = Math.max(0, ...damage.map((finding) => finding.depthMm));
  const places = damage.map(({ atMm }) => atMm);
  return {
    depthMm,
    stretch:
      damage.length === 0
        ? null
        : {
            startMm: Math.max(0, Math.min(...places) - MARGIN_MM),
            endMm: Math.max(...places) + MARGIN_MM,
          },
    turned:
      damage.length > 0 && damage.every(({ kind }) => kind === 'roll') && depthMm <= HONEABLE_MM,
  };
}

/** Depth (mm) of the damage that is to be mended: none where it is usually left to later touch-ups. */
export function damageToMend(tool: Tool, zone: Zone, findings: readonly Finding[]): number {
  const { depthMm } = damageOf(findings);
  if (depthMm === 0 || toolForm(tool.kind) === 'knife') return depthMm;
  const way = usualDamageWay({ face: workingFace(tool, zone), depthMm, where: 'bench' });
  return way === 'leave it' ? 0 : depthMm;
}
