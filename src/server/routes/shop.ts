import { Router, type Response } from 'express';
import { shopSettingsSchema } from '../../contracts';
import { parse } from '../middleware/parse';
import { allow } from '../middleware/session';
import type { ShopService } from '../services/shop-service';

/** /api/shop: what a lead decides for the shop. */
export function shopRoutes(shop: (response: Response) => ShopService): Router {
  const router = Router();
  router.get('/settings', allow('read'), async (_request, response) => {
    response.json(await shop(response).settings());
  });
  router.put('/settings', allow('manage-shop'), async (request, response) => {
    response.json(await shop(response).change(parse(shopSettingsSchema, request.body)));
  });
  return router;
}
