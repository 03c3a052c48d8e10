// Writes docs/models.md: the models in words, with the numbers of today's checks.
import { writeFileSync } from 'node:fs';
import { MODELS } from '@/catalogue/models';
import { modelsMarkdown } from '@/core/models';

writeFileSync('docs/models.md', modelsMarkdown(MODELS));
