import { KEPT_EVENT, KEPT_HEADER } from '../lib/keptAnswer';
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

const asking = { Accept: 'application/json' };

/** Another site's page can't send this header; the server checks the origin beside it. */
const changing = { 'csrf-token': 'csrf-token' };

/** Sends one request. Throws ProblemError for a refusal and Unreachable when there is no answer. */
export async function call<T>(method: Method, path: string, body?: unknown, change?: Change): Promise<T> {
  const headers: Record<string, string> = method === 'GET' ? { ...asking } : { ...asking, ...changing };
  if (body !== undefined) {
    headers['Content-Type'] = 'application/json';
  }
  if (change !== undefined) {
    headers['Mutation-Id'] = change.mutationId;
    headers['If-Match'] = `"${change.version}"`;
  }
  return request<T>(path, {
    method,
    headers,
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
}

interface Sending {
  method?: 'PUT' | 'POST';
  /** Which share of the file has left this device, 0 to 1. */
  onSent?: (share: number) => void;
}

/** Sends a file as it is, and tells how far it is, which fetch can't. Throws as `call` does. */
export function sendFile<T>(path: string, file: Blob, type: string, sending: Sending = {}): Promise<T> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open(sending.method ?? 'PUT', path);
    Object.entries({ ...asking, ...changing, 'Content-Type': type }).forEach(([name, value]) =>
      request.setRequestHeader(name, value),
    );
    request.upload.onprogress = ({ loaded, total }) => sending.onSent?.(total === 0 ? 1 : loaded / total);
    request.onerror = () => reject(new Unreachable());
    request.onload = () => {
      const headers = { 'Content-Type': request.getResponseHeader('Content-Type') ?? '' };
      const { status, responseText } = request;
      resolve(answerOf<T>(new Response(responseText === '' ? null : responseText, { status, headers })));
    };
    request.send(file);
  });
}

/** Fetches a file. Throws as `call` does. */
export async function fetchFile(path: string, body?: unknown): Promise<Blob> {
  const response = await fetch(path, {
    method: body === undefined ? 'GET' : 'POST',
    headers: body === undefined ? {} : { ...changing, 'Content-Type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  }).catch(() => {
    throw new Unreachable();
  });
  return response.ok ? response.blob() : answerOf<never>(response);
}

async function request<T>(path: string, init: RequestInit): Promise<T> {
  const response = await fetch(path, init).catch(() => {
    throw new Unreachable();
  });
  if (response.headers.has(KEPT_HEADER)) {
    window.dispatchEvent(new Event(KEPT_EVENT));
  }
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
