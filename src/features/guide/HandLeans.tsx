import { handLeans, type Hold } from '../../core/hold';
import type { SessionStep } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { useHand } from '../../live';
import { leanWords } from './words/leanWords';

/** How this hand leans by its practised sets, and what takes it out of this hold. */
export default function HandLeans(props: {
  step: SessionStep;
  hold: Hold;
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
}) {
  const { step, hold, ...held } = props;
  const learned = useHand()?.learned.hold ?? null;
  return handLeans(learned, hold, step, held).map((lean) => (
    <p key={lean.of} className="text-[1.08rem]">
      {leanWords(lean, learned!.sets)}
    </p>
  ));
}
