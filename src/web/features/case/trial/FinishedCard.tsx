import { isPast } from 'date-fns';
import { useState } from 'react';
import styled from 'styled-components';
import type { CaseState, EventBody, Judged } from '../../../../core/casework';
import { consentAsked, earlierModelOf, proofOfCause, type EarlierModel } from '../../../../core/casework';
import { useLatest } from '../../../components/use-latest';
import { useMay } from '../../../shell/me';
import { ConsentSheet } from '../../case-log/ConsentSheet';
import { useCaseKeys } from '../../case-log/use-case-keys';
import { MODEL_VERSION, type Diagnosis } from '../../../../core/diagnosis';
import { Allowed } from '../../../shell/Allowed';
import { Button } from '../../../components/Button';
import { CardText, CardTitle } from '../../../components/CardText';
import { counted, dayAndTime, listOf, percent, timeOf, uncapitalized } from '../../../components/format';
import { Notice } from '../../../components/Notice';
import { fonts } from '../../../theme/tokens';
import { entryWords } from '../../../../core/record';
import { ColumnHead } from '../column';
import { PartResults } from './PartResults';

const Span = styled.p`
  margin: 0.2rem 0 0.4rem;
  color: ${({ theme }) => theme.muted};
`;
const Told = styled.ol`
  margin: 0 0 0.8rem;
  list-style: none;
  li {
    display: grid;
    grid-template-columns: 4rem minmax(0, 1fr);
    padding: 0.3rem 0;
    border-top: 1px solid ${({ theme }) => theme.line};
    line-height: 1.3;
  }
  time {
    font: 500 0.9rem ${fonts.code};
    color: ${({ theme }) => theme.muted};
  }
`;
const Gap = styled.div`
  height: 0.8rem;
`;

const finished: Readonly<Partial<Record<Diagnosis['advice']['kind'], { title: string; then: string }>>> = {
  close: { title: 'The machine works', then: 'Record what it was and what was done.' },
  'nothing-seen': {
    title: 'No fault found',
    then: 'Close the case like this, park it until the fault shows again, or choose another test.',
  },
  undecided: { title: 'These cannot be separated here', then: '' },
  consent: { title: 'Ask the owner first', then: '' },
};

const headWords: Readonly<Partial<Record<Diagnosis['advice']['kind'], string>>> = {
  undecided: 'Decide',
  consent: 'Ask first',
};

/** Nothing left to do: the machine is right, the complaint does not show, or what is at hand tells no more. */
export function ReadyToClose({
  diagnosis,
  state,
  onClose,
  onConsent,
}: {
  readonly diagnosis: Diagnosis;
  readonly state: CaseState;
  readonly onClose: () => void;
  readonly onConsent: (consent: EventBody) => void;
}) {
  const { advice, proving, suspects, parts } = diagnosis;
  const words = finished[advice.kind];
  const open = suspects.filter(({ probability }) => probability >= 0.1).slice(0, 4);
  return (
    <div>
      <ColumnHead>
        <h2>{headWords[advice.kind] ?? 'Done'}</h2>
      </ColumnHead>
      <CardTitle>{proving && advice.kind === 'close' ? 'The parts are tested' : (words?.title ?? 'Done')}</CardTitle>
      <CardText>
        {proving && advice.kind === 'close' ? 'The list is kept with the case.' : `${advice.why} ${words?.then ?? ''}`}
      </CardText>
      {advice.kind === 'undecided' && (
        <ul>
          {open.map(({ fault, title, probability, repair }) => (
            <li key={fault}>
              <strong>{title}</strong>, {percent(probability)}: {uncapitalized(repair.title)}
              {repair.price > 0 ? `, about ${repair.price}` : ''}
            </li>
          ))}
        </ul>
      )}
      <PartResults state={state} judged={{ parts, proving }} />
      <Gap />
      {advice.kind === 'consent' && <AskOwner state={state} diagnosis={diagnosis} onNote={onConsent} />}
      <Allowed action="close-cases">
        <Button $kind={advice.kind === 'consent' ? 'plain' : 'primary'} onPress={onClose}>
          Close the case
        </Button>
      </Allowed>
    </div>
  );
}

