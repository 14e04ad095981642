import {
  findNodeAtLocation,
  parseTree,
  printParseErrorCode,
  type JSONPath,
  type Node,
  type ParseError,
} from 'jsonc-parser';
import type { ValidationError } from 'yup';

/** What is wrong with a file: where, which field, what to do. */
export interface FileProblem {
  line: number;
  field: string;
  message: string;
}

export interface ParsedJson {
  ok: true;
  value: unknown;
  text: string;
  tree: Node;
}

/** Parses strict JSON and keeps the places of its values. */
export function parseJson(text: string): ParsedJson | { ok: false; problem: FileProblem } {
  const errors: ParseError[] = [];
  const tree = parseTree(text, errors, { disallowComments: true, allowTrailingComma: false });
  const first = errors[0];
  if (first || !tree) {
    const words = first ? printParseErrorCode(first.error) : 'empty file';
    return {
      ok: false,
      problem: {
        line: lineAt(text, first?.offset ?? 0),
        field: 'file',
        message: `is not whole JSON (${words}): export it again, or mend this line`,
      },
    };
  }
  return { ok: true, value: JSON.parse(text), text, tree };
}

/** The problems of a failed validation, each at the line where its value stands. */
export function locateProblem(error: ValidationError, parsed: ParsedJson): FileProblem[] {
  const single = error.inner.length > 0 ? error.inner : [error];
  return single.map(({ path, message }) => {
    const segments = pathSegments(path ?? '');
    const full =
      segments[0] && segments[0] in (parsed.value as object) ? segments : ['records', ...segments];
    const node = nearestNode(parsed.tree, full);
    return {
      line: lineAt(parsed.text, node.offset),
      field: path || 'file',
      message: path ? message.replace(path, '').trim() : message,
    };
  });
}

/** `tools[2].zones[0].name` as ['tools', 2, 'zones', 0, 'name']. */
function pathSegments(path: string): JSONPath {
  return (path.match(/[^.[\]"]+/g) ?? []).map((part) => (/^\d+$/.test(part) ? Number(part) : part));
}

/** The value at a path, or the nearest one around it where it is missing. */
function nearestNode(tree: Node, path: JSONPath): Node {
  for (let length = path.length; length > 0; length -= 1) {
    const node = findNodeAtLocation(tree, path.slice(0, length));
    if (node) return node;
  }
  return tree;
}

function lineAt(text: string, offset: number): number {
  return text.slice(0, offset).split('\n').length;
}
