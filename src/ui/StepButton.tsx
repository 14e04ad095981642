/** One step less or more of something, at the side of its value. */
export function StepButton(props: {
  by: -1 | 1;
  label: string;
  disabled?: boolean;
  onStep: () => void;
}) {
  const { by, label, disabled, onStep } = props;
  return (
    <button
      type="button"
      className="btn btn-outline w-12 px-0 text-2xl"
      aria-label={label}
      disabled={disabled}
      onClick={onStep}
    >
      {by < 0 ? '−' : '+'}
    </button>
  );
}
