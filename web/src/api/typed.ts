import type { components, paths } from './schema';

/** What the API description says of each address, as types: nothing here exists at run time. */

export type Schemas = components['schemas'];

export type Method = 'GET' | 'PUT' | 'PATCH' | 'POST' | 'DELETE';

/** What a change to a row that is there carries: its own id, so that it counts once, and the version it was made from. */
export interface Change {
  mutationId: string;
  version: number;
}

/** The addresses that take a method. */
export type PathWith<M extends Method> = {
  [P in keyof paths]: paths[P] extends Record<Lowercase<M>, object> ? P : never;
}[keyof paths];

type Operation<M extends Method, P> = P extends keyof paths
  ? paths[P] extends Record<Lowercase<M>, infer O>
    ? O
    : never
  : never;

type Parameters<O, In extends string> = O extends { parameters: Record<In, infer X extends object> }
  ? X
  : never;
type Query<O> = O extends { parameters: { query?: infer X } } ? Exclude<X, undefined> : never;
type Content<O> = O extends { requestBody: { content: infer C } } ? C : never;
type Json<C> = C extends { 'application/json': infer T } ? T : never;

/** What the server answers when it worked. */
export type Answer<M extends Method, P> =
  Operation<M, P> extends { responses: { 200: { content: infer C } } } ? Json<C> : undefined;

type Words<O> = [Parameters<O, 'path'>] extends [never] ? object : { path: Parameters<O, 'path'> };
type Asked<O> = [Query<O>] extends [never]
  ? object
  : object extends Query<O>
    ? { query?: Query<O> }
    : { query: Query<O> };
type Changing<O> = [Parameters<O, 'header'>] extends [never] ? object : { change: Change };
type Bodied<O> = [Json<Content<O>>] extends [never] ? object : { body: Json<Content<O>> };

/** Everything a call carries: the words of its path, its query, its body, and what a change carries. */
export type Sent<M extends Method, P> = Words<Operation<M, P>> &
  Asked<Operation<M, P>> &
  Changing<Operation<M, P>> &
  Bodied<Operation<M, P>>;

/** The same without a body, for addresses that take a file. */
export type SentBesideFile<M extends Method, P> = Words<Operation<M, P>> & Asked<Operation<M, P>>;

/** May be left out when nothing in it is needed. */
export type Rest<What> = object extends What ? [sent?: What] : [sent: What];

/** Media types of the file that an address takes. */
export type MediaType<M extends Method, P> = keyof Content<Operation<M, P>> & string;
