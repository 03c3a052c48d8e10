// Drafts the ready classes anew, by the same means as any draft, for eight people with nothing on record and a full bag. Run by
// `npm run starters`; what changes in the catalogue or in what a draft weighs changes them.
import { spawnSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import loadHighs from 'highs';
import { STARTER_WISHES } from '@/catalogue/starters';
import { starterDraft } from '@/catalogue/starter-draft';
import { CATALOGUE } from '@/catalogue/movements';
import { answerOf, SOLVER_OPTIONS, starterSections } from '@/core/draft';

const FILE = 'src/catalogue/starter-rows.ts';

async function make(): Promise<void> {
  const highs = await loadHighs();
  const drafted = STARTER_WISHES.map((wish) => {
    const draft = starterDraft(wish, (lp) =>
      answerOf(highs.solve(lp, { ...SOLVER_OPTIONS, time_limit: 60 })),
    );
    if (!draft.ok) throw new Error(`${wish.name}: ${draft.message}`);
    console.log(`${wish.name}: ${(draft.value.lengthMs / 60_000).toFixed(1)} of ${wish.minutes} minutes`);
    return [wish.id, starterSections(draft.value.plan, CATALOGUE)] as const;
  });
  const rows = JSON.stringify(Object.fromEntries(drafted));
  writeFileSync(
    FILE,
    `import type { StarterSection } from '@/core/draft';\n\n/** Made by \`npm run starters\`. */\nexport const STARTER_ROWS = ${rows} satisfies Record<string, readonly StarterSection[]>;\n`,
  );
  spawnSync('npx', ['prettier', '--write', FILE], { stdio: 'inherit' });
}

void make();
