// What the pages say, as JSON: [{"where": "web/src/…:12", "text": "…"}]. Text between tags is one with the words inside
// it that are marked up; what is filled in is "…"; strings count where they are words and no names, classes or patterns.
import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import ts from 'typescript';

const root = join(import.meta.dirname, '../..');

/** Attributes that nobody reads. */
const SILENT = new Set(
  'className class to href src id key type name value d style rel target accept role autoComplete inputMode fill stroke'.split(
    ' ',
  ),
);
/** Of calls of these, the arguments are no words. */
const SILENT_CALLS = /^(new RegExp|RegExp|matchMedia|querySelector|closest|addEventListener|useKeys)$/;

const isWords = (text) =>
  /\p{L}{2,}[ ,:]+[\p{L}…“(]/u.test(text)
    ? !/^[a-z0-9.,:%/ -]*[-:/][a-z0-9.,:%/ -]*$/.test(text) && !/[a-z]+\/[a-z]+,|px|\[|=>/.test(text)
    : /^\p{Lu}\p{Ll}{2,}[.?…]?$/u.test(text);

function said(path) {
  const found = [];
  const source = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);
  const where = (node) =>
    `${relative(root, path)}:${source.getLineAndCharacterOfPosition(node.getStart(source)).line + 1}`;
  const tell = (node, text) => {
    const plain = text.replace(/\s+/g, ' ').trim();
    if (isWords(plain) || (ts.isJsxText(node) && /\p{L}{2,}/u.test(plain))) {
      found.push({ where: where(node), text: plain });
    }
  };
  /** The words of an element, those of the elements in it among them. */
  const inline = (node) =>
    node.children
      .map((child) => {
        if (ts.isJsxText(child)) {
          return child.text;
        }
        if (ts.isJsxElement(child)) {
          return inline(child);
        }
        return ts.isJsxExpression(child) && child.expression !== undefined && ts.isStringLiteral(child.expression)
          ? child.expression.text
          : '…';
      })
      .join('');
  const look = (node, inSentence) => {
    if (ts.isImportDeclaration(node) || ts.isLiteralTypeNode(node) || ts.isExternalModuleReference(node)) {
      return;
    }
    if (ts.isJsxAttribute(node)) {
      if (SILENT.has(node.name.getText(source))) {
        return;
      }
      if (node.initializer !== undefined && ts.isStringLiteral(node.initializer)) {
        tell(node.initializer, node.initializer.text);
        return;
      }
    }
    if ((ts.isCallExpression(node) || ts.isNewExpression(node)) && SILENT_CALLS.test(node.expression.getText(source))) {
      return;
    }
    if (ts.isBinaryExpression(node) && /^(===|!==|in)$/.test(node.operatorToken.getText(source))) {
      return;
    }
    if (ts.isJsxElement(node) || ts.isJsxFragment(node)) {
      const own = node.children.filter(ts.isJsxText);
      const speaks = !inSentence && own.some((text) => /\p{L}/u.test(text.text));
      if (speaks) {
        tell(
          own.find((text) => /\p{L}/u.test(text.text)),
          inline(node),
        );
      }
      ts.forEachChild(node, (child) => look(child, inSentence || speaks));
      return;
    }
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
      tell(node, node.text);
      return;
    }
    if (ts.isTemplateExpression(node)) {
      tell(node, node.head.text + node.templateSpans.map((span) => `…${span.literal.text}`).join(''));
      for (const span of node.templateSpans) {
        look(span.expression, inSentence);
      }
      return;
    }
    ts.forEachChild(node, (child) => look(child, ts.isJsxExpression(node) ? false : inSentence));
  };
  look(source, false);
  return found;
}

const files = readdirSync(join(root, 'web/src'), { recursive: true })
  .filter((file) => /\.tsx?$/.test(file) && !file.endsWith('.d.ts'))
  .sort();
process.stdout.write(JSON.stringify(files.flatMap((file) => said(join(root, 'web/src', file)))));
