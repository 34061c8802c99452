import { v7 } from 'uuid';

/** An id made here, so that sending the same thing twice counts once on the server. */
export function newId(): string {
  return v7();
}

/** The version of a row that nobody has changed since it was made. */
export const FIRST_VERSION = 1;
