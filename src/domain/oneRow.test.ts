/** @jest-environment node */
import { readFileSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import ts from 'typescript';

const config = ts.readConfigFile('tsconfig.json', ts.sys.readFile);
const { fileNames, options } = ts.parseJsonConfigFileContent(
  config.config,
  ts.sys,
  dirname(resolve('tsconfig.json')),
);
const OWN = fileNames.filter((name) => name.includes('/src/') && !/\.test\.tsx?$/.test(name));

/** The application with some files as they are not (yet). */
function changed(
  changes: Record<string, (text: string) => string>,
  before?: ts.Program,
): ts.Program {
  const host = ts.createCompilerHost(options);
  const texts = new Map(
    Object.entries(changes).map(([path, change]) => {
      const text = readFileSync(path, 'utf8');
      const next = change(text);
      expect(next).not.toBe(text);
      return [resolve(path), next];
    }),
  );
  const read = host.getSourceFile.bind(host);
  host.getSourceFile = (name, version) => {
    const text = texts.get(resolve(name));
    if (text !== undefined) return ts.createSourceFile(name, text, version);
    // What nobody has changed is read once.
    return before?.getSourceFile(name) ?? read(name, version);
  };
  return ts.createProgram(OWN, { ...options, noEmit: true, incremental: false }, host);
}

const inWords = (found: readonly ts.Diagnostic[]): string[] =>
  found.map(({ messageText }) => ts.flattenDiagnosticMessageText(messageText, '\n'));

const KINDS = 'src/domain/kinds/axes.ts';
const FAMILIES = 'src/domain/families.ts';

it('one row more makes a kind of tool and a family of abrasive; a trait left out is named', () => {
  const row = /  hatchet: \{[\s\S]*?\n  \},\n/.exec(readFileSync(KINDS, 'utf8'))![0];
  const adze = row.replace('hatchet:', 'adze:').replace("name: 'hatchet'", "name: 'adze'");
  const addKind = (kind: string) => (text: string) => text.replace(row, row + kind);
  const addFamily = (text: string): string =>
    text.replace('  garnet: {', "  'glass-plate': { ...GRINDS, bite: 0.5 },\n  garnet: {");

  const whole = changed({ [KINDS]: addKind(adze), [FAMILIES]: addFamily });
  expect(inWords(ts.getPreEmitDiagnostics(whole))).toEqual([]);
  const handless = adze.replace(/\n    outline: [^\n]*/, '');
  const less = changed({ [KINDS]: addKind(handless), [FAMILIES]: addFamily }, whole);
  const [said] = inWords(less.getSemanticDiagnostics(less.getSourceFile(resolve(KINDS))));
  expect(said).toMatch(/'outline' is missing/);
}, 120_000);
