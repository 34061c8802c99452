import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { forgetCard, keepCard, keptCard } from '../lib/cardOnPhone';
import { sayEffort } from '../lib/effortWords';
import { sayEntry } from '../lib/entryWords';
import { newId } from '../lib/ids';
import type { Entry } from '../lib/logLine';
import { newSecret, type WayIn } from '../lib/wayIn';
import { athletesKey } from './athletes';
import { madeOf } from './changes';
import { call, outgoing, ProblemError, type Schemas } from './client';
import { useOutbox } from './OutboxProvider';
import { useWriteOf } from './writes';

export type OwnCard = Schemas['OwnCardView'];
export type OwnCards = Schemas['CardLinksView'];
export type Aside = Schemas['AsideView'];
type Holder = Schemas['CardHolder'];
type Statement = Schemas['StatementInput'];
type PainInput = Schemas['CardPainInput'];
export type Place = NonNullable<PainInput['place']>;
type Pain = Pick<PainInput, 'caution' | 'place' | 'degree'>;

/** A link that was taken back is dead within a minute, wherever it is open. */
const ASKED_MS = 20_000;

const keyOf = (link: WayIn) => ['own-card', link.id] as const;
const sentLink = ({ gym, id, secret }: WayIn) => ({ gym, card: id, secret });

interface Opened {
  card: OwnCard | undefined;
  /** What is shown was kept on this phone: the network is away, or has not answered yet. */
  kept: boolean;
  /** Why the link opens nothing; null: it does, or nobody has answered. */
  ended: string | null;
  away: boolean;
}

/** The card of whoever holds the link: kept on the phone, asked for every so often. */
export function useOwnCard(link: WayIn): Opened {
  const found = useQuery({
    queryKey: keyOf(link),
    queryFn: async () => {
      try {
        const card = await call('POST', '/api/card', { body: sentLink(link) });
        keepCard(link, card);
        return card;
      } catch (error) {
        if (isDead(error)) {
          forgetCard();
        }
        throw error;
      }
    },
    refetchInterval: (query) => (isDead(query.state.error) ? false : ASKED_MS),
    networkMode: 'always',
    retry: false,
    ...madeOf('attempt', 'caution', 'effort'),
  });
  const dead = isDead(found.error);
  return {
    card: dead ? undefined : (found.data ?? keptCard<OwnCard>(link)),
    kept: found.data === undefined || found.isError,
    ended: dead ? (found.error?.message ?? '') : null,
    away: found.isError && !dead,
  };
}

/** Refused for good: not what a server says that is busy. */
function isDead(error: Error | null | unknown): boolean {
  return error instanceof ProblemError && [404, 410].includes(error.problem.status);
}

const PAIN = '/api/card/pain';

/** What an athlete does on their card: kept on the phone first, sent in its order. */
export function useCardWrites(link: WayIn) {
  const { outbox, waiting, add } = useOutbox();
  const now = () => new Date().toISOString();
  return {
    /** Newest first: what is not on the server yet, or was refused. */
    waiting: [...waiting].reverse(),
    /** Pain was noted here, and the server has not said yet what that means. */
    stopped: waiting.some((write) => write.path === PAIN && write.refused === undefined),
    count: (drill: string, entry: Entry) => {
      const id = newId();
      const body = { link: sentLink(link), entry: { id, drill, ...entry, at: now() } };
      add({
        ...outgoing('POST', '/api/card/entries', { body }),
        rowId: id,
        deed: 'card',
        said: sayEntry(entry),
      });
    },
    takeBack: (id: string, said: string) => {
      const body = { link: sentLink(link), mutationId: newId() };
      const put = outgoing('POST', '/api/card/entries/{id}/take-back', { path: { id }, body });
      add({ ...put, rowId: id, deed: 'card', said: `${said}, taken back` });
    },
    /** It never left the phone, or was refused: it is gone. */
    drop: (order: number) => void outbox?.drop(order),
    effort: (effort: number, minutes: number) => {
      const id = newId();
      const body = { link: sentLink(link), id, effort, minutes, at: now() };
      const said = sayEffort({ effort, minutes });
      add({ ...outgoing('POST', '/api/card/effort', { body }), rowId: id, deed: 'card', said });
    },
    pain: (pain: Pain, said: string) => {
      const id = newId();
      const body = { link: sentLink(link), id, ...pain, at: now() };
      add({ ...outgoing('POST', PAIN, { body }), rowId: id, deed: 'card', said });
    },
  };
}

/** The athlete's own statement, or their guardian's. It needs the network: whoever is cleared waits for the answer. */
export function useCardStatement(link: WayIn) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, version, statement }: { id: string; version: number; statement: Statement }) =>
      call('POST', '/api/card/statement', {
        body: { link: sentLink(link), mutationId: newId(), caution: id, version, statement },
      }),
    onSuccess: (card) => {
      keepCard(link, card);
      client.setQueryData(keyOf(link), card);
    },
  });
}

const cardsKey = (athleteId: string) => [...athletesKey, athleteId, 'own-cards'] as const;

/** The links to an athlete's card, for coaches. */
export function useOwnCards(athleteId: string, mayRead: boolean) {
  return useQuery({
    queryKey: cardsKey(athleteId),
    queryFn: () => call('GET', '/api/athletes/{id}/own-cards', { path: { id: athleteId } }),
    enabled: mayRead,
    ...madeOf('card', 'attempt', 'athlete'),
  });
}

/** Answers with the link that was made, which is known here and now only. */
export function useHandOut(athleteId: string, gymId: string) {
  return useWriteOf(['card'], async ({ holder, days }: { holder: Holder; days: number }): Promise<WayIn> => {
    const [id, secret] = [newId(), newSecret()];
    await call('PUT', '/api/own-cards/{id}', { path: { id }, body: { athleteId, secret, holder, days } });
    return { gym: gymId, id, secret };
  });
}

interface Seen {
  id: string;
  version: number;
}

const changeOf = ({ version }: Seen) => ({ mutationId: newId(), version });

export function useTakeBackCard() {
  return useWriteOf(['card'], (card: Seen) =>
    call('DELETE', '/api/own-cards/{id}', { path: { id: card.id }, change: changeOf(card) }),
  );
}

/** Keeps or drops what a withdrawn card sent. */
export function useDecideAside() {
  return useWriteOf(['card', 'attempt'], ({ keep, ...aside }: Seen & { keep: boolean }) =>
    keep
      ? call('POST', '/api/asides/{id}/keep', { path: { id: aside.id }, change: changeOf(aside) })
      : call('DELETE', '/api/asides/{id}', { path: { id: aside.id }, change: changeOf(aside) }),
  );
}
