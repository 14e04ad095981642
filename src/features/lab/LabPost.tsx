import { labWords as say, QUESTION_WORDS, type LabQuestionId } from '../../ui/words/labWords';
import type { ShortAnswers } from './useShortAnswers';
import { LAB_QUESTIONS } from '../../ui/labAddress';

/** The questions as fingers of one post, each with its answer for this tool and hand below. */
export function LabPost(props: {
  question: LabQuestionId;
  answers: ShortAnswers;
  /** Whether there are strokes to play. */
  hasSteps: boolean;
  onAsk: (question: LabQuestionId) => void;
}) {
  const { question, answers, hasSteps, onAsk } = props;
  const asked = LAB_QUESTIONS.filter((id) => id !== 'steps' || hasSteps);
  return (
    <nav aria-label={say.questions}>
      <ul className="grid gap-2 border-l-[12px] border-wood py-3 sm:max-lg:grid-cols-2">
        {asked.map((id) => (
          <li key={id} className="-ml-4">
            <button
              type="button"
              aria-pressed={id === question}
              className={`lab-finger ${id === question ? 'bg-neutral text-neutral-content' : 'bg-base-200 hover:underline'}`}
              onClick={() => onAsk(id)}
            >
              <span className="sign block text-[1.06rem]">{QUESTION_WORDS[id]}</span>
              <span className="block min-h-5 text-[0.92rem]">{answers.get(id) ?? ''}</span>
            </button>
          </li>
        ))}
      </ul>
    </nav>
  );
}
