import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { call, type Schemas } from './client';

export type CutSheet = Schemas['CutSheetView'];
export type CutListOf = Schemas['CutListView'];
export type CutPiece = Schemas['CutPieceView'];

export interface CutWish {
  athletes: string;
  stock: string;
  spare: string;
  kerf: string;
}

export function useCutSheet(wish: CutWish) {
  const query = new URLSearchParams({ ...wish }).toString();
  return useQuery({
    queryKey: [...athletesKey, 'cut-sheet', query],
    queryFn: () => call<CutSheet>('GET', `/api/cut-sheet?${query}`),
    placeholderData: keepPreviousData,
    retry: false,
  });
}
