import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { shopSettingsSchema, type ShopSettings } from '../../contracts';
import { request } from './request';

const key = ['shop-settings'] as const;

/** What a lead decided for the shop. */
export const useShopSettings = () =>
  useQuery({ queryKey: key, queryFn: () => request(shopSettingsSchema, '/shop/settings') });

export function useChangeShop() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: ShopSettings) => request(shopSettingsSchema, '/shop/settings', { method: 'PUT', body }),
    onSuccess: (settings) => {
      client.setQueryData(key, settings);
      // What the shelf lacks depends on them.
      return client.invalidateQueries({ queryKey: ['shelf'] });
    },
  });
}
