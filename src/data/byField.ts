import { isSame } from './isSame';

/**
 * Where a field lies in a record: names of fields, and of elements of lists. An element that has a key of its
 * own is found by it wherever it stands (`#edge`, `=wren`), any other by its place (`[2]`).
 */
export type FieldPath = readonly string[];

/** One field before and after; undefined where it was not there, or is none. */
export interface FieldChange {
  path: FieldPath;
  from: unknown;
  to: unknown;
  /** The place in its list of an element that comes or goes; at the end where nothing is said. */
  place?: number;
}

/** A change that cannot be made: the field is neither as it was before, nor as it was to be. */
export interface FieldClash extends FieldChange {
  /** What is there in its place. */
  present: unknown;
}

type Fields = Record<string, unknown>;

/** When a record was written is no field that anybody changes. */
const STAMP = 'updatedAt';

/** Fields of a record whose parts mean nothing without each other: half of one outline and half of another is none. */
const WHOLE = new Set(['traced', 'scale', 'entry']);

function wholeChange(name: string, from: unknown, to: unknown): FieldChange[] {
  return isSame(from, to) ? [] : [{ path: [name], from, to }];
}

/** What differs between two states of a record, field by field; elements of lists by their keys. */
export function fieldChanges(before: unknown, after: unknown, path: FieldPath = []): FieldChange[] {
  if (isSame(before, after)) return [];
  if (isFields(before) && isFields(after)) {
    const names = new Set([...Object.keys(before), ...Object.keys(after)]);
    if (path.length === 0) names.delete(STAMP);
    return [...names].flatMap((name) =>
      path.length === 0 && WHOLE.has(name)
        ? wholeChange(name, before[name], after[name])
        : fieldChanges(before[name], after[name], [...path, name]),
    );
  }
  const lists = Array.isArray(before) && Array.isArray(after) ? elements(before, after) : null;
  if (!lists) return [{ path, from: before, to: after }];
  const [was, is] = lists;
  const keys = new Set([...was.keys(), ...is.keys()]);
  return [...keys].flatMap((key) => {
    const [from, to] = [was.get(key), is.get(key)];
    if (from !== undefined && to !== undefined) return fieldChanges(from, to, [...path, key]);
    const place = [...(to === undefined ? was : is).keys()].indexOf(key);
    return [{ path: [...path, key], from, to, place }];
  });
}

/** The changes that take these back, the last first; elements of a list come back from its beginning on. */
export function reversed(changes: readonly FieldChange[]): FieldChange[] {
  const back: FieldChange[] = [];
  for (const { from, to, ...rest } of changes.toReversed()) {
    const own: FieldChange = { ...rest, from: to, to: from };
    let at = back.length;
    while (comesBefore(own, back[at - 1])) at -= 1;
    back.splice(at, 0, own);
  }
  return back;
}

/** Whether an element comes back into the list of another, and stands before it there. */
function comesBefore(own: FieldChange, other: FieldChange | undefined): boolean {
  if (!other || own.from !== undefined || other.from !== undefined) return false;
  const list = ({ path }: FieldChange): string => path.slice(0, -1).join('\n');
  return list(own) === list(other) && (own.place ?? Infinity) < (other.place ?? Infinity);
}

/**
 * Makes changes of fields on a record as it stands by now. What is so already stays; what somebody has
 * changed otherwise since is left, and told as a clash.
 */
export function withChanges<R>(
  present: R,
  changes: readonly FieldChange[],
): { record: R; clashes: FieldClash[] } {
  let record: unknown = present;
  const clashes: FieldClash[] = [];
  for (const change of changes) {
    const { path, from, to } = change;
    const there = fieldAt(record, path);
    if (isSame(there, to)) continue;
    const holder = fieldAt(record, path.slice(0, -1));
    const isHeld = path.length === 1 || holder !== undefined;
    if (isSame(there, from) && isHeld) record = withField(record, path, to, change.place);
    else clashes.push({ ...change, present: there });
  }
  return { record: record as R, clashes };
}

/** The field at a path; undefined where there is none. */
function fieldAt(record: unknown, path: FieldPath): unknown {
  return path.reduce<unknown>((at, name) => {
    if (Array.isArray(at)) return at.find((element, i) => keyOf(element, i, name) === name);
    return isFields(at) ? at[name] : undefined;
  }, record);
}

/** A record with one field in another state; undefined takes it away, and an element comes in at its place. */
export function withField(
  record: unknown,
  path: FieldPath,
  to: unknown,
  place = Infinity,
): unknown {
  const [name, ...rest] = path;
  if (name === undefined) return to;
  if (Array.isArray(record)) {
    const at = record.findIndex((element, i) => keyOf(element, i, name) === name);
    if (at < 0) return record.toSpliced(place, 0, withField(undefined, rest, to));
    if (rest.length === 0 && to === undefined) return record.filter((_, i) => i !== at);
    return record.with(at, withField(record[at], rest, to, place));
  }
  const fields = isFields(record) ? record : {};
  if (rest.length === 0 && to === undefined) {
    return Object.fromEntries(Object.entries(fields).filter(([own]) => own !== name));
  }
  return { ...fields, [name]: withField(fields[name], rest, to, place) };
}

/** The fields that tell the elements of a list apart, each list by those that its elements have. */
const KEYS = ['id', 'itemId', 'toolId', 'zoneId', 'day', 'taskId'] as const;

function ownKey(element: unknown): string | null {
  if (typeof element === 'string' || typeof element === 'number') return `=${element}`;
  if (!isFields(element)) return null;
  const parts = KEYS.flatMap((name) => {
    const part = element[name];
    return typeof part === 'string' || typeof part === 'number' ? [part] : [];
  });
  return parts.length > 0 ? `#${parts.join(' ')}` : null;
}

/** An element's key in the manner of the name that is looked for: its own, or its place. */
function keyOf(element: unknown, place: number, name: string): string | null {
  return name.startsWith('[') ? `[${place}]` : ownKey(element);
}

/** The elements of two lists by their keys; null where the lists can only be told apart as wholes. */
function elements(
  before: readonly unknown[],
  after: readonly unknown[],
): [Map<string, unknown>, Map<string, unknown>] | null {
  const [was, is] = [byKey(before), byKey(after)];
  if (was && is) {
    const common = (of: Map<string, unknown>, other: Map<string, unknown>): string =>
      [...of.keys()].filter((key) => other.has(key)).join('\n');
    return common(was, is) === common(is, was) ? [was, is] : null;
  }
  const byPlace = (list: readonly unknown[]) =>
    new Map(list.map((element, i): [string, unknown] => [`[${i}]`, element]));
  return before.length === after.length ? [byPlace(before), byPlace(after)] : null;
}

/** Elements by their own keys; null where one has none, or shares it. */
function byKey(list: readonly unknown[]): Map<string, unknown> | null {
  const found = new Map<string, unknown>();
  for (const element of list) {
    const key = ownKey(element);
    if (key === null || found.has(key)) return null;
    found.set(key, element);
  }
  return found;
}

function isFields(value: unknown): value is Fields {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
