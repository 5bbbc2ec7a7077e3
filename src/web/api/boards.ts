import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import * as z from 'zod';
import { boardDetailSchema, boardListSchema, type BoardBookFile } from '../../contracts';
import { request } from './request';

const listKey = ['boards'] as const;
const boardKey = (id: string) => ['board', id] as const;

/** The shop's board book, a line a board. */
export function useBoardList() {
  return useQuery({ queryKey: listKey, queryFn: () => request(boardListSchema, '/boards') });
}

/** One board whole; nothing is asked while the id is null. */
export function useBoardDetail(id: string | null) {
  return useQuery({
    queryKey: boardKey(id ?? ''),
    queryFn: () => request(boardDetailSchema, `/boards/${id ?? ''}`),
    enabled: id !== null,
  });
}

export function usePutBoard() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: { id: string; expectedEdition: number; board: BoardBookFile }) =>
      request(boardDetailSchema, `/boards/${id}`, { method: 'PUT', body }),
    onSuccess: (detail) => {
      client.setQueryData(boardKey(detail.id), detail);
      return client.invalidateQueries({ queryKey: listKey });
    },
  });
}

export function useRemoveBoard() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => request(z.undefined(), `/boards/${id}`, { method: 'DELETE' }),
    onSuccess: (_nothing, id) => {
      client.removeQueries({ queryKey: boardKey(id) });
      return client.invalidateQueries({ queryKey: listKey });
    },
  });
}
