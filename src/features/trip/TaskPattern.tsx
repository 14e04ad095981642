/** The pattern of each task, from empty for the gentlest to dense for the roughest. */
const HATCH: Record<string, readonly [gap: number, weight: number, angle: number, cross: boolean]> =
  {
    'carve-green': [0, 0, 0, false],
    food: [7, 1.6, 0, true],
    feather: [9, 0.8, 0, false],
    hide: [8, 1, 90, false],
    'carve-dry': [5, 1, 0, false],
    split: [7, 1.2, 135, false],
    'baton-clean': [6, 1.2, 90, false],
    fish: [6, 1.4, 20, false],
    chop: [8, 1.6, 45, false],
    brush: [6, 1.8, 45, false],
    baton: [5, 1.8, 135, false],
    limb: [4, 2, 120, false],
    rope: [5, 1.6, 0, true],
    ground: [4, 2.2, 45, true],
  };
const OWN: readonly [number, number, number, boolean] = [6, 3, 0, false];

/** Definitions of all patterns, once on a screen. */
export function TaskPatterns({ taskIds }: { taskIds: readonly string[] }) {
  return (
    <svg width={0} height={0} className="absolute" aria-hidden>
      <defs>
        {taskIds.map((id) => {
          const [gap, weight, angle, cross] = HATCH[id] ?? OWN;
          if (gap === 0) return null;
          return (
            <pattern
              key={id}
              id={`task-${id}`}
              width={gap}
              height={gap}
              patternUnits="userSpaceOnUse"
              patternTransform={`rotate(${angle})`}
            >
              <rect width={gap} height={weight} fill="var(--ink)" />
              {cross && <rect width={weight} height={gap} fill="var(--ink)" />}
            </pattern>
          );
        })}
      </defs>
    </svg>
  );
}

/** How a bar of a task is filled. */
export function taskFill(id: string): string {
  return (HATCH[id] ?? OWN)[0] === 0 ? 'var(--color-base-100)' : `url(#task-${id})`;
}
