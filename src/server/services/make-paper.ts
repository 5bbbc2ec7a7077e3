import type { CaseDetail } from '../../contracts';
import { diagnoseCase } from '../../core/casework';
import { caseNumber } from '../../core/wording';
import { foldDetail } from './fold-detail';
import { paperOf, type Paper, type PaperName, type PaperOf } from '../../core/record';

/** A paper with what its file is called after. */
export interface MadePaper {
  readonly paper: Paper;
  /** As it stands on the tag. */
  readonly number: string;
  /** When the last entry was written: the date of the paper. */
  readonly at: Date;
}

/** What a paper has of the shop and of where it is served. */
export type PaperBy = Pick<PaperOf, 'shop' | 'rates' | 'link'>;

/** Makes a paper of a case from its log; it is the same as long as nothing is written into it. */
export function makePaper({ number, events }: CaseDetail, name: PaperName, by: PaperBy): MadePaper {
  const state = foldDetail({ number, events });
  const tag = caseNumber(number);
  const paper = paperOf(name, {
    state,
    diagnosis: diagnoseCase(state),
    number: tag,
    hash: events.at(-1)?.hash ?? '',
    ...by,
  });
  return { paper, number: tag, at: new Date(state.entries.at(-1)?.event.at ?? state.opened.at) };
}
