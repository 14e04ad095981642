import { spoken } from '../../ui/words/closedWords';
import { guideWords as say } from '../../ui/words/screens/guide';
import { inkAnswer, stepHold } from '../../core';
import type { SessionStep } from '../../domain/session';
import type { InkSeen, Side } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { deg, mm, sentence } from '../../ui/format';

const SIGHTS: readonly (readonly [seen: InkSeen, words: string])[] = [
  ['gone to the edge', say.allGone],
  ['left at the edge', say.leftAtTheEdge],
  ['gone at the edge alone', say.goneAtTheEdgeOnly],
];

/** What ink looks like when it goes right, and when the hold is too low or too high, with the remedy. */
export function FeelSigns(props: {
  step: SessionStep;
  side: Side;
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
}) {
  const { step, side } = props;
  const hold = stepHold(step, props, step[side]);
  if (!hold) return null;
  return (
    <ul className="grid grid-cols-3 gap-2" aria-label={say.whatInkSays}>
      {SIGHTS.map(([seen, words]) => {
        const answer = inkAnswer(seen, hold, step, props);
        return (
          <li key={seen} className="leading-tight">
            <InkPatch seen={seen} />
            <span className="figures text-[0.92rem]">
              <b className="block">{sentence(words)}</b>
              {answer.says === 'turn' ? turnWords(answer.turnDeg, answer.byMm) : say.rightSo}
            </span>
          </li>
        );
      })}
    </ul>
  );
}

function turnWords(turnDeg: number, byMm: number | null): string {
  const way = turnDeg > 0 ? 'up' : 'down';
  return byMm === null
    ? `${spoken(way)} ${deg(Math.abs(turnDeg))}`
    : `${spoken(way)} ${mm(Math.abs(byMm))}`;
}

/** A bevel with the edge below: dark where ink is left. */
function InkPatch({ seen }: { seen: InkSeen }) {
  const [y, height] =
    seen === 'left at the edge' ? [17, 9] : seen === 'gone at the edge alone' ? [1, 17] : [0, 0];
  return (
    <svg width={38} height={28} viewBox="0 0 38 28" aria-hidden>
      <rect
        x={1}
        y={1}
        width={36}
        height={26}
        fill="var(--lit)"
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      <path d="M4,24L16,4M14,24L26,4M24,24L34,8" stroke="var(--rule)" strokeWidth={1.5} />
      <rect x={1} y={y} width={36} height={height} fill="var(--ink)" />
      <path d="M1,27h36" stroke="var(--ink)" strokeWidth={3} />
    </svg>
  );
}
