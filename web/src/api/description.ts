import { useQuery } from '@tanstack/react-query';
import { call } from './client';

/** As much of JSON Schema as the description uses. */
export interface Shape {
  $ref?: string;
  type?: string | string[];
  format?: string;
  description?: string;
  enum?: unknown[];
  const?: unknown;
  items?: Shape;
  anyOf?: Shape[];
  oneOf?: Shape[];
  properties?: Record<string, Shape>;
  required?: string[];
}

type Contents = Record<string, { schema?: Shape }>;

export interface Operation {
  operationId: string;
  summary?: string;
  description?: string;
  parameters?: { name: string; in: string; required?: boolean; schema?: Shape; description?: string }[];
  requestBody?: { content: Contents };
  responses: Record<string, { description?: string; content?: Contents }>;
}

export interface Description {
  paths: Record<string, Record<string, Operation>>;
  components: { schemas: Record<string, Shape> };
}

/** What the API takes and answers, as it describes itself. */
export function useDescription() {
  return useQuery({
    queryKey: ['description'],
    queryFn: async () => (await call('GET', '/api/openapi.json')) as unknown as Description,
  });
}
