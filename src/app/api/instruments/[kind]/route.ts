import { number, object, string, ValidationError } from 'yup';
import { oneOf } from '../../../../domain/fields';
import { INSTRUMENT_KINDS, INSTRUMENTS } from '../../../../instruments/table';
import { FAULTS, simulatedLines } from '../../../../instruments/simulation';

export const dynamic = 'force-dynamic';

const requestSchema = object({
  kind: oneOf(INSTRUMENT_KINDS),
  /** What it reads around, in the unit of what it measures. */
  around: number().min(0).max(10_000).nullable().defined(),
  seed: number().integer().min(0).max(4_294_967_295).required(),
  fault: string().oneOf(FAULTS).required(),
});

/** A stream ends by itself after so long; the instrument is then connected again by hand. */
const LONGEST_MS = 30 * 60_000;
/** No machine has more instruments on it at once. */
const MOST_OPEN = 8;
let open = 0;

/** The simulated instruments, as event streams of the lines that real ones send. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ kind: string }> },
): Promise<Response> {
  const { searchParams } = new URL(request.url);
  const given = (name: string): string | null => searchParams.get(name);
  let asked;
  try {
    asked = requestSchema.validateSync({
      kind: (await params).kind,
      around: given('around') ?? null,
      seed: given('seed') ?? Date.now() % 4_294_967_296,
      fault: given('fault') ?? 'none',
    });
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return Response.json({ field: error.path, message: error.message }, { status: 400 });
  }
  if (open >= MOST_OPEN) {
    return Response.json({ message: 'too many instruments are open: close one' }, { status: 429 });
  }
  return new Response(stream(simulatedLines({ ...asked, table: INSTRUMENTS }), request.signal), {
    headers: { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' },
  });
}

/** Lines as server-sent events, each in its time, until they end or nobody listens. */
function stream(
  lines: ReturnType<typeof simulatedLines>,
  signal: AbortSignal,
): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isOver = false;
  const over = (): void => {
    if (isOver) return;
    isOver = true;
    clearTimeout(timer);
    open -= 1;
  };
  return new ReadableStream({
    start(controller) {
      open += 1;
      const until = Date.now() + LONGEST_MS;
      const end = (): void => {
        if (isOver) return;
        over();
        controller.close();
      };
      signal.addEventListener('abort', end);
      controller.enqueue(encoder.encode(': open\n\n'));
      const next = (): void => {
        const { value, done } = lines.next();
        if (done || Date.now() > until) return end();
        timer = setTimeout(() => {
          controller.enqueue(encoder.encode(`data: ${value.line}\n\n`));
          next();
        }, value.afterMs);
      };
      next();
    },
    cancel: over,
  });
}
