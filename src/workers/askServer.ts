import { planText, readPlanText } from './planText';

/** The longest that a server is waited for: then this device computes by itself. */
const PATIENCE_MS = 20_000;

/**
 * Asks the server that this page came from to compute a plan; null where it cannot be reached, is busy
 * or refuses, so that the caller computes here instead.
 */
export async function askServer<T>(path: '/api/plan/forecast' | '/api/plan/kit', body: unknown) {
  try {
    const answer = await fetch(path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: planText(body),
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
    return answer.ok ? (readPlanText(await answer.text()) as T) : null;
  } catch {
    return null;
  }
}
