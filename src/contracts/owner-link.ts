import * as z from 'zod';

/** For how long a link opens a case, in days. */
export const LINK_DAYS = [7, 30, 90] as const;
export const makeOwnerLinkSchema = z.strictObject({ days: z.literal([...LINK_DAYS]) });
export const madeOwnerLinkSchema = z.strictObject({ token: z.string(), expiresAt: z.string() });

export const ownerLinkSchema = z.strictObject({
  id: z.string(),
  by: z.string(),
  madeAt: z.string(),
  expiresAt: z.string(),
  seenAt: z.string().nullable(),
});
export const ownerLinksSchema = z.strictObject({ links: z.array(ownerLinkSchema) });

const token = z.string().regex(/^[\w-]{43}$/, 'expected the token of a link');
export const lookOwnerLinkSchema = z.strictObject({ token });
export const answerEstimateSchema = z.strictObject({
  token,
  /** The entry of the estimate that is answered: a newer one is not accepted unseen. */
  estimate: z.uuid(),
  isAccepted: z.boolean(),
  words: z.string().max(300).optional(),
});

/** What an owner sees of a case. */
export const ownerViewSchema = z.strictObject({
  shop: z.string(),
  number: z.string(),
  machine: z.string(),
  complaint: z.string(),
  openedAt: z.string(),
  /** Where it stands, as a sentence. */
  state: z.string(),
  waitingUntil: z.string().nullable(),
  estimate: z
    .strictObject({
      id: z.string(),
      low: z.string(),
      high: z.string(),
      currency: z.string(),
      givenAt: z.string(),
      words: z.string().nullable(),
      answer: z.strictObject({ isAccepted: z.boolean(), at: z.string() }).nullable(),
    })
    .nullable(),
  /** Whether it can still be answered. */
  isOpen: z.boolean(),
  hasSheet: z.boolean(),
});

export type OwnerLink = z.infer<typeof ownerLinkSchema>;
export type OwnerView = z.infer<typeof ownerViewSchema>;
