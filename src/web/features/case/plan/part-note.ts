import type { EventBody, PartCondition, PartFacts } from '../../../../core/casework';

/** What is typed of a part; empty for what nobody noted. */
export interface PartLabelDraft {
  readonly make: string;
  readonly model: string;
  readonly serial: string;
  readonly rating: string;
  readonly condition: PartCondition | '';
  readonly paid: string;
}

const maxPaid = 1_000_000;
const amountOf = (text: string) => Number(text.trim().replace(',', '.'));

/** What is wrong with a typed price, in words; null where nothing is, or nothing was typed. */
export function priceProblem(text: string): string | null {
  const amount = amountOf(text);
  return text.trim() === '' || (amount >= 0 && amount <= maxPaid) ? null : 'Enter an amount, 0 or more.';
}

/** Only what was typed and is not noted already; null where that is nothing. */
export function partNoteOf(part: string, draft: PartLabelDraft, known: PartFacts | undefined): EventBody | null {
  const { paid, ...words } = draft;
  const typed: Readonly<Record<string, string | number>> = {
    ...Object.fromEntries(Object.entries(words).map(([key, value]) => [key, value.trim()])),
    ...(paid.trim() === '' ? {} : { paid: amountOf(paid) }),
  };
  const told = Object.entries(typed).filter(
    ([key, value]) => value !== '' && value !== known?.[key as keyof PartFacts],
  );
  return told.length > 0 ? { kind: 'part-noted', part, ...Object.fromEntries(told) } : null;
}
