import type { ReactNode } from 'react';
import { Failed, Loading } from './StateNote';
import { Workbench } from './Workbench';

/** As much of a fetch as its page needs to know. */
interface Fetch<Data> {
  isPending: boolean;
  isError: boolean;
  error: Error | null;
  data: Data | undefined;
  refetch: () => unknown;
}

interface Props<Data> {
  fetch: Fetch<Data>;
  /** The place's name, while its title is not known. */
  place: string;
  /** "the athletes": what is waited for, or could not be had. */
  what: string;
  /** Set when there is data, but nothing in it: the page that teaches the first step. */
  empty?: { when: (data: Data) => boolean; page: (data: Data) => ReactNode };
  children: (data: Data) => ReactNode;
}

/** A page in its four states: loading, error, empty, full. */
export function Fetched<Data>({ fetch, place, what, empty, children }: Props<Data>) {
  if (fetch.data !== undefined) {
    return empty?.when(fetch.data) === true ? empty.page(fetch.data) : children(fetch.data);
  }
  if (fetch.isError && fetch.error !== null) {
    return (
      <Workbench title={`Could not fetch ${what}`}>
        <Failed error={fetch.error} onRetry={() => void fetch.refetch()} />
      </Workbench>
    );
  }
  return (
    <Workbench title={place}>
      <Loading what={what} />
    </Workbench>
  );
}
