// One line of HTML for each movement: its still, those of its passes and rungs, and its key poses; to be looked at.
import { mkdirSync, writeFileSync } from 'node:fs';
import { CATALOGUE } from '@/catalogue/movements';
import { writeFigure } from '@/core/formats/figure-svg';
import { figureInPass, keyStills, stillOf, type Still } from '@/core/hand';

const [FOLDER, A_SHEET, HEIGHT_PX] = ['.figures', 14, 120];

const picture = (still: Still, words: string): string => {
  const { w, h } = still.box;
  const svg = writeFigure(still, words, '').replace(
    /width="[^"]*" height="[^"]*"/,
    `height="${HEIGHT_PX}" width="${Math.min(190, (HEIGHT_PX * w) / h)}"`,
  );
  return `<figure>${svg}<figcaption>${words}</figcaption></figure>`;
};

const lines = CATALOGUE.movements.map(({ id, name, what, rungs, passes }) => {
  const figure = CATALOGUE.figure(id)!;
  const passed = passes.flatMap((pass) => {
    const shown = figureInPass(figure, pass);
    return shown === figure ? [] : [picture(stillOf(shown), pass.name)];
  });
  const onRungs = rungs.flatMap((rung) => {
    const shown = CATALOGUE.figureOnRung(id, rung);
    return shown ? [picture(stillOf(shown), rung.words)] : [];
  });
  const keys = keyStills(figure).map((still, i) => picture(still, String(i + 1)));
  const parts = [picture(stillOf(figure), ''), ...passed, '<i></i>', ...onRungs, '<i></i>', ...keys];
  return `<section><h2>${name} <small>${id}</small></h2><p>${what}</p><div>${parts.join('')}</div></section>`;
});

const STYLE =
  'body{margin:8px;background:#f4eee2;font:14px sans-serif}section{border-top:1px solid #857b68}h2{font-size:16px;margin:4px 0 0}' +
  'p{margin:0}div{display:flex;flex-wrap:wrap;gap:8px}figure{margin:0;max-width:190px;text-align:center}i{border-left:1px solid #857b68}';

mkdirSync(FOLDER, { recursive: true });
for (let from = 0; from < lines.length; from += A_SHEET)
  writeFileSync(
    `${FOLDER}/sheet-${String(from / A_SHEET + 1).padStart(2, '0')}.html`,
    `<!doctype html><meta charset="utf-8"><style>${STYLE}</style>${lines.slice(from, from + A_SHEET).join('')}`,
  );
