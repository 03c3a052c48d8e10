import { z } from 'zod';
import { API_FILES, API_ROUTES, type ApiRoute } from './routes';
import { refusalSchema } from './schemas';

const schemaOf = (schema: z.ZodType, io: 'input' | 'output') => {
  const { $schema: _, ...rest } = z.toJSONSchema(schema, { io });
  return rest;
};
const inJson = (schema: object) => ({ 'application/json': { schema } });

/** The interface as an OpenAPI 3.1 description, made from the schemas that requests are checked with. */
export function openApi() {
  const refusal = {
    description: 'Why not, in a sentence',
    content: inJson({ $ref: '#/components/schemas/Refusal' }),
  };
  const refusals = {
    '400': refusal,
    '401': refusal,
    '404': refusal,
    '413': refusal,
    '422': refusal,
    '429': refusal,
  };
  return {
    openapi: '3.1.0',
    info: {
      title: 'Oskil',
      version: '1',
      description:
        'Plans for seated group hand and wrist classes, checked and drafted. It plans exercise and gives no medical advice. Pages of the app may ask without a token; other programs need one, made in Settings.',
    },
    security: [{ token: [] }],
    paths: {
      ...Object.fromEntries(API_ROUTES.map((r) => [r.path, { [r.method]: operationOf(r, refusals) }])),
      ...Object.fromEntries(
        API_FILES.map(([path, summary, type]) => [path, { get: fileOf(path, summary, type, refusal) }]),
      ),
    },
    components: {
      securitySchemes: { token: { type: 'http', scheme: 'bearer' } },
      schemas: { Refusal: schemaOf(refusalSchema, 'output') },
    },
  };
}

const operationOf = ({ id, summary, request, reply }: ApiRoute, refusals: object) => ({
  operationId: id,
  summary,
  ...(request && { requestBody: { required: true, content: inJson(schemaOf(request, 'input')) } }),
  responses: { '200': { description: summary, content: inJson(schemaOf(reply, 'output')) }, ...refusals },
});

const fileOf = (path: string, summary: string, type: string, refusal: object) => ({
  operationId: path.replace(/\W+/g, '-').replace(/^-|-$/g, ''),
  summary,
  ...(path.includes('{id}') && {
    parameters: [{ name: 'id', in: 'path', required: true, schema: { type: 'string' } }],
  }),
  responses: {
    '200': { description: summary, content: { [type]: { schema: { type: 'string' } } } },
    '401': refusal,
    '404': refusal,
    '429': refusal,
  },
});
