const ts = require('typescript');

/**
 * A language that nobody speaks, for tests: every text in the files of words gets longer by two fifths, and its
 * vowels get marks. What is left of English on a screen was not among the words; what runs over its place
 * has no room for a longer language.
 */

/** What is written alike everywhere: units, keys, names of scales. */
const KEPT = new Set(
  'mm µm min g kg ml N HRC h km in oz lb lbf fl SVG CSV PNG A4 A5 JSON Markdown iCalendar STL FEPA JIS CAMI P F B Z T I X'.split(
    ' ',
  ),
);
const MARKED = {
  a: 'á',
  e: 'é',
  i: 'í',
  o: 'ó',
  u: 'ú',
  A: 'Á',
  E: 'É',
  I: 'Í',
  O: 'Ó',
  U: 'Ú',
  y: 'ý',
};
const LONGER = 0.4;

function madeUpWord(word) {
  if (KEPT.has(word)) return word;
  const marked = word.replace(/[aeiouyAEIOU]/g, (vowel) => MARKED[vowel]);
  return marked + 'ö'.repeat(Math.ceil(LONGER * word.length));
}

/** A text in the made-up language. */
function madeUp(text) {
  return text.replace(/[A-Za-z]+/g, madeUpWord);
}

/** Properties that hold a value of the code, and no text. */
const VALUES = new Set(
  'job href path kind id next key store way month day weekday year hour minute numeric locale as'.split(
    ' ',
  ),
);
/** Calls whose arguments are compared and not shown. */
const COMPARES =
  /\.(get|has|includes|indexOf|find|replace|replaceAll|split|startsWith|endsWith|match|matchAll|test)$|^(RegExp|require|toDate|Intl\..*)$/;
const EQUALS = new Set([
  ts.SyntaxKind.EqualsEqualsEqualsToken,
  ts.SyntaxKind.ExclamationEqualsEqualsToken,
]);

function isValue(node) {
  const { parent } = node;
  if (ts.isCaseClause(parent) || ts.isElementAccessExpression(parent)) return true;
  if (ts.isBinaryExpression(parent) && EQUALS.has(parent.operatorToken.kind)) return true;
  if (ts.isPropertyAssignment(parent)) {
    return parent.name === node || VALUES.has(parent.name.getText());
  }
  if (ts.isArrayLiteralExpression(parent)) {
    const holder = parent.parent;
    return ts.isPropertyAssignment(holder) && VALUES.has(holder.name.getText());
  }
  if (ts.isCallExpression(parent) || ts.isNewExpression(parent)) {
    return COMPARES.test(parent.expression.getText());
  }
  return false;
}

/** A file of words with all of its texts in the made-up language. */
function madeUpFile(source, fileName = 'words.ts') {
  const file = ts.createSourceFile(fileName, source, ts.ScriptTarget.Latest, true);
  const edits = [];
  const visit = (node) => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return;
    if (ts.isInterfaceDeclaration(node) || ts.isTypeAliasDeclaration(node)) return;
    const isText =
      ts.isStringLiteral(node) ||
      ts.isNoSubstitutionTemplateLiteral(node) ||
      ts.isTemplateHead(node) ||
      ts.isTemplateMiddle(node) ||
      ts.isTemplateTail(node);
    const isAddress = /^[`']\//.test(node.getText());
    if (isText && !isAddress && !isValue(node)) edits.push([node.getStart(), node.end]);
    ts.forEachChild(node, visit);
  };
  visit(file);
  return edits
    .reverse()
    .reduce(
      (text, [from, to]) => text.slice(0, from) + madeUp(text.slice(from, to)) + text.slice(to),
      source,
    );
}

module.exports = function loader(source) {
  return madeUpFile(source, this.resourcePath);
};
module.exports.madeUp = madeUp;
module.exports.madeUpFile = madeUpFile;
