'use client';

import { guideWords as say } from './words/guideWords';
import { BURR_PARTS, gateLooks, type Gate } from '../../core/touchUp';
import type { SessionStep } from '../../domain/session';
import type { Side } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { ActionRow } from '../../ui/ActionRow';
import { BurrWalk } from './BurrWalk';
import type { GuideAction } from './guideAction';

interface LookProps {
  step: SessionStep;
  /** The side that was worked last; its burr stands on the other. */
  worked: Side;
  tool: Tool;
  zone: Zone;
  act: (action: GuideAction) => void;
}

/** Three looks, each by a tap, before the first stone is left; and a question where hardly a stroke is done. */
export default function LeavePanel(
  props: LookProps & {
    gate: Gate;
    onBack: () => void;
    onNext: () => void;
  },
) {
  const { gate, step, onBack, onNext } = props;
  const looks = gateLooks(step);
  const done = step.left + step.right;
  const isThrough = looks.burr === true && looks.ink === true && looks.glint === true;
  return (
    <>
      <section className="mx-auto grid w-full max-w-3xl flex-1 content-start gap-5 px-4 py-6 sm:px-8">
        <h2>{gate.early ? earlyWords(step) : say.beforeYouLeaveThe(step.abrasiveName)}</h2>
        {gate.first && <ThreeLooks {...props} looks={looks} />}
        <p className="text-soft">{done > 0 ? say.askedOnceAfter(done) : say.askedOnceAtAStep}</p>
      </section>
      <ActionRow>
        <button
          type="button"
          className={`btn px-6 ${isThrough ? 'btn-outline' : 'btn-primary'}`}
          onClick={onBack}
        >
          {say.goOnWithThisStep}
        </button>
        <button
          type="button"
          className={`btn px-6 ${isThrough ? 'btn-primary' : 'btn-outline'}`}
          onClick={onNext}
        >
          {isThrough ? say.allThereNextStep : say.leaveItAllTheSame}
        </button>
      </ActionRow>
    </>
  );
}

/** Burr, ink and glint of a first stone, each with its answer; a burr with gaps is walked along. */
function ThreeLooks(props: LookProps & { looks: ReturnType<typeof gateLooks> }) {
  const { step, worked, tool, zone, act, looks } = props;
  const side: Side = worked === 'left' ? 'right' : 'left';
  const felt = (isFelt: boolean): boolean[] => Array<boolean>(BURR_PARTS).fill(isFelt);
  return (
    <>
      <p className="max-w-[60ch]">{say.whatTheFirstStoneLeaves}</p>
      <Look
        question={say.burr}
        answers={[say.allAlong, say.notEverywhere]}
        chosen={looks.burr}
        onChoose={(isFelt) => act({ type: 'burr', side, felt: felt(isFelt) })}
      />
      <Look
        question={say.ink}
        answers={[say.goneToTheEdge, say.leftAtTheEdge]}
        chosen={looks.ink}
        onChoose={(isGone) =>
          act({ type: 'ink', seen: isGone ? 'gone to the edge' : 'left at the edge' })
        }
      />
      <Look
        question={say.glint}
        answers={[say.noGlint, say.someGlint]}
        chosen={looks.glint}
        onChoose={(isNone) => act({ type: 'glint', seen: !isNone })}
      />
      {looks.burr === false && (
        <BurrWalk
          step={step}
          worked={worked}
          tool={tool}
          zone={zone}
          onFelt={(on, parts) => act({ type: 'burr', side: on, felt: parts })}
        />
      )}
    </>
  );
}

function earlyWords({ left, right, plannedPerSide, abrasiveName }: SessionStep): string {
  return say.leaveStoneEarly(left + right, 2 * plannedPerSide, abrasiveName);
}

/** One look: two answers side by side, the first of them the good one. */
function Look(props: {
  question: string;
  answers: readonly [yes: string, no: string];
  chosen: boolean | null;
  onChoose: (isGood: boolean) => void;
}) {
  const { question, answers, chosen, onChoose } = props;
  return (
    <fieldset className="grid grid-cols-[5rem_1fr_1fr] items-center gap-2">
      <legend className="sr-only">{question}</legend>
      <span aria-hidden className="sign text-xl">
        {question}
      </span>
      {answers.map((answer, i) => {
        const isChosen = chosen === (i === 0);
        return (
          <button
            key={answer}
            type="button"
            aria-pressed={isChosen}
            className={`btn min-h-14 ${isChosen ? 'btn-neutral' : 'btn-outline'}`}
            onClick={() => onChoose(i === 0)}
          >
            {answer}
          </button>
        );
      })}
    </fieldset>
  );
}
