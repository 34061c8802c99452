import { KEPT_EVENT, KEPT_HEADER } from '../lib/keptAnswer';
import { OwnWrites } from '../lib/ownWrites';
import type {
  Answer,
  Change,
  MediaType,
  Method,
  PathWith,
  Rest,
  Schemas,
  Sent,
  SentBesideFile,
} from './typed';

export type { Change, Schemas } from './typed';
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
  /** @param status of an answer that says nothing; none: there was no answer */
  constructor(readonly status?: number) {
    super('The server does not answer. Nothing is lost: try again when the network is back.');
    this.name = 'Unreachable';
  }
}

/** A call that is ready to go, or to be kept on the device until it can. */
export interface Outgoing {
  method: Method;
  path: string;
  body?: unknown;
  change?: Change;
}

interface Parts {
  path?: Record<string, string>;
  query?: Record<string, unknown>;
  body?: unknown;
  change?: Change;
}

/** Whatever tells its revision may be the answer before, while the next is worked out: it is asked for again (changes.ts). */
const asking = { Accept: 'application/json', 'Zumbo-May-Lag': '1' };

/** Another site's page can't send this header; the server checks the origin beside it. */
const changing = { 'csrf-token': 'csrf-token' };

/** The revision a write made, as the server tells it. */
const REVISION_HEADER = 'Zumbo-Revision';

/** What this tab has written. */
export const ownWrites = new OwnWrites();

/** The address with its words filled in and its query; what is undefined or null is left out. */
export function href<P extends PathWith<'GET'>>(path: P, ...[sent]: Rest<Sent<'GET', P>>): string {
  return addressOf(path, sent as Parts | undefined);
}

/** Checks a call against the API description and makes it ready. */
export function outgoing<M extends Method, P extends PathWith<M>>(
  method: M,
  path: P,
  ...[sent]: Rest<Sent<M, P>>
): Outgoing {
  const { body, change } = (sent ?? {}) as Parts;
  return {
    method,
    path: addressOf(path, sent as Parts | undefined),
    ...(body === undefined ? {} : { body }),
    ...(change === undefined ? {} : { change }),
  };
}

/** Sends one request. Throws ProblemError for a refusal and Unreachable when there is no answer. */
export async function call<M extends Method, P extends PathWith<M>>(
  method: M,
  path: P,
  ...sent: Rest<Sent<M, P>>
): Promise<Answer<M, P>> {
  return (await send(outgoing(method, path, ...sent))) as Answer<M, P>;
}

/** Sends what was made ready. Throws as `call` does. */
export async function send(what: Outgoing): Promise<unknown> {
  return answerOf(await respond(what));
}

/** Sends a write; answers with the gym's revision it made, or 0 when it had been made before. Throws as `call` does. */
export async function sendForRevision(what: Outgoing): Promise<number> {
  const response = await respond(what);
  await answerOf(response);
  return Number(response.headers.get(REVISION_HEADER) ?? 0);
}

/** Fetches a file. Throws as `call` does. */
export async function fetchFile<M extends Method, P extends PathWith<M>>(
  method: M,
  path: P,
  ...sent: Rest<Sent<M, P>>
): Promise<Blob> {
  const response = await respond(outgoing(method, path, ...sent));
  return response.ok ? response.blob() : ((await answerOf(response)) as never);
}

/** Sends a file as it is, and tells how far it is, which fetch can't. Throws as `call` does. */
export function sendFile<M extends 'PUT' | 'POST', P extends PathWith<M>>(
  method: M,
  path: P,
  sent: SentBesideFile<M, P>,
  file: Blob,
  type: MediaType<M, P>,
  onSent?: (share: number) => void,
): Promise<Answer<M, P>> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open(method, addressOf(path, sent as Parts));
    Object.entries({ ...asking, ...changing, 'Content-Type': type }).forEach(([name, value]) =>
      request.setRequestHeader(name, value),
    );
    request.upload.onprogress = ({ loaded, total }) => onSent?.(total === 0 ? 1 : loaded / total);
    request.onerror = () => reject(new Unreachable());
    request.onload = () => {
      const revision = request.getResponseHeader(REVISION_HEADER);
      if (revision !== null) {
        ownWrites.made(Number(revision));
      }
      const headers = { 'Content-Type': request.getResponseHeader('Content-Type') ?? '' };
      const { status, responseText } = request;
      const response = new Response(responseText === '' ? null : responseText, { status, headers });
      resolve(answerOf(response) as Promise<Answer<M, P>>);
    };
    request.send(file);
  });
}

async function respond({ method, path, body, change }: Outgoing): Promise<Response> {
  const headers: Record<string, string> = method === 'GET' ? { ...asking } : { ...asking, ...changing };
  if (body !== undefined) {
    headers['Content-Type'] = 'application/json';
  }
  if (change !== undefined) {
    headers['Mutation-Id'] = change.mutationId;
    headers['If-Match'] = `"${change.version}"`;
  }
  const init = { method, headers, ...(body === undefined ? {} : { body: JSON.stringify(body) }) };
  const sending = fetch(path, init).catch(() => {
    throw new Unreachable();
  });
  const response = await (method === 'GET' ? sending : ownWrites.during(sending));
  const revision = response.headers.get(REVISION_HEADER);
  if (revision !== null) {
    ownWrites.made(Number(revision));
  }
  if (response.headers.has(KEPT_HEADER)) {
    window.dispatchEvent(new Event(KEPT_EVENT));
  }
  return response;
}

function addressOf(path: string, { path: words = {}, query = {} }: Parts = {}): string {
  const filled = path.replace(/\{(\w+)\}/g, (_, name: string) => encodeURIComponent(words[name] ?? ''));
  const asked = new URLSearchParams();
  Object.entries(query).forEach(([name, value]) => {
    if (value !== undefined && value !== null) {
      asked.set(name, String(value));
    }
  });
  return asked.size === 0 ? filled : `${filled}?${asked.toString()}`;
}

async function answerOf(response: Response): Promise<unknown> {
  const text = await response.text();
  if (response.ok) {
    return text === '' ? undefined : JSON.parse(text);
  }
  throw isProblem(response)
    ? new ProblemError(JSON.parse(text) as Problem)
    : new Unreachable(response.status);
}

function isProblem(response: Response): boolean {
  return response.headers.get('Content-Type')?.startsWith('application/problem+json') ?? false;
}
