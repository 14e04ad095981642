import { spoken } from '../../../ui/words/closedWords';
import type { EdgeVerdict, RungReason, VerdictReason } from '../../../core/inspection/index';
import { minutes, volume } from '../../../ui/format';
import { stopWords } from '../../../ui/words/stopWords';

/** Why the verdict is what it is. */
export function verdictReason(reason: VerdictReason): string {
  switch (reason.kind) {
    case 'stop':
      return `Stop: ${stopWords(reason.stops)}. Do not use or sharpen it; replace it or take it to a professional.`;
    case 'beyond a touch-up':
      return 'A bad bend, overheated steel or damage this deep is beyond a touch-up: send it to a smith.';
    case 'test first':
      return 'Test it first: without a test there is nothing to judge.';
    case 'thin':
      if (reason.need === 'wedges') {
        return 'It is sharp and yet wedges: the edge has thickened. Lay the stone lower and move the shoulders back.';
      }
      return reason.need === 'face past its limit'
        ? 'The worked face is past its limit: lay the stone lower and move the shoulders back.'
        : 'Touch-ups have rounded the flat bevel: grind it flat again while little has to go, or let it drift.';
    case 'keen':
      return 'It meets its target. Every grind takes steel that never comes back.';
    case 'nothing at hand':
      return 'Nothing at hand works this edge: find a stone that fits it, or have it done.';
    case 'lightest':
      return `The lightest thing that brings it to its target, in about ${minutes(Math.max(1, reason.minutes))}.`;
  }
}

const RUNG_REASONS: Record<RungReason, string> = {
  'not keen': 'it does not meet its target',
  'not merely turned': 'the edge is not merely turned',
  'rounded as well as turned': 'the apex is rounded as well as turned',
  'no hone at hand': 'no smooth steel or fine ceramic rod is at hand',
  'stropping does not bring it back': 'stropping alone does not bring it back',
  'none of that size at hand': 'nothing of that size at hand works it',
  'not as near in minutes': 'it takes more than a minute, or a fifth, longer than the quickest',
  'not past its limit': 'the shoulders are not past their limit',
};

/** Why the next lighter rung is not enough; null where there is none. */
export function lighterWords({ lighter, reason }: EdgeVerdict): string | null {
  if (reason.kind === 'thin') {
    return 'Nothing lighter moves the shoulders: touch-ups at the edge’s own angle only widen it.';
  }
  return lighter && lighter.why
    ? `Not ${spoken(lighter.rung)}: ${RUNG_REASONS[lighter.why]}.`
    : null;
}

/** What the next heavier rung would waste; null where it wastes nothing to speak of. */
export function heavierWords({ heavier }: EdgeVerdict): string | null {
  if (!heavier) return null;
  const { rung, moreMm3, moreMinutes } = heavier;
  const steel = moreMm3 > 0.01 ? `${volume(moreMm3)} more steel` : null;
  const time = moreMinutes > 0.5 ? `${minutes(moreMinutes)} more` : null;
  if (!steel && !time) return null;
  return `A ${spoken(rung)} would take ${steel ?? 'no less steel'}${time ? ` and ${time}` : ''}.`;
}
