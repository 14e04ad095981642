/** A few buttons side by side, of which one is down. */
export function PressedRow<T extends string>(props: {
  label: string;
  options: readonly (readonly [value: T, text: string])[];
  chosen: T;
  onChoose: (value: T) => void;
  /** Where the row stands. */
  className?: string;
}) {
  const { label, options, chosen, onChoose, className = '' } = props;
  return (
    <div
      role="group"
      aria-label={label}
      className={`grid auto-cols-fr grid-flow-col gap-1 ${className}`}
    >
      {options.map(([value, text]) => (
        <button
          key={value}
          type="button"
          aria-pressed={value === chosen}
          className={`btn px-1 ${value === chosen ? 'btn-neutral' : 'btn-outline'}`}
          onClick={() => onChoose(value)}
        >
          {text}
        </button>
      ))}
    </div>
  );
}
