import { KINDS, TOOL_KINDS, type ToolForm, type ToolKind } from '../../domain/kinds';
import { USUAL_THINGS, type Fineness, type UsualThing } from '../../domain/usualThings';
import type { EdgeWord } from '../../core/inspection';

/** A tool on the ground, or several alike that travel as one. */
export interface LaidTool {
  is: 'tool';
  key: string;
  kind: ToolKind;
  count: number;
  /** What it is called; empty for what it is. */
  name: string;
  /** How it cuts, as its owner says; null until that is said, 'unknown' where nobody knows. */
  word: EdgeWord | null;
  /** Told measures; null for what is usual of its kind. */
  edgeLengthMm: number | null;
  angleDeg: number | null;
}

/** A thing to sharpen with on the ground. */
export interface LaidThing {
  is: 'thing';
  key: string;
  /** Which of the usual things. */
  thing: string;
  /** How fine it feels; null until that is said, 'unknown' where nobody knows. */
  fineness: Fineness | 'unknown' | null;
  /** What is rubbed on a strop; null until that is said. */
  rubbed: 'nothing' | 'compound' | 'unknown' | null;
}

export type Laid = LaidTool | LaidThing;

/** What lies on the ground in the order in which it was laid, and the last thing that was touched. */
export interface Ground {
  laid: readonly Laid[];
  lastKey: string | null;
}

export const EMPTY_GROUND: Ground = { laid: [], lastKey: null };

/** The tray: what can be laid out, in the order in which it hangs. */
const FORMS: readonly ToolForm[] = ['axe', 'machete', 'knife'];
export const TRAY_TOOLS: readonly ToolKind[] = FORMS.flatMap((form) =>
  TOOL_KINDS.filter((kind) => KINDS[kind].form === form),
);
export const TRAY_THINGS: readonly UsualThing[] = USUAL_THINGS;

/** One more of a kind; several alike that travel together are one. */
export function withTool({ laid }: Ground, kind: ToolKind): Ground {
  const alike = laid.find((own) => own.is === 'tool' && own.kind === kind);
  if (alike?.is === 'tool' && KINDS[kind].inSets) {
    return changed({ laid, lastKey: alike.key }, alike.key, { count: alike.count + 1 });
  }
  const key = nextKey(laid, kind);
  const tool: LaidTool = {
    is: 'tool',
    key,
    kind,
    count: 1,
    name: '',
    word: null,
    edgeLengthMm: null,
    angleDeg: null,
  };
  return { laid: [...laid, tool], lastKey: key };
}

export function withThing({ laid }: Ground, thing: string): Ground {
  const key = nextKey(laid, thing);
  const own: LaidThing = { is: 'thing', key, thing, fineness: null, rubbed: null };
  return { laid: [...laid, own], lastKey: key };
}

/** The ground without one of what was laid: one less of several alike. */
export function without({ laid }: Ground, key: string): Ground {
  const own = laid.find((each) => each.key === key);
  if (own?.is === 'tool' && own.count > 1) {
    return changed({ laid, lastKey: key }, key, { count: own.count - 1 });
  }
  const left = laid.filter((each) => each.key !== key);
  return { laid: left, lastKey: left.at(-1)?.key ?? null };
}

/** The ground with something told of one thing on it. */
export function changed(
  ground: Ground,
  key: string,
  change: Partial<Omit<LaidTool, 'is' | 'key'>> | Partial<Omit<LaidThing, 'is' | 'key'>>,
): Ground {
  return {
    laid: ground.laid.map((own) => (own.key === key ? ({ ...own, ...change } as Laid) : own)),
    lastKey: key,
  };
}

/** How many of a kind, or of a thing, lie on the ground. */
export function countOf({ laid }: Ground, what: string): number {
  return laid.reduce((count, own) => {
    if (own.is === 'tool') return own.kind === what ? count + own.count : count;
    return own.thing === what ? count + 1 : count;
  }, 0);
}

/** How many tools and things lie on the ground. */
export function counts({ laid }: Ground): { tools: number; things: number } {
  const tools = laid.reduce((sum, own) => sum + (own.is === 'tool' ? own.count : 0), 0);
  return { tools, things: laid.filter(({ is }) => is === 'thing').length };
}

export function usualThing(name: string): UsualThing {
  return USUAL_THINGS.find((thing) => thing.name === name)!;
}

/** What one is asked about a thing, if anything. */
export function questionOf(own: Laid): 'sharpness' | 'fineness' | 'rubbed' | null {
  if (own.is === 'tool') return 'sharpness';
  const thing = usualThing(own.thing);
  if (thing.store === 'strops') return 'rubbed';
  if (thing.store !== 'abrasives') return null;
  return FEELS.has(thing.form) ? 'fineness' : null;
}

/** Forms that come in any grain, with nothing on them that says which. */
const FEELS: ReadonlySet<string> = new Set([
  'pocket-stone',
  'bench-stone',
  'puck',
  'pebble',
  'paper',
  'rod',
]);

function nextKey(laid: readonly Laid[], what: string): string {
  const own = laid.filter(({ key }) => key.startsWith(`${what} `)).map(({ key }) => key);
  let number = own.length + 1;
  while (own.includes(`${what} ${number}`)) number += 1;
  return `${what} ${number}`;
}
