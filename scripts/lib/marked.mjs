import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { format, resolveConfig } from 'prettier';
import ts from 'typescript';
import { root } from './project.mjs';

/**
 * The test language: English with every letter marked, made from `words/en`. What stands on a screen without a mark was written
 * in the wrong place. Words in ‘…’ are the notation's or people's own and stay as they
 * are, and so does what stands in {…} for something else.
 */
const PLAIN = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';
const MARKED = [...'áƀçđéƒĝĥíĵķļɱñóþɋŕšţúṽŵẋýžÁƁÇĐÉƑĜĤÍĴĶĻḾÑÓÞɊŔŠŢÚṼŴẊÝŽ'];

/** Marks letters outside quotes; `state.quoted` goes on from piece to piece of one text. */
function mark(text, state) {
  return [...text]
    .map((letter) => {
      if ('‘{'.includes(letter)) state.quoted = true;
      else if ('’}'.includes(letter)) state.quoted = false;
      const at = state.quoted ? -1 : PLAIN.indexOf(letter);
      return at < 0 ? letter : MARKED[at];
    })
    .join('');
}

/** Whether a piece of text is read by people, and not by the program. */
function isSaid(node) {
  const { parent } = node;
  if (ts.isImportDeclaration(parent) || ts.isLiteralTypeNode(parent) || ts.isElementAccessExpression(parent)) return false;
  if (ts.isCaseClause(parent)) return false;
  if (ts.isCallExpression(parent) && parent.expression.kind === ts.SyntaxKind.ImportKeyword) return false;
  if (ts.isPropertyAssignment(parent) && parent.name === node) return false;
  if (ts.isPropertySignature(parent)) return false;
  const compares = [ts.SyntaxKind.EqualsEqualsEqualsToken, ts.SyntaxKind.ExclamationEqualsEqualsToken];
  return !(ts.isBinaryExpression(parent) && compares.includes(parent.operatorToken.kind));
}

/** A file of words in the test language. */
function markedSource(name, source) {
  const file = ts.createSourceFile(name, source, ts.ScriptTarget.Latest, true);
  const changes = [];
  const piece = (node, state, before, after) => {
    const from = node.getStart() + before;
    const to = node.getEnd() - after;
    changes.push([from, to, mark(source.slice(from, to), state)]);
  };
  const visit = (node) => {
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
      if (isSaid(node)) piece(node, { quoted: false }, 1, 1);
    } else if (ts.isTemplateExpression(node)) {
      const state = { quoted: false };
      piece(node.head, state, 1, 2);
      for (const { literal } of node.templateSpans) piece(literal, state, 1, ts.isTemplateTail(literal) ? 1 : 2);
    }
    ts.forEachChild(node, visit);
  };
  visit(file);
  let text = source;
  for (const [from, to, said] of changes.sort((a, b) => b[0] - a[0])) text = text.slice(0, from) + said + text.slice(to);
  return `// Made from ../en/${name} by npm run marked.\n${text}`;
}

/** The starter library with its names, sports and tags marked; its steps are notation. */
const markedStarters = (text) => text.replace(/^(== |sport: |tags: )(.*)$/gm, (_, head, said) => `${head}${mark(said, { quoted: false })}`);

/** All files of the test language by their path, laid out like any other source. */
export async function markedFiles() {
  const folder = join(root, 'words/en');
  const options = await resolveConfig(join(root, 'words/marked/all.ts'));
  const files = readdirSync(folder).map(async (name) => {
    const source = markedSource(name, readFileSync(join(folder, name), 'utf8'));
    return [`words/marked/${name}`, await format(source, { ...options, parser: 'typescript' })];
  });
  const starters = readFileSync(join(root, 'web/public/starters/en.txt'), 'utf8');
  return new Map([...(await Promise.all(files)), ['web/public/starters/en-XA.txt', markedStarters(starters)]]);
}
