// What another reader finds in a PDF file on standard input, as JSON.
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';

const chunks = [];
for await (const chunk of process.stdin) chunks.push(chunk);
const doc = await getDocument({ data: new Uint8Array(Buffer.concat(chunks)), verbosity: 0 }).promise;

const kinds = (node) => [node.role, ...(node.children ?? []).filter((c) => c.role).flatMap(kinds)];
const alts = (node) => [
  ...(node.alt ? [node.alt] : []),
  ...(node.children ?? []).filter((c) => c.role).flatMap(alts),
];

const pages = [];
for (let i = 1; i <= doc.numPages; i++) {
  const page = await doc.getPage(i);
  const [, , width, height] = page.view;
  const { items } = await page.getTextContent();
  const tree = await page.getStructTree();
  const { fnArray } = await page.getOperatorList();
  pages.push({
    width,
    height,
    text: items.map((item) => item.str).join(' '),
    roles: tree ? kinds(tree) : [],
    alts: tree ? alts(tree) : [],
    paths: fnArray.filter((fn) => fn === OPS.constructPath).length,
    images: fnArray.filter((fn) => fn === OPS.paintImageXObject || fn === OPS.paintInlineImageXObject).length,
  });
}
const { info } = await doc.getMetadata();
const marked = (await doc.getMarkInfo())?.Marked ?? false;
process.stdout.write(JSON.stringify({ title: info.Title, language: info.Language, marked, pages }));
