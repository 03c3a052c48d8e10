import type { ModelTold } from './model';

/** The models in words, as a document: what goes in, what comes out, what each is held against, and its limits. */
export const modelsMarkdown = (models: readonly ModelTold[]): string =>
  [
    '# How it is worked out',
    '',
    'Every number that Oskil works out, with its source, what it is held against and how far it may be off. The app shows the same with pictures under _How this is worked out_. A model guides planning; it never clears a person.',
    ...models.flatMap(sectionOf),
    '',
  ].join('\n');

function sectionOf({ name, use, goesIn, comesOut, sources, limits, checks }: ModelTold): string[] {
  return [
    '',
    `## ${name}`,
    '',
    use,
    '',
    `- Goes in: ${goesIn.join('; ')}.`,
    `- Comes out: ${comesOut}`,
    `- Source: ${sources.join('; ')}.`,
    ...checks.map((check) => `- Held against: ${check().says}`),
    ...limits.map((limit) => `- Limit: ${limit}`),
  ];
}
