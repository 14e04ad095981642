import { spoken } from './closedWords';
import { stoneClass } from '../../core/abrasive';
import { asksForWork, type EdgeNeed } from '../../core/inspection';
import { minutes } from '../format';
import { leftDamageWords } from './leftDamageWords';
import { findingNotes } from './findingNotes';
import { stopWords } from './stopWords';

const STONE_WORDS = { fine: 'Fine stone', medium: 'Medium stone', coarse: 'Coarse stone' } as const;

/** How an edge stands, in the one word that every list says of it. */
export function edgeStands({ state, stops }: Pick<EdgeNeed, 'state' | 'stops'>): string {
  if (stops.length > 0) return 'stop use';
  return state.word === 'unknown' ? 'not tested' : spoken(state.word);
}

/** What an edge needs, in a word or two: the lightest thing first. */
export function workInWords(need: EdgeNeed): string {
  const { plan, stops, beyond, thinning, job } = need;
  if (beyond === 'stop use') return `Stop: ${stopWords(stops.slice(0, 1))}`;
  if (beyond === 'professional') return 'To a smith';
  if (thinning === 'face past its limit' || thinning === 'wedges') return 'Thin the shoulders';
  if (thinning === 'bevel drifted') return 'Grind the bevel flat';
  if (job === 'hone') return `Hone, ${plan!.steps[0]!.strokesPerSide} a side`;
  if (!plan) return 'Test it first';
  if (!asksForWork(need)) {
    return plan.leftDamage ? `Leave the chip: ${leftDamageWords(plan.leftDamage)}` : 'Leave it';
  }
  if (plan.outcome === 'out of reach') return 'Nothing at hand works it';
  const first = plan.steps[0]!.abrasive;
  if (first.kind === 'strop') return 'Strop';
  if (first.form === 'file') return 'File, then stone';
  const toChip = plan.steps[0]!.task === 'grind out damage';
  return `${STONE_WORDS[stoneClass(first.sizeUm)]}${toChip ? ' to the chip' : ''}`;
}

/** The same with its minutes, and what else was found. */
export function workWithMinutes(need: EdgeNeed): string {
  const words = workInWords(need);
  const work =
    asksForWork(need) && need.plan?.outcome === 'planned'
      ? `${words}, ${minutes(need.plan.minutes)}`
      : words;
  const others = findingNotes(need.state.findings).map(({ short }) => short);
  return [work, ...others].join('; ');
}
