import { ValidationError } from 'yup';
import { planText, readPlanText } from '../../../workers/planText';
import { OutOfTime } from '../../../workers/solveBy';

/** Bytes of a request: forty tools over a fortnight are a tenth of it. */
const MOST_BYTES = 2_000_000;
/** A plan that takes longer is given up. */
const MOST_MS = 15_000;
/** So many plans in a minute, and so many at once, for whoever asks. */
const MOST_IN_A_MINUTE = 60;
const MOST_AT_ONCE = 2;
const MINUTE_MS = 60_000;

let begun: number[] = [];
let running = 0;

/**
 * Answers a request for a plan: a body within the size, read by its schema, computed within the time,
 * for nobody more often than the limits allow. Nothing is kept. `compute` calls `onProgress` now and
 * then: that is where it is stopped.
 */
export async function answerPlan<P>(
  request: Request,
  read: (message: unknown) => P,
  compute: (problem: P, onProgress: () => void) => unknown,
): Promise<Response> {
  const now = Date.now();
  begun = begun.filter((at) => at > now - MINUTE_MS);
  if (running >= MOST_AT_ONCE || begun.length >= MOST_IN_A_MINUTE) {
    return refusal(429, 'too many plans at once: try again in a moment', { 'Retry-After': '5' });
  }
  begun.push(now);
  running += 1;
  try {
    const text = await bodyOf(request);
    if (text === null) return refusal(413, `a request holds at most ${MOST_BYTES} bytes`);
    const problem = read(parsed(text));
    const until = Date.now() + MOST_MS;
    const answer = await compute(problem, () => {
      if (Date.now() > until) throw new OutOfTime();
    });
    return new Response(planText(answer), {
      headers: { 'Content-Type': 'application/json', 'Cache-Control': 'no-store' },
    });
  } catch (error) {
    if (error instanceof ValidationError) {
      return Response.json({ field: error.path, message: error.message }, { status: 400 });
    }
    if (error instanceof OutOfTime) return refusal(503, 'this plan takes too long here');
    throw error;
  } finally {
    running -= 1;
  }
}

function refusal(status: number, message: string, headers?: HeadersInit): Response {
  return Response.json({ message }, { status, headers });
}

/** The body as it comes in; null as soon as it is too long, whatever its head says. */
async function bodyOf(request: Request): Promise<string | null> {
  const decoder = new TextDecoder();
  const reader = request.body?.getReader();
  let text = '';
  let bytes = 0;
  for (;;) {
    const { value, done } = (await reader?.read()) ?? { done: true, value: undefined };
    if (done || !value) return text + decoder.decode();
    bytes += value.byteLength;
    if (bytes > MOST_BYTES) {
      await reader?.cancel();
      return null;
    }
    text += decoder.decode(value, { stream: true });
  }
}

function parsed(text: string): unknown {
  try {
    return readPlanText(text);
  } catch {
    throw new ValidationError('the body must be JSON', text.slice(0, 40), 'body');
  }
}
