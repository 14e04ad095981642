import { sum } from 'd3-array';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Finding, Observation, ToolChecks } from '../../domain/session';
import type { DamageWay, Job } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import {
  withinHandWork,
  hones,
  planThinning,
  thinningNeed,
  type EdgeJob,
  type JobPlan,
  type ThinningNeed,
  planHone,
} from '../jobs';
import { stoneClass, type StoneClass } from '../abrasive';
import { findLadder, type Ladder } from '../ladder';
import { beyondTouchUp } from './beyondTouchUp';
import { damageOf, damageToMend } from './damage';
import type { Bench } from './bench';
import { edgeJobOf } from './edgeJobOf';
import { edgeWord } from './edgeState';
import { honeReaches, lightestJob, type LightestJob } from './lightestJob';
import { ladderRequest } from './planTouchUp';
import { triage } from './triage';
import { stopReasons, type StopReason } from './stopUse';

/** The interventions, lightest first. */
export const RUNGS = [
  'leave alone',
  'hone',
  'strop',
  'fine stone',
  'medium stone',
  'coarse stone or file',
  'thin',
  'professional',
  'stop use',
] as const;
export type Rung = (typeof RUNGS)[number];

/** Why a rung does not do, or is not the one. */
export type RungReason =
  | 'not keen'
  | 'not merely turned'
  | 'rounded as well as turned'
  | 'no hone at hand'
  | 'stropping does not bring it back'
  | 'none of that size at hand'
  | 'not as near in minutes'
  | 'not past its limit';

/** What one rung would do for this edge. */
interface RungOutlook {
  rung: Rung;
  /** Minutes to the target; null where it does not reach it. */
  minutes: number | null;
  /** Steel ground away, both sides. */
  steelMm3: number;
  /** Why it is not the one; null where it is. */
  why: RungReason | null;
}

export type VerdictReason =
  | { kind: 'stop'; stops: StopReason[] }
  | { kind: 'beyond a touch-up' }
  | { kind: 'test first' }
  | { kind: 'thin'; need: ThinningNeed }
  | { kind: 'keen' }
  | { kind: 'nothing at hand' }
  | { kind: 'lightest'; minutes: number };

export interface EdgeVerdict {
  rung: Rung;
  reason: VerdictReason;
  /** The next lighter rung and why it is not enough. */
  lighter: RungOutlook | null;
  /** The next heavier rung that would do, and what it would waste. */
  heavier: { rung: Rung; moreMm3: number; moreMinutes: number } | null;
  outlooks: RungOutlook[];
  job: Job;
  plan: JobPlan | null;
  /** What is done about damage; null where there is none. */
  damageWay: DamageWay | null;
}

/** The job that a rung is done as; null where nothing is to be ground. */
export function jobOfRung(rung: Rung): Job | null {
  if (rung === 'hone' || rung === 'thin') return rung;
  return STONE_RUNGS.includes(rung) || rung === 'strop' ? 'touch-up' : null;
}

const STONE_RUNGS: readonly Rung[] = ['fine stone', 'medium stone', 'coarse stone or file'];

/** The rung of a stone, by what it is called everywhere. */
const STONE_RUNG: Record<StoneClass, Rung> = {
  fine: 'fine stone',
  medium: 'medium stone',
  coarse: 'coarse stone or file',
};

export interface Judged {
  tool: Tool;
  zone: Zone;
  seen: Observation;
  checks: ToolChecks;
  /** The log, for what has grown over many touch-ups. */
  history: readonly LoggedSession[];
  /** Radius before this look, where it holds no test; null where nothing is known. */
  knownApexUm: number | null;
  keenRadiusUm: number | null;
  damageWay?: DamageWay | null;
  bench: Bench;
}

/**
 * The lightest intervention that brings an edge to what its work asks for, as rack and plan have it,
 * with minutes for each rung, why the lighter one fails and what the heavier one would waste. Stop-use
 * comes first and cannot be overridden.
 */
export function judgeEdge(input: Judged): EdgeVerdict {
  const { tool, zone, checks, history, seen } = input;
  const { findings } = seen;
  const thinning = thinningNeed(tool, zone, history, findings);
  const damageDepthMm = damageOf(findings).depthMm;
  const beyond = beyondTouchUp({ checks, thinning, damageDepthMm });
  if (beyond === 'stop use') {
    return decided('stop use', { kind: 'stop', stops: stopReasons(checks) });
  }
  if (beyond === 'professional') return decided('professional', { kind: 'beyond a touch-up' });
  const edge = edgeJobOf({ ...input, sessions: history });
  const judged =
    edge ??
    (thinning && edgeJobOf({ ...input, sessions: history, knownApexUm: zone.targetApexUm }));
  if (!judged) return decided('leave alone', { kind: 'test first' });

  const found = lightestJob(judged, findings, beyond);
  const rung = rungOf(found, thinning);
  // One figure for one edge: the rung that is chosen takes what its plan takes.
  const outlooks = allOutlooks(judged, findings, thinning, rung).map((each) =>
    each.rung === rung && found.plan?.outcome === 'planned'
      ? { ...each, minutes: found.plan.minutes }
      : each,
  );
  return {
    ...explained(outlooks, rung),
    reason: reasonOf(found, rung, thinning),
    job: found.job,
    plan: found.plan,
    damageWay: triage(judged).way,
  };
}

