import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { madeOf } from './changes';
import { call, type Schemas } from './client';

export type Deck = Schemas['DeckView'];
export type FootGame = Schemas['FootGameView'];
export type EachMinute = Schemas['EachMinuteView'];
export type Relay = Schemas['RelayView'];

export interface DeckWish {
  cards: number;
  seed: number;
  court: number;
  ace: number;
  /** Null: it doubles the next card. */
  joker: number | null;
  spades?: string;
  hearts?: string;
  diamonds?: string;
  clubs?: string;
}

export interface FootWish {
  kind: 'countdown' | 'pyramid';
  top: number;
}

export interface MinuteWish {
  first: number;
  unbroken: boolean;
}

const kept = { ...madeOf('athlete', 'attempt'), placeholderData: keepPreviousData, retry: false } as const;

export function useDeck(athleteId: string, wish: DeckWish) {
  const query = Object.fromEntries(
    Object.entries(wish).filter(([, value]) => value !== null && value !== ''),
  );
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'cards', query],
    queryFn: () => call('GET', '/api/athletes/{id}/cards', { path: { id: athleteId }, query }),
    ...kept,
  });
}

export function useFeet(athleteId: string, wish: FootWish) {
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'feet', wish],
    queryFn: () => call('GET', '/api/athletes/{id}/feet', { path: { id: athleteId }, query: wish }),
    ...kept,
  });
}

export function useEachMinute(athleteId: string, wish: MinuteWish) {
  const query = { first: wish.first, ...(wish.unbroken ? { unbroken: true } : {}) };
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'each-minute', query],
    queryFn: () => call('GET', '/api/athletes/{id}/each-minute', { path: { id: athleteId }, query }),
    ...kept,
  });
}

export function useRelay(teams: number, reps: number) {
  return useQuery({
    queryKey: ['relay', teams, reps],
    queryFn: () => call('GET', '/api/relay', { query: { teams, reps } }),
    ...kept,
  });
}