/** What the likeliest repair waits for, to be noted at once. */
function AskOwner({
  state,
  diagnosis,
  onNote,
}: {
  readonly state: CaseState;
  readonly diagnosis: Diagnosis;
  readonly onNote: (consent: EventBody) => void;
}) {
  const [isOpen, setOpen] = useState(false);
  const asked = consentAsked(state, diagnosis);
  const mayWrite = useMay('write-cases');
  useCaseKeys(
    useLatest((key: string) => {
      if (key !== '1' || !mayWrite) return false;
      setOpen(true);
      return true;
    }),
  );
  return (
    <Allowed action="write-cases">
      <Button $kind="primary" onPress={() => setOpen(true)}>
        1 · Note what was agreed
      </Button>
      {isOpen && (
        <ConsentSheet
          asked={asked}
          onNote={(consent) => {
            setOpen(false);
            onNote(consent);
          }}
          onClose={() => setOpen(false)}
        />
      )}
    </Allowed>
  );
}

export function ParkedCard({
  state: { waitingFor, waitingUntil: until },
  onResume,
}: {
  readonly state: Pick<CaseState, 'waitingFor' | 'waitingUntil'>;
  readonly onResume: () => void;
}) {
  return (
    <div>
      <ColumnHead>
        <h2>Parked</h2>
      </ColumnHead>
      <CardTitle>Waiting for {waitingFor}</CardTitle>
      <CardText>
        {until ? `${isPast(new Date(until)) ? 'It was expected by' : 'Until'} ${dayAndTime(until)}. ` : ''}Everything
        stays as it is on the sheet.
      </CardText>
      <Allowed action="write-cases">
        <Button $kind="primary" onPress={onResume}>
          Resume
        </Button>
      </Allowed>
    </div>
  );
}

/** A closed case: what it was, how far it is proven, what was done. */
export function ClosedCard({
  state,
  judged,
  onReopen,
}: {
  readonly state: CaseState;
  /** What the diagnosis says of the parts. */
  readonly judged: Judged;
  readonly onReopen: () => void;
}) {
  const { closed } = state;
  if (!closed) return null;
  return (
    <div>
      <ColumnHead>
        <h2>Closed by {closed.by}</h2>
        <span>cause {proofOfCause(state, closed.fault)}</span>
      </ColumnHead>
      <CardTitle>{closed.cause}</CardTitle>
      <CardText>{closed.done}</CardText>
      <EarlierModelNotice earlier={earlierModelOf(closed)} />
      <Story state={state} />
      <PartResults state={state} judged={judged} />
      <Gap />
      <Allowed action="close-cases">
        <Button onPress={onReopen}>Reopen</Button>
      </Allowed>
    </div>
  );
}

/** What was done and seen on the way, in order; what was crossed out is not part of it. */
function Story({ state }: { readonly state: CaseState }) {
  const told = state.entries.filter(
    ({ event, struckBy }) => struckBy === null && event.kind !== 'case-closed' && event.kind !== 'entry-struck',
  );
  const [first] = told;
  const last = state.closed;
  if (!first || !last) return null;
  return (
    <>
      <Span>
        {dayAndTime(first.event.at)} to {dayAndTime(last.at)}, {counted(told.length, 'entry', 'entries')}
      </Span>
      <Told aria-label="What was done and seen">
        {told.map((entry) => {
          const { done, seen } = entryWords(entry);
          return (
            <li key={entry.event.id}>
              <time dateTime={entry.event.at}>{timeOf(entry.event.at)}</time>
              <span>
                <b>{done}.</b> {seen}
              </span>
            </li>
          );
        })}
      </Told>
    </>
  );
}

/** What is computed now may differ from what was said then: says so, and what it was. */
function EarlierModelNotice({ earlier }: { readonly earlier: EarlierModel | null }) {
  if (!earlier) return null;
  const { model, said } = earlier;
  return (
    <Notice kind="plain">
      Closed under {model === null ? 'an earlier model' : `model ${model}`}; the figures beside this are of model{' '}
      {MODEL_VERSION}.{' '}
      {said
        ? `Then: ${listOf(said.leading.map(({ title, probability }) => `${title} ${percent(probability)}`))}.`
        : 'What it said then was not recorded.'}
    </Notice>
  );
}
