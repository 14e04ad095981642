import { KINDS, type ToolKind } from '../../domain/kinds';
import { spokenText } from './closedWords';

/** What a kind of tool is called: tomahawk, bolted bit. */
export function kindName(kind: ToolKind): string {
  return spokenText(KINDS[kind].name);
}

/** The same without what is added behind it, for a label below a drawing. */
export function shortKindName(kind: ToolKind): string {
  return kindName(kind).split(',')[0]!;
}
