import { format, parseISO } from 'date-fns';
import type { CaseState, Entry } from '../casework';
import type { Diagnosis } from '../diagnosis';
import type { Rates } from '../money';
import type { PaperBlock } from './paper';
import { identityWords } from './part-words';

/** What the papers have in common. */

export const PAPERS = ['owner', 'record', 'parts', 'ticket', 'estimate', 'bill', 'return'] as const;
export type PaperName = (typeof PAPERS)[number];

/** All that a paper is made from. */
export interface PaperOf {
  readonly state: CaseState;
  readonly diagnosis: Diagnosis;
  /** As it stands on the tag. */
  readonly number: string;
  readonly shop: string;
  /** The last hash of the log: by it the paper is verified against the case file. */
  readonly hash: string;
  readonly rates: Rates;
  /** The address at which the case opens. */
  readonly link: string;
}

export const day = (iso: string): string => format(parseISO(iso), 'd MMMM yyyy');
export const moment = (iso: string): string => format(parseISO(iso), 'd MMM HH:mm');
export const heading = (text: string): PaperBlock => ({ kind: 'heading', text });
export const text = (words: string): PaperBlock => ({ kind: 'text', text: words });
/** Nothing where there is nothing to list. */
export const listed = (title: string, items: readonly string[]): PaperBlock[] =>
  items.length === 0 ? [] : [heading(title), { kind: 'list', items }];

/** With its full stop, which who closes a case often leaves out. */
export const sentence = (words: string): string => (/[.!?]$/.test(words.trim()) ? words.trim() : `${words.trim()}.`);

export const counting = ({ entries }: CaseState): readonly Entry[] =>
  entries.filter(
    ({ struckBy, unread, event }) => struckBy === null && unread === null && event.kind !== 'entry-struck',
  );

/** A hash as it is read aloud and compared, sixteen digits at a time. */
export const hashInGroups = (hash: string): string => (hash.match(/.{1,16}/g) ?? []).join(' ');

export const footOf = ({ number, shop, hash }: PaperOf): string =>
  `${shop}, case ${number}. Record ${hashInGroups(hash)}`;

/** A part with what it is where that was noted. */
export function partInWords(state: CaseState, id: string): string {
  const name = state.machine.parts.find((part) => part.id === id)?.name ?? id;
  const facts = factsInWords(state, id);
  return facts === '' ? name : `${name}: ${facts}`;
}

/** What was noted of a part; empty where nothing was. */
export const factsInWords = ({ partFacts }: CaseState, id: string): string =>
  identityWords(partFacts[id] ?? {}).join(', ');
