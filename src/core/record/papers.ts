import { differenceInMinutes, parseISO } from 'date-fns';
import { partResults, proofOfCause, totalPaid, type CaseState, type PartResult } from '../casework';
import { isExchanged, pieceIn, placementOf } from '../machine';
import { MODEL_VERSION, type Confirmation } from '../diagnosis';
import { capitalized, counted, decimal, inARow, minutesInWords, percent } from '../wording';
import { circumstanceWords } from './circumstance-words';
import { entryWords } from './entry-words';
import { billPaper, estimatePaper } from './bill-papers';
import type { Paper, PaperBlock } from './paper';
import {
  counting,
  day,
  factsInWords,
  footOf,
  heading,
  listed,
  moment,
  partInWords,
  sentence,
  text,
  type PaperName,
  type PaperOf,
} from './paper-parts';
import { agreementBlocks, otherFileBlocks, pictureBlocks, signatureBlock } from './picture-blocks';
import { returnEvidence } from './return-paper';
import { jobTicket } from './ticket-paper';

/** The paper of a case by its name. */
export function paperOf(name: PaperName, of: PaperOf): Paper {
  switch (name) {
    case 'owner':
      return ownersSheet(of);
    case 'record':
      return technicalRecord(of);
    case 'parts':
      return partsList(of);
    case 'ticket':
      return jobTicket(of);
    case 'estimate':
      return estimatePaper(of);
    case 'bill':
      return billPaper(of);
    case 'return':
      return returnEvidence(of);
  }
}

const proofSentences: Readonly<Record<Confirmation, string>> = {
  suggested: 'The tests point to it. It was not made to come and go.',
  supported: 'With the change the fault was gone.',
  proven: 'With the change the fault was gone, without it the fault came back, and with it the fault was gone again.',
};

/** One page in plain words for the person who brought the machine. */
function ownersSheet(of: PaperOf): Paper {
  const { state, number, shop } = of;
  const { opened, closed } = state;
  const proof = closed ? proofOfCause(state, closed.fault) : null;
  const { lastCheck } = closed ?? {};
  return {
    title: opened.machine.name,
    subtitle: `Case ${number}, ${shop}. Brought in on ${day(opened.at)}${closed ? `, ready on ${day(closed.at)}` : ''}.`,
    foot: footOf(of),
    blocks: [
      heading('What you told us'),
      text(`“${opened.complaint}”`),
      ...(closed
        ? [
            heading(closed.ending === 'nothing-wrong' ? 'What we found' : 'What was wrong'),
            text(sentence(closed.cause)),
            ...(closed.fault === null || proof === null ? [] : [text(proofSentences[proof])]),
            heading('What was done'),
            text(sentence(closed.done)),
          ]
        : [heading('Where it stands'), text('The work is not finished.')]),
      ...listed('Parts that were replaced', replacedParts(state)),
      ...listed('Checked before it left', lastCheck?.done ?? []),
      ...listed('Left open', lastCheck?.accepted ?? []),
      ...(closed?.ending === 'work-around'
        ? [
            heading('A workaround stays'),
            text(
              'The machine works as long as what was left as it is stays so. What was agreed is kept with the case.',
            ),
          ]
        : []),
      heading('What to watch for'),
      text(watchFor(state)),
    ],
  };
}

function watchFor({ closed, machine }: CaseState): string {
  if (machine.onBench) return 'Parts are as they were tested. What was not loaded or not tested may still fail.';
  switch (closed?.ending) {
    case 'repaired':
    case 'work-around':
      return 'If the same happens again, note when and after how long, leave it off, and bring it back with this sheet.';
    case 'nothing-wrong':
      return 'If it happens again, note what was running, how long it had been on, and what the lights and fans did.';
    default:
      return 'Do not use the machine until somebody has looked at it again.';
  }
}

/** Parts that a repair replaced, once each, with what they are where that was noted. */
function replacedParts(state: CaseState): string[] {
  const ids = counting(state).flatMap(({ event, trial }) =>
    event.kind === 'trial-done' && event.outcome !== 'could-not' && trial?.repair?.repair === 'replace'
      ? [trial.repair.part.id]
      : [],
  );
  return [...new Set(ids)].map((id) => partInWords(state, id));
}

