import { v7 } from 'uuid';

/** An id made here, so that sending the same thing twice counts once on the server. */
export function newId(): string {
  return v7();
}
