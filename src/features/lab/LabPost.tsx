import { STROKE_QUESTIONS, type StrokeAnswer, type StrokeQuestionId } from '../../core';
import { answerShort, labWords as say, QUESTION_WORDS } from '../../ui/words/labWords';

/** The questions as fingers of one post, each with its answer for this tool and hand below. */
export function LabPost(props: {
  question: StrokeQuestionId;
  answers: readonly StrokeAnswer[];
  onAsk: (question: StrokeQuestionId) => void;
}) {
  const { question, answers, onAsk } = props;
  return (
    <nav aria-label={say.questions}>
      <ul className="grid gap-2 border-l-[12px] border-wood py-3 sm:max-lg:grid-cols-2">
        {STROKE_QUESTIONS.map((id) => {
          const answer = answers.find((each) => each.question === id);
          return (
            <li key={id} className="-ml-4">
              <button
                type="button"
                aria-pressed={id === question}
                className={`lab-finger ${id === question ? 'bg-neutral text-neutral-content' : 'bg-base-200 hover:underline'}`}
                onClick={() => onAsk(id)}
              >
                <span className="sign block text-[1.06rem]">{QUESTION_WORDS[id]}</span>
                <span className="block min-h-5 text-[0.92rem]">
                  {answer ? answerShort(answer) : ''}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </nav>
  );
}
