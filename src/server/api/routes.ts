import type { z } from 'zod';
import {
  catalogueReplySchema,
  checkReplySchema,
  checkRequestSchema,
  draftReplySchema,
  draftRequestSchema,
} from './schemas';

/** One route of the interface, as it is described. */
export type ApiRoute = {
  readonly path: string;
  readonly method: 'get' | 'post';
  readonly id: string;
  readonly summary: string;
  readonly request: z.ZodType | null;
  readonly reply: z.ZodType;
};

export const API_ROUTES: readonly ApiRoute[] = [
  {
    path: '/api/v1/catalogue',
    method: 'get',
    id: 'catalogue',
    summary: 'Movements, props and conditions, with their ids',
    request: null,
    reply: catalogueReplySchema,
  },
  {
    path: '/api/v1/check',
    method: 'post',
    id: 'check',
    summary: 'Times, verdicts for each person and hand, findings and kit of a plan; nothing is kept',
    request: checkRequestSchema,
    reply: checkReplySchema,
  },
  {
    path: '/api/v1/draft',
    method: 'post',
    id: 'draft',
    summary: 'The best class for a group that breaks no must rule; nothing is kept',
    request: draftRequestSchema,
    reply: draftReplySchema,
  },
];

/** Files about one thing, or about all, that can be had with a token too. */
export const API_FILES = [
  ['/files/out/plan/{id}', 'A class plan', 'application/json'],
  ['/files/out/term/{id}', 'A term with its classes', 'application/json'],
  ['/files/out/movement/{id}', 'An own movement', 'application/json'],
  ['/files/out/figure/{id}', 'The picture of a movement', 'image/svg+xml'],
  ['/files/out/count/{id}', 'The count of a class', 'text/vtt'],
  ['/files/out/cue/{id}', 'The cue sheet of a class', 'application/pdf'],
  ['/files/out/group/{id}', 'The large print of a class', 'application/pdf'],
  ['/files/out/register/{id}', 'The register of a class, to be filled in', 'application/pdf'],
  ['/files/out/kit/{id}', 'The kit of a class', 'application/pdf'],
  ['/files/out/safety/{id}', 'The safety page', 'application/pdf'],
  ['/files/out/cards/{id}', 'The home cards of a class', 'application/pdf'],
  ['/files/out/person/{id}', 'The summary of a person', 'application/pdf'],
  ['/files/out/host/{id}', 'The summary of a term for its host', 'application/pdf'],
  ['/files/out/measures.csv', 'Measures', 'text/csv'],
  ['/files/out/register.csv', 'Register of the classes taught', 'text/csv'],
  ['/files/out/marks.csv', 'Marks made while teaching', 'text/csv'],
  ['/files/out/calendar.ics', 'Classes to come', 'text/calendar'],
] as const;
