/** @jest-environment node */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/** Every text of the files of words: its name, and the names of what it is told. */
interface Text {
  place: string;
  name: string;
  told: string[];
}

const FILES = ['src/ui', 'src/features'].flatMap((folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .map((path) => join(folder, path))
    .filter((path) => /\/words(\/[\w/]+)?\.ts$/.test(path) && !path.endsWith('.test.ts')),
);

function textsOf(path: string): Text[] {
  const source = ts.createSourceFile(
    path,
    readFileSync(path, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
  );
  const found: Text[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isPropertyAssignment(node) && ts.isIdentifier(node.name)) {
      const { initializer } = node;
      const told = ts.isArrowFunction(initializer)
        ? initializer.parameters.map(({ name }) => name.getText())
        : [];
      found.push({ place: path, name: node.name.text, told });
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

const texts = FILES.flatMap(textsOf);
const named = ({ place, name }: Text) => `${place}: ${name}`;

it('reads the texts of every screen', () => {
  expect(texts.length).toBeGreaterThan(1500);
  expect(FILES).toContain(join('src/features/trip/words.ts'));
  expect(FILES).toContain(join('src/features/guide/words/guideWords.ts'));
});

it('names each text for what it says, not for its place in a row', () => {
  expect(texts.filter(({ name }) => /\d$/.test(name)).map(named)).toEqual([]);
});

it('names what a text is told for what it is, not for how it was made', () => {
  const MADE =
    /^(value|text|join|length|round|floor|toFixed|replace|get|map|find|slice|toLowerCase|plural)$|(?<!Mm)\d$/;
  expect(texts.filter(({ told }) => told.some((each) => MADE.test(each))).map(named)).toEqual([]);
});
