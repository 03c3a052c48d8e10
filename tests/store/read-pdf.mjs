// What another reader finds in the PDF files that this thread is sent, one after the other.
import { parentPort } from 'node:worker_threads';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';

const kinds = (node) => [node.role, ...(node.children ?? []).filter((c) => c.role).flatMap(kinds)];
const alts = (node) => [
  ...(node.alt ? [node.alt] : []),
  ...(node.children ?? []).filter((c) => c.role).flatMap(alts),
];

async function read(data) {
  const doc = await getDocument({ data, verbosity: 0 }).promise;
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
      images: fnArray.filter((fn) => fn === OPS.paintImageXObject || fn === OPS.paintInlineImageXObject)
        .length,
    });
  }
  const { info } = await doc.getMetadata();
  const marked = (await doc.getMarkInfo())?.Marked ?? false;
  await doc.destroy();
  return { title: info.Title, language: info.Language, marked, pages };
}

parentPort.on('message', async (data) => parentPort.postMessage(await read(data)));