function rungOf({ job, plan }: LightestJob, thinning: ThinningNeed | null): Rung {
  if (thinning || job === 'thin') return 'thin';
  if (!plan || plan.outcome === 'out of reach') return 'professional';
  if (plan.outcome === 'leave alone') return 'leave alone';
  if (job === 'hone') return 'hone';
  const ladder = plan.steps.find(({ task }) => task !== 'move the shoulders back');
  const { abrasive } = ladder ?? plan.steps[0]!;
  return abrasive.kind === 'strop' ? 'strop' : STONE_RUNG[stoneClass(abrasive.sizeUm)];
}

function reasonOf({ plan }: LightestJob, rung: Rung, thinning: ThinningNeed | null): VerdictReason {
  if (thinning) return { kind: 'thin', need: thinning };
  if (rung === 'leave alone') return { kind: 'keen' };
  if (rung === 'professional') return { kind: 'nothing at hand' };
  return { kind: 'lightest', minutes: plan!.minutes };
}

/** Every rung for this edge, lightest first. */
function allOutlooks(
  edge: EdgeJob,
  findings: readonly Finding[],
  thinning: ThinningNeed | null,
  chosen: Rung,
): RungOutlook[] {
  const { tool, zone, apexRadiusUm, abrasives } = edge;
  const keen =
    edgeWord(apexRadiusUm, zone.targetApexUm, damageToMend(tool, zone, findings)) === 'keen';
  const turned = damageOf(findings).turned;
  const atHand = hones(abrasives).length > 0;
  const honed = atHand && honeReaches({ ...edge, findings }) ? planHone(edge) : null;
  const strop = stropOutlook(edge);
  const onStones = findLadder({
    ...ladderRequest(edge),
    evenIfKeen: true,
    stropAlone: false,
    missingStone: false,
  });
  const rungs: RungOutlook[] = [
    outlook('leave alone', keen ? 0 : null, 0, 'not keen'),
    outlook(
      'hone',
      honed?.minutes ?? null,
      0,
      !turned ? 'not merely turned' : atHand ? 'rounded as well as turned' : 'no hone at hand',
    ),
    strop,
    ...STONE_RUNGS.map((rung) => stoneOutlook(rung, onStones.firstStones)),
    thinning ? thinOutlook(edge) : outlook('thin', null, 0, 'not past its limit'),
  ];
  return rungs.map((each) =>
    each.rung === chosen
      ? { ...each, why: null }
      : { ...each, why: each.why ?? 'not as near in minutes' },
  );
}

function stropOutlook(edge: EdgeJob): RungOutlook {
  const plan = findLadder({
    ...ladderRequest(edge),
    abrasives: edge.abrasives.filter(({ kind }) => kind === 'strop'),
    missingStone: false,
  });
  const reaches = plan.outcome === 'planned' && !plan.shortOf.apex;
  return outlook('strop', reaches ? plan.minutes : null, 0, 'stropping does not bring it back');
}

/** The quickest ladder that begins with a stone of one class. */
function stoneOutlook(rung: Rung, firstStones: Ladder['firstStones']): RungOutlook {
  const best = firstStones
    .filter(({ sizeUm }) => STONE_RUNG[stoneClass(sizeUm)] === rung)
    .reduce<Ladder['firstStones'][number] | null>(
      (a, b) => (a && a.minutes <= b.minutes ? a : b),
      null,
    );
  return best
    ? outlook(rung, best.minutes, best.steelMm3, 'not as near in minutes')
    : outlook(rung, null, 0, 'none of that size at hand');
}

function thinOutlook(edge: EdgeJob): RungOutlook {
  const plan = withinHandWork(planThinning(edge));
  const minutes = plan.outcome === 'planned' ? plan.minutes : null;
  return outlook('thin', minutes, steelOf(plan), 'none of that size at hand');
}

function steelOf({ steps }: Ladder): number {
  return sum(steps, ({ volumeMm3 }) => volumeMm3);
}

function outlook(
  rung: Rung,
  minutes: number | null,
  steelMm3: number,
  why: RungReason,
): RungOutlook {
  return { rung, minutes, steelMm3, why };
}

function explained(outlooks: RungOutlook[], rung: Rung) {
  const at = outlooks.findIndex((each) => each.rung === rung);
  const chosen = outlooks[at];
  const heavier = outlooks.slice(at + 1).find(({ minutes }) => minutes !== null);
  return {
    rung,
    outlooks,
    lighter: at > 0 ? outlooks[at - 1]! : null,
    heavier:
      chosen && heavier
        ? {
            rung: heavier.rung,
            moreMm3: heavier.steelMm3 - chosen.steelMm3,
            moreMinutes: heavier.minutes! - (chosen.minutes ?? 0),
          }
        : null,
  };
}

function decided(rung: Rung, reason: VerdictReason): EdgeVerdict {
  return {
    rung,
    reason,
    lighter: null,
    heavier: null,
    outlooks: [],
    job: 'touch-up',
    plan: null,
    damageWay: null,
  };
}
