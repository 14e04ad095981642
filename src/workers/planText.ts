/** What JSON has no number for is written as this word. */
const NO_LIMIT = 'Infinity';

/** A plan, or what is asked for one, as JSON text in which a limit that is none survives. */
export function planText(value: unknown): string {
  return JSON.stringify(value, (_, each: unknown) => (each === Infinity ? NO_LIMIT : each));
}

/** What `planText` wrote. Throws a `SyntaxError` on a text that is not JSON. */
export function readPlanText(text: string): unknown {
  return JSON.parse(text, (_, each: unknown) => (each === NO_LIMIT ? Infinity : each));
}
