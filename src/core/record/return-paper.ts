import type { Entry, PartMoved } from '../casework';
import { proofOfCause } from '../casework';
import { inARow, percent } from '../wording';
import { entryWords } from './entry-words';
import type { Paper, PaperBlock } from './paper';
import { pictureBlocks } from './picture-blocks';
import { counting, day, factsInWords, footOf, heading, moment, text, type PaperOf } from './paper-parts';
import { movedPartWords } from './spare-words';

/** What a supplier needs who takes a part back: which one it is, what was tried in what order, and what it showed. */
export function returnEvidence(of: PaperOf): Paper {
  const { state, number, shop } = of;
  const returned = state.partMoves.filter(({ way }) => way === 'to-seller');
  const blocks = returned.length > 0 ? returned.flatMap((moved) => blocksOf(of, moved)) : blocksOfSuspect(of);
  return {
    title: `Return evidence, case ${number}`,
    subtitle: `${shop}, ${day(state.entries.at(-1)?.event.at ?? state.opened.at)}.`,
    foot: footOf(of),
    blocks: [
      ...blocks,
      ...pictureBlocks('Photos', state, ({ showsOwner }) => !showsOwner),
      { kind: 'signature', label: 'Tested by' },
    ],
  };
}

function blocksOf(of: PaperOf, moved: PartMoved): PaperBlock[] {
  return [
    heading(moved.name),
    { kind: 'list', items: [...movedPartWords(moved).slice(1), `returned ${moment(moved.at)}`] },
    ...(moved.part === undefined ? [] : evidenceOf(of, moved.part)),
  ];
}

/** Nothing is noted as returned yet: the part that the log holds to be at fault. */
function blocksOfSuspect(of: PaperOf): PaperBlock[] {
  const { state, diagnosis } = of;
  const [top] = Object.entries(diagnosis.parts).sort(([, a], [, b]) => b - a);
  const part = top && state.machine.parts.find(({ id }) => id === top[0]);
  if (!part) return [text('No part of this machine is held to be at fault.')];
  const facts = factsInWords(state, part.id);
  return [
    heading(part.name),
    text(facts === '' ? 'Make, model and serial number are not noted.' : facts),
    ...evidenceOf(of, part.id),
  ];
}

/** The tests at a part in order, with what was seen, and how far they prove it. */
function evidenceOf({ state, diagnosis }: PaperOf, part: string): PaperBlock[] {
  const entries = counting(state).filter((entry) => isAbout(entry, part));
  const fault = diagnosis.suspects.find((suspect) => suspect.part === part);
  const probability = diagnosis.parts[part] ?? 0;
  return [
    text(`By all that was seen the fault is at this part: ${percent(probability)}.`),
    ...(fault ? [text(`${fault.title}. Proof: ${proofOfCause(state, fault.fault)}.`)] : []),
    ...(entries.length === 0
      ? [text('No test was made at it.')]
      : [
          {
            kind: 'table' as const,
            heads: ['When', 'Done', 'Seen'],
            widths: [2, 6, 4],
            rows: entries.map((entry) => {
              const { done, seen } = entryWords(entry);
              const { note } = entry.event as { note?: string };
              return [moment(entry.event.at), inARow([done, entry.changes]), inARow([seen, note])];
            }),
          },
        ]),
  ];
}

/** A plain start shows the complaint; all else counts that names the part or moves it. */
function isAbout({ event, trial }: Entry, part: string): boolean {
  if (event.kind !== 'trial-done' || !trial) return false;
  const moves = trial.changes.some((change) => change.kind === 'place' && change.part === part);
  const isPlain = trial.ref.kind === 'start' || trial.ref.kind === 'run-under-load';
  return moves || isPlain || trial.part?.id === part;
}
