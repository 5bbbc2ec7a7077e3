import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import * as z from 'zod';
import { shelfItemSchema, shelfSchema, type PutShelfItem } from '../../contracts';
import type { PartKind } from '../../core/machine';
import { request } from './request';

const key = ['shelf'] as const;

/** The spares of the shop. */
export const useShelf = () => useQuery({ queryKey: key, queryFn: () => request(shelfSchema, '/shelf') });

const nothing: readonly PartKind[] = [];

/** Kinds of part of which the shop has no spare to give: the same array as long as it says the same. */
export function useShelfLacks(): readonly PartKind[] {
  const { data } = useShelf();
  return data && data.lacks.length > 0 ? data.lacks : nothing;
}

export function usePutSpare() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: { id: string } & PutShelfItem) =>
      request(shelfItemSchema, `/shelf/${id}`, { method: 'PUT', body }),
    onSuccess: () => client.invalidateQueries({ queryKey: key }),
  });
}

export function useRemoveSpare() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => request(z.undefined(), `/shelf/${id}`, { method: 'DELETE' }),
    onSuccess: () => client.invalidateQueries({ queryKey: key }),
  });
}
