import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/** A text that a person may read, and where it stands. */
export interface VisibleText {
  text: string;
  file: string;
  line: number;
}

/** Attributes and properties whose text is for the browser and not for a person. */
const FOR_THE_BROWSER =
  /^(className|d|transform|viewBox|points|style|strokeDasharray|href|id|key|role|type|name|path|preserveAspectRatio|gridTemplateColumns|data-.*|clipPath|fill|stroke)$/;

/** Every text in the interface's files: between tags, in attributes, in strings and templates of words. */
export function visibleTexts(folders: readonly string[]): VisibleText[] {
  return folders.flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter((path) => /\.tsx?$/.test(path) && !/\.test\.tsx?$/.test(path))
      .flatMap((path) => textsOf(join(folder, path))),
  );
}

function textsOf(file: string): VisibleText[] {
  const source = ts.createSourceFile(
    file,
    readFileSync(file, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
  );
  const found: VisibleText[] = [];
  const add = (node: ts.Node, text: string, isPart = false): void => {
    const plain = text.replace(/\s+/g, ' ').trim();
    if (!(isPart && /[a-z]{2}/.test(plain)) && !isWords(plain)) return;
    const { line } = source.getLineAndCharacterOfPosition(node.getStart());
    found.push({ text: plain, file, line: line + 1 });
  };
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node) || ts.isExportDeclaration(node)) return;
    if (ts.isJsxAttribute(node) && FOR_THE_BROWSER.test(node.name.getText())) return;
    if (ts.isPropertyAssignment(node) && FOR_THE_BROWSER.test(node.name.getText())) return;
    if (ts.isJsxText(node)) add(node, node.text);
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) add(node, node.text);
    if (ts.isTemplateHead(node) || ts.isTemplateMiddle(node) || ts.isTemplateTail(node)) {
      // A part of a sentence may be a single word.
      add(node, node.text, /\/words(\/|\.ts$)/.test(file));
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** Words of a sentence: letters and a space, and nothing that looks like a path, a style or a formula. */
function isWords(text: string): boolean {
  if (!/[a-z]{2}/i.test(text) || !text.includes(' ')) return false;
  return !/(^|\s)(-?[a-z]+-[\w[\]./-]+|[a-z]+:[\w-]+|flex|grid|btn|var\(.*)(\s|$)/.test(text);
}
