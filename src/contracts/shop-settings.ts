import * as z from 'zod';
import { PRICED_KINDS } from '../core/faults';
import { amountSchema } from './part-events';

const percentSchema = z
  .string()
  .regex(/^\d{1,3}(\.\d{1,2})?$/, 'expected a percentage with at most two decimals, for instance 19');

/** What a lead decides for the shop. */
export const shopSettingsSchema = z.strictObject({
  /** Those who were trained may start a supply by itself, by the bridge of its start pin. */
  allowsSupplyBridge: z.boolean().default(false),
  /** What is not on the list of the shelf is not at hand. */
  keepsShelf: z.boolean().default(false),
  rates: z
    .strictObject({
      currency: z.string().regex(/^[A-Z]{3}$/, 'expected three letters, for instance EUR'),
      hour: amountSchema,
      taxPercent: percentSchema,
      stepMinutes: z.number().int().min(1).max(120),
      onPartsPercent: percentSchema,
      partPrices: z.partialRecord(z.enum(PRICED_KINDS), amountSchema).default({}),
    })
    .default({
      currency: 'EUR',
      hour: '0',
      taxPercent: '0',
      stepMinutes: 15,
      onPartsPercent: '0',
      partPrices: {},
    }),
});

export type ShopSettings = z.infer<typeof shopSettingsSchema>;
