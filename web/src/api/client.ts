import type { components } from './schema';

export type Schemas = components['schemas'];
export type Problem = Schemas['Problem'];

/** What the server refused, with its own sentence. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
    this.name = 'ProblemError';
  }
}

/** The server did not answer: the network, or the server itself. */
export class Unreachable extends Error {
  constructor() {
    super('The server does not answer. Nothing is lost: try again when the network is back.');
    this.name = 'Unreachable';
  }
}

export interface Change {
  mutationId: string;
  version: number;
}

type Method = 'GET' | 'PUT' | 'PATCH' | 'POST' | 'DELETE';

/** Sends one request. Throws ProblemError for a refusal and Unreachable when there is no answer. */
export async function call<T>(method: Method, path: string, body?: unknown, change?: Change): Promise<T> {
  const headers: Record<string, string> = { Accept: 'application/json' };
  if (method !== 'GET') {
    // Another site's page can't send this header; the server checks the origin beside it.
    headers['csrf-token'] = 'csrf-token';
  }
  if (body !== undefined) {
    headers['Content-Type'] = 'application/json';
  }
  if (change !== undefined) {
    headers['Mutation-Id'] = change.mutationId;
    headers['If-Match'] = `"${change.version}"`;
  }
  const response = await fetch(path, {
    method,
    headers,
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  }).catch(() => {
    throw new Unreachable();
  });
  return answerOf<T>(response);
}

async function answerOf<T>(response: Response): Promise<T> {
  const text = await response.text();
  if (response.ok) {
    return (text === '' ? undefined : JSON.parse(text)) as T;
  }
  throw isProblem(response) ? new ProblemError(JSON.parse(text) as Problem) : new Unreachable();
}

function isProblem(response: Response): boolean {
  return response.headers.get('Content-Type')?.startsWith('application/problem+json') ?? false;
}
