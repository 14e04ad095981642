/** @jest-environment node */
import { readFileSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import ts from 'typescript';

/** The whole application compiled with some files as they are not (yet); what the compiler says, in words. */
function compiled(changed: Record<string, (text: string) => string>): string[] {
  const config = ts.readConfigFile('tsconfig.json', ts.sys.readFile);
  const { fileNames, options } = ts.parseJsonConfigFileContent(
    config.config,
    ts.sys,
    dirname(resolve('tsconfig.json')),
  );
  const own = fileNames.filter((name) => name.includes('/src/') && !/\.test\.tsx?$/.test(name));
  const host = ts.createCompilerHost(options);
  const texts = new Map(
    Object.entries(changed).map(([path, change]) => {
      const text = readFileSync(path, 'utf8');
      const next = change(text);
      expect(next).not.toBe(text);
      return [resolve(path), next];
    }),
  );
  const read = host.getSourceFile.bind(host);
  host.getSourceFile = (name, version) => {
    const text = texts.get(resolve(name));
    return text === undefined ? read(name, version) : ts.createSourceFile(name, text, version);
  };
  const program = ts.createProgram(own, { ...options, noEmit: true, incremental: false }, host);
  return ts
    .getPreEmitDiagnostics(program)
    .map(({ messageText }) => ts.flattenDiagnosticMessageText(messageText, '\n'));
}

const KINDS = 'src/domain/kinds/axes.ts';
const FAMILIES = 'src/domain/families.ts';

it('one row more makes a kind of tool and a family of abrasive; a trait left out is named', () => {
  const row = /  hatchet: \{[\s\S]*?\n  \},\n/.exec(readFileSync(KINDS, 'utf8'))![0];
  const adze = row.replace('hatchet:', 'adze:').replace("name: 'hatchet'", "name: 'adze'");
  const addKind = (kind: string) => (text: string) => text.replace(row, row + kind);
  const addFamily = (text: string): string =>
    text.replace('  garnet: {', "  'glass-plate': { ...GRINDS, bite: 0.5 },\n  garnet: {");

  expect(compiled({ [KINDS]: addKind(adze), [FAMILIES]: addFamily })).toEqual([]);
  const handless = adze.replace(/\n    outline: [^\n]*/, '');
  const said = compiled({ [KINDS]: addKind(handless) }).join('\n');
  expect(said).toMatch(/'outline' is missing/);
}, 120_000);