/** Everything, for the next technician. */
function technicalRecord(of: PaperOf): Paper {
  const { state, diagnosis, number, shop } = of;
  const { opened, closed, circumstances } = state;
  const entries = counting(state);
  const last = entries.at(-1)?.event.at ?? opened.at;
  return {
    title: `Technical record, case ${number}`,
    subtitle: `${opened.machine.name}. ${shop}.`,
    foot: footOf(of),
    blocks: [
      {
        kind: 'facts',
        rows: [
          ['Complaint', `“${opened.complaint}”`],
          [
            'Known',
            circumstances.length > 0 ? circumstances.map((id) => circumstanceWords[id]).join(', ') : 'nothing special',
          ],
          ['Opened', moment(opened.at)],
          [
            'Last entry',
            `${moment(last)}, ${minutesInWords(Math.max(1, differenceInMinutes(parseISO(last), parseISO(opened.at))))} after it`,
          ],
          ['Ended', closed ? `${sentence(closed.cause)} ${sentence(closed.done)}` : 'not yet'],
          ['Proof of the cause', closed ? proofOfCause(state, closed.fault) : 'none yet'],
          ['Computed with', `model ${MODEL_VERSION}`],
        ],
      },
      ...partBlocks(state),
      heading('What was done and seen'),
      {
        kind: 'table',
        heads: ['When', 'By', 'Done', 'Seen'],
        widths: [2, 2, 5, 5],
        rows: entries.map((entry) => {
          const { done, seen } = entryWords(entry);
          const { note } = entry.event as { note?: string };
          return [moment(entry.event.at), entry.event.by, inARow([done, entry.changes]), inARow([seen, note])];
        }),
      },
      ...evidenceBlocks(of),
      ...listed('Checked before it left', closed?.lastCheck?.done ?? []),
      ...listed(`Accepted as open by ${closed?.by ?? ''}`, closed?.lastCheck?.accepted ?? []),
      text(`Chance that the machine is right as it stands: ${percent(diagnosis.rightProbability)}.`),
      ...agreementBlocks(state),
      ...pictureBlocks('Photos', state),
      ...otherFileBlocks(state),
    ],
  };
}

/** Parts of which anything was noted, or that are not as found. */
function partBlocks(state: CaseState): PaperBlock[] {
  const rows = state.machine.parts.flatMap(({ id, kind, name }) => {
    const facts = factsInWords(state, id);
    const placed = placementOf(state.configuration, id);
    const isSaid = kind !== 'slot' && kind !== 'channel' && (facts !== '' || placed.state !== 'as-found');
    const piece =
      placed.state === 'moved' && isExchanged(state.configuration, id) ? `${pieceIn(state.configuration, id)}, ` : '';
    return isSaid ? [[name, facts, `${piece}${placedWords[placed.state]}`]] : [];
  });
  return rows.length === 0
    ? []
    : [heading('Parts'), { kind: 'table', heads: ['Part', 'What it is', 'Placed'], widths: [3, 5, 2], rows }];
}

const placedWords = { 'as-found': 'as found', out: 'out', spare: 'spare in', new: 'new', moved: 'moved' } as const;
const suspectsShown = 4;
const leastDecibans = 0.5;

/** The leading suspects with the evidence for and against each, in decibans that add up. */
function evidenceBlocks({ state, diagnosis }: PaperOf): PaperBlock[] {
  const leading = diagnosis.suspects.filter(({ probability, somethingElse }) => probability >= 0.01 && !somethingElse);
  return leading.slice(0, suspectsShown).flatMap(({ title, probability, priorDecibans, evidence }): PaperBlock[] => [
    heading(`${title}: ${percent(probability)}`),
    {
      kind: 'list',
      items: [
        `before any test ${signed(priorDecibans)} dB`,
        ...evidence
          .filter(({ decibans }) => Math.abs(decibans) >= leastDecibans)
          .map(({ eventId, decibans }) => `${signed(decibans)} dB: ${entryName(state, eventId)}`),
      ],
    },
  ]);
}

const signed = (value: number): string => `${value < 0 ? '−' : '+'}${decimal(Math.abs(value), 1)}`;

function entryName({ entries }: CaseState, id: string): string {
  const entry = entries.find(({ event }) => event.id === id);
  if (!entry) return 'an entry';
  const { done, seen } = entryWords(entry);
  return `${done}: ${seen}`;
}

const resultWords: Readonly<Record<PartResult['result'], string>> = {
  proven: 'works',
  'not-loaded': 'works, not loaded',
  failed: 'fails',
  open: 'not tested',
};

/** The list that a bench test of parts ends in, to be signed. */
function partsList(of: PaperOf): Paper {
  const { state, diagnosis, number, shop } = of;
  const results = partResults(state, diagnosis);
  const paid = totalPaid(results);
  return {
    title: `Parts list, case ${number}`,
    subtitle: `${state.opened.machine.name}. ${shop}, ${day(state.closed?.at ?? state.opened.at)}.`,
    foot: footOf(of),
    blocks: [
      text(`${counted(results.length, 'part')}. ${capitalized(summary(results))}.`),
      {
        kind: 'table',
        heads: ['Part', 'What it is', 'Paid', 'Result'],
        widths: [3, 5, 2, 3],
        rows: results.map(({ part, result, paid: price }) => [
          part.name,
          factsInWords(state, part.id),
          price === null ? '' : decimal(price, 2),
          resultWords[result],
        ]),
      },
      ...(paid > 0 ? [text(`Paid together: ${decimal(paid, 2)}.`)] : []),
      text('“Works, not loaded” was seen to work and was not run under full load. “Not tested” may be sound or not.'),
      signatureBlock('Tested by', state, 'parts-list', 'shop'),
      signatureBlock('Received by', state, 'parts-list', 'owner'),
    ],
  };
}

function summary(results: readonly PartResult[]): string {
  const kinds = ['proven', 'not-loaded', 'failed', 'open'] as const;
  return kinds
    .flatMap((kind) => {
      const count = results.filter(({ result }) => result === kind).length;
      return count === 0 ? [] : [`${resultWords[kind]}: ${count}`];
    })
    .join('; ');
}
