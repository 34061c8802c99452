import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { madeOf } from './changes';
import { call, type Schemas } from './client';

export type CutSheet = Schemas['CutSheetView'];
export type CutListOf = Schemas['CutListView'];
export type CutPiece = Schemas['CutPieceView'];

export interface CutWish {
  athletes: string;
  /** Left out: what is usual. */
  stock?: string;
  spare?: string;
  kerf?: string;
}

export function useCutSheet(wish: CutWish) {
  return useQuery({
    queryKey: [...athletesKey, 'cut-sheet', wish],
    queryFn: () => call('GET', '/api/cut-sheet', { query: wish }),
    ...madeOf('athlete', 'rope', 'gym'),
    placeholderData: keepPreviousData,
    retry: false,
  });
}
