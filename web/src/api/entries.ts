import { sayEntry } from '../lib/entryWords';
import { FIRST_VERSION, newId } from '../lib/ids';
import type { Entry } from '../lib/logLine';
import type { Deed, Waiting } from '../lib/outboxStore';
import { outgoing, type Schemas } from './client';
import { isWaiting } from './outbox';
import { useOutbox } from './OutboxProvider';

export type Attempt = Schemas['AttemptView'];

/** An entry of the log as this device knows it: what the server told, with what this device did since. */
export interface ShownEntry extends Attempt {
  /** Whether the server has it as it is shown. */
  state: 'kept' | 'waiting' | 'failed' | 'refused';
}

/** The beat of the take that an entry was counted from. */
export interface Beat {
  cadencePerMin: number;
  variation: number;
}

/** Whom and what an entry is about, for the words of the log. */
export interface Of {
  athleteId: string;
  /** "Ilse". */
  name: string;
  drill: string;
}

/** The write of a new entry, as it is kept on the device and sent. */
export function entryWrite(
  of: Of,
  entry: Entry,
  now: Date,
  asked: string | null = null,
  beat: Beat | null = null,
): Waiting {
  const rowId = newId();
  const body = { athleteId: of.athleteId, drill: of.drill, ...entry, at: now.toISOString(), ...beat };
  const put = outgoing('PUT', '/api/attempts/{id}', { path: { id: rowId }, body });
  const write: Waiting = { ...put, rowId, deed: 'log', said: `${of.name} ${sayEntry(entry)}` };
  return asked === null ? write : { ...write, asked };
}

/**
 * What is on the server at a revision, with the writes it does not hold yet. A row is never missing between "sent" and
 * "fetched", and whoever takes one back takes back that one. The newest first.
 */
export function withOwn(
  entries: readonly Attempt[],
  revision: number,
  writes: readonly Waiting[],
): ShownEntry[] {
  const shown = new Map<string, ShownEntry>(entries.map((entry) => [entry.id, { ...entry, state: 'kept' }]));
  for (const write of writes) {
    if (isWaiting(write) || (write.arrived ?? 0) > revision) {
      apply(shown, write);
    }
  }
  return [...shown.values()].sort((a, b) => b.at.localeCompare(a.at) || b.id.localeCompare(a.id));
}

function apply(shown: Map<string, ShownEntry>, write: Waiting): void {
  const deed = write.deed ?? 'log';
  const before = shown.get(write.rowId);
  if (deed === 'log') {
    shown.set(write.rowId, before ?? { ...asLogged(write), state: stateOf(write) });
    return;
  }
  // What was refused did not happen.
  if (before === undefined || write.refused !== undefined) {
    return;
  }
  if (deed === 'remove') {
    shown.delete(write.rowId);
    return;
  }
  const changed = { ...before, ...changeOf(deed, write.body), version: before.version + 1 };
  shown.set(write.rowId, { ...changed, state: before.state === 'kept' ? stateOf(write) : before.state });
}

function changeOf(deed: Deed, body: unknown): Partial<Attempt> {
  return deed === 'keep' ? { asks: null, twin: null } : (body as Partial<Attempt>);
}

function stateOf(write: Waiting): ShownEntry['state'] {
  if (!isWaiting(write)) {
    return 'kept';
  }
  return write.refused !== undefined ? 'refused' : write.failed !== undefined ? 'failed' : 'waiting';
}

function asLogged({ rowId, body, asked }: Waiting): Attempt {
  const entry = body as Schemas['AttemptInput'];
  const end = (entry.end ?? null) as Attempt['end'];
  const kind = entry.kind as Attempt['kind'];
  const { athleteId, drill, reps, misses = 0, clean = true } = entry;
  return {
    id: rowId,
    athleteId,
    drill,
    kind,
    reps,
    misses,
    end,
    clean,
    // As the server writes it: to the second.
    at: `${entry.at?.slice(0, 19) ?? ''}Z`,
    sentence: sayEntry({ kind, reps, misses, end, clean }),
    loggedBy: '',
    selfReported: false,
    asks: asked === undefined ? null : { code: 'entry.ask', sentence: asked },
    twin: null,
    removed: false,
    version: FIRST_VERSION,
  };
}

/** Everything a coach does to entries of the log: kept on the device first, shown at once, sent in its order. */
export function useEntryLog() {
  const { outbox, writes, add } = useOutbox();
  const change = (
    { id }: Pick<ShownEntry, 'id'>,
    deed: Deed,
    said: string,
    put: Omit<Waiting, 'rowId' | 'said'>,
  ) => add({ ...put, rowId: id, deed, said });
  const about = ({ id, version }: Pick<ShownEntry, 'id' | 'version'>) => ({
    path: { id },
    change: { mutationId: newId(), version },
  });
  return {
    /** Answers with the id of the new entry. */
    log: (of: Of, entry: Entry, asked: string | null = null, beat: Beat | null = null): string => {
      const write = entryWrite(of, entry, new Date(), asked, beat);
      add(write);
      return write.rowId;
    },
    judge: (entry: ShownEntry, said = entry.sentence) => {
      const clean = !entry.clean;
      const put = outgoing('PATCH', '/api/attempts/{id}', { ...about(entry), body: { clean } });
      change(entry, 'judge', `${clean ? 'Clean' : 'Rough'}: ${said}`, put);
    },
    /** It was written down wrongly. */
    correct: (
      entry: Pick<ShownEntry, 'id' | 'version'>,
      right: Pick<Entry, 'reps' | 'misses' | 'end'>,
      said: string,
    ) =>
      change(
        entry,
        'judge',
        `Put right: ${said}`,
        outgoing('PATCH', '/api/attempts/{id}', { ...about(entry), body: right }),
      ),
    move: (
      entry: Pick<ShownEntry, 'id' | 'version' | 'sentence'>,
      athleteId: string,
      said = entry.sentence,
    ) =>
      change(
        entry,
        'move',
        `Move: ${said}`,
        outgoing('POST', '/api/attempts/{id}/move', { ...about(entry), body: { athleteId } }),
      ),
    /** It is right as it stands, though it was asked about. */
    keep: (entry: ShownEntry, said = entry.sentence) =>
      change(entry, 'keep', `Keep: ${said}`, outgoing('POST', '/api/attempts/{id}/keep', about(entry))),
    undo: (entry: Pick<ShownEntry, 'id' | 'version' | 'sentence'>, said = entry.sentence) => {
      const refused = writes.find(
        (write) => write.rowId === entry.id && isWaiting(write) && write.refused !== undefined,
      );
      if (refused !== undefined && (refused.deed ?? 'log') === 'log') {
        void outbox?.drop(refused.order ?? -1);
      } else {
        change(entry, 'remove', `Undo: ${said}`, outgoing('DELETE', '/api/attempts/{id}', about(entry)));
      }
    },
  };
}
