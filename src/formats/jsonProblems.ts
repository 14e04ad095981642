import { printParseErrorCode, visit, type JSONPath, type ParseError } from 'jsonc-parser';

/** What is wrong with a file: where, which field, what to do. */
export interface FileProblem {
  line: number;
  field: string;
  message: string;
}

/** A fault at a place within a parsed file; the path is empty for the file as a whole. */
export interface Fault {
  path: JSONPath;
  field: string;
  message: string;
}

/** No record nests deeper than a handful; what does is no file of ours, and readers would choke on it. */
const DEEPEST = 40;

/** A message longer than this tells nobody more. */
const LONGEST_MESSAGE = 240;

/** Parses strict JSON that nests no deeper than records do. */
export function parseJson(
  text: string,
): { ok: true; value: unknown } | { ok: false; problem: FileProblem } {
  const refuse = (line: number, message: string) =>
    ({ ok: false, problem: { line, field: 'file', message } }) as const;
  const deepLine = lineNestedDeeper(text, DEEPEST);
  if (deepLine !== null)
    return refuse(deepLine, 'nests too deep for a data file: choose one made by Export');
  try {
    return { ok: true, value: JSON.parse(text) as unknown };
  } catch {
    const { line, words } = firstSyntaxError(text);
    return refuse(line, `is not whole JSON (${words}): export it again, or mend this line`);
  }
}

/** Faults as problems, each at the line where its value stands, or the nearest one around it. */
export function locateFaults(text: string, faults: readonly Fault[]): FileProblem[] {
  const lines = linesOf(
    text,
    faults.map(({ path }) => path),
  );
  return faults.map(({ field, message }, i) => ({
    line: lines[i]!,
    field: shortened(field || 'file'),
    message: shortened(message),
  }));
}

/** `zones[0].name` as ['zones', 0, 'name']. */
export function pathSegments(path: string): JSONPath {
  return (path.match(/[^.[\]"]+/g) ?? []).map((part) => (/^\d+$/.test(part) ? Number(part) : part));
}

function shortened(words: string): string {
  return words.length > LONGEST_MESSAGE ? `${words.slice(0, LONGEST_MESSAGE)} …` : words;
}

function firstSyntaxError(text: string): { line: number; words: string } {
  let first: { line: number; words: string } | null = null;
  visit(
    text,
    {
      onError: (error: ParseError['error'], _offset, _length, line) => {
        first ??= { line: line + 1, words: printParseErrorCode(error) };
      },
    },
    { disallowComments: true, allowTrailingComma: false },
  );
  return first ?? { line: 1, words: 'a character that does not belong' };
}

/** The line (from 1) of the deepest value on each path that is in the text. */
function linesOf(text: string, paths: readonly JSONPath[]): number[] {
  const lines = paths.map(() => 1);
  const depths = paths.map(() => 0);
  const here: JSONPath = [];

  /** Notes a value that begins on a line; whether any path leads into it. */
  const enter = (line: number): boolean => {
    let leadsOn = false;
    paths.forEach((path, i) => {
      if (here.length > path.length || here.some((segment, at) => path[at] !== segment)) return;
      leadsOn ||= here.length < path.length;
      if (here.length >= depths[i]!) {
        depths[i] = here.length;
        lines[i] = line + 1;
      }
    });
    return leadsOn;
  };
  const open = (line: number, first: string | number): boolean => {
    const leadsOn = enter(line);
    here.push(first); // The end is told of a value that is not walked, too.
    return leadsOn;
  };
  visit(text, {
    onObjectBegin: (_offset, _length, line) => open(line, ''),
    onObjectProperty: (name) => {
      here[here.length - 1] = name;
    },
    onObjectEnd: () => {
      here.pop();
    },
    onArrayBegin: (_offset, _length, line) => open(line, 0),
    onSeparator: (character) => {
      const last = here.at(-1);
      if (character === ',' && typeof last === 'number') here[here.length - 1] = last + 1;
    },
    onArrayEnd: () => {
      here.pop();
    },
    onLiteralValue: (_value, _offset, _length, line) => {
      enter(line);
    },
  });
  return lines;
}

/** Characters by their code: a file of 50 MB is gone through several times as fast as by strings of one. */
const [NEW_LINE, QUOTE, BACKSLASH, OPENS, CLOSES] = [10, 34, 92, [91, 123], [93, 125]] as const;

/** The first line (from 1) that nests deeper than `most` brackets; null where none does. */
function lineNestedDeeper(text: string, most: number): number | null {
  let depth = 0;
  let line = 1;
  let inString = false;
  for (let i = 0; i < text.length; i += 1) {
    const code = text.charCodeAt(i);
    if (code === NEW_LINE) {
      line += 1;
      inString = false; // A string never runs over the end of its line.
    } else if (inString) {
      if (code === BACKSLASH) i += 1;
      else if (code === QUOTE) inString = false;
    } else if (code === QUOTE) {
      inString = true;
    } else if (code === OPENS[0] || code === OPENS[1]) {
      depth += 1;
      if (depth > most) return line;
    } else if (code === CLOSES[0] || code === CLOSES[1]) {
      depth -= 1;
    }
  }
  return null;
}
