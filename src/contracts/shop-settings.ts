import * as z from 'zod';

/** What a lead decides for the shop. */
export const shopSettingsSchema = z.strictObject({
  /** Those who were trained may start a supply by itself, by the bridge of its start pin. */
  allowsSupplyBridge: z.boolean().default(false),
  /** What is not on the list of the shelf is not at hand. */
  keepsShelf: z.boolean().default(false),
});

export type ShopSettings = z.infer<typeof shopSettingsSchema>;
