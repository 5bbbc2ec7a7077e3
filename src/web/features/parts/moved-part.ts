import { amountSchema, caseEventSchema, fieldProblems, parseSafely } from '../../../contracts';
import type { EventBody } from '../../../core/casework';
import { amountTyped, emptyPart, typedOf, type PartDraft } from '../../components/PartFields';
import { newId } from '../../stores/new-id';

export interface MovedDraft extends PartDraft {
  readonly way: string;
  readonly part: string;
  readonly price: string;
  /** How many parts came for that price; empty or 1 for this one alone. */
  readonly of: string;
}

export const emptyMoved: MovedDraft = { ...emptyPart, way: 'bought', part: '', price: '', of: '' };

/** What a draft says as an event, or what is wrong with it, by field. */
export function movedPartOf(
  draft: MovedDraft,
): { readonly ok: true; readonly body: EventBody } | { readonly ok: false; readonly errors: Record<string, string> } {
  const { price, of, ...rest } = draft;
  if (draft.name.trim() === '') return { ok: false, errors: { name: 'Enter what it is.' } };
  const paid = amountTyped(price);
  const count = of.trim() === '' ? 1 : Number(of);
  if (paid !== '' && !amountSchema.safeParse(paid).success)
    return { ok: false, errors: { price: 'expected an amount with at most two decimals, for instance 12.50' } };
  if (!Number.isInteger(count) || count < 1 || count > 500)
    return { ok: false, errors: { of: 'expected how many parts, 1 to 500' } };
  if (count > 1 && paid === '') return { ok: false, errors: { price: 'expected what was paid for all of them' } };
  const cost = paid === '' ? {} : count > 1 ? { lot: { paid, of: count } } : { price: paid };
  const body = { kind: 'part-moved', ...typedOf(rest), ...cost };
  // Held against the schema of the log itself, with whatever stands for who and when.
  const read = parseSafely(caseEventSchema, { ...body, id: newId(), at: '2026-01-01T00:00:00Z', by: 'x' });
  return read.success
    ? { ok: true, body: body as EventBody }
    : {
        ok: false,
        errors: Object.fromEntries(
          fieldProblems(read.error).map(({ path, message }) => [String(path.at(-1)), message]),
        ),
      };
}
