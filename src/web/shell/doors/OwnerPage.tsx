import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import type { OwnerView } from '../../../contracts';
import { readOwnerSheet, useAnswerEstimate, useOwnerView } from '../../api/owner-links';
import { Button } from '../../components/Button';
import { download } from '../../components/download';
import { Field } from '../../components/Field';
import { dateAndTime, dayAndTime } from '../../components/format';
import { Notice } from '../../components/Notice';
import { DoorPage } from './DoorPage';

const Facts = styled.dl`
  display: grid;
  grid-template-columns: 7rem minmax(0, 1fr);
  gap: 0.35rem 1rem;
  dt {
    color: ${({ theme }) => theme.muted};
  }
  dd {
    overflow-wrap: anywhere;
  }
`;
const State = styled.p`
  font-size: 1.2rem;
  font-weight: 600;
`;
const Estimate = styled.section`
  display: grid;
  gap: 0.8rem;
  padding: 1rem;
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 8px;
  background: ${({ theme }) => theme.panel};
  h2 {
    font-size: 1.1rem;
  }
`;
const Amount = styled.p`
  font-size: 1.35rem;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
`;
const Buttons = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
`;

/** What an owner sees of a case by a link. Its token stands behind the #, so that no server and no log ever sees it in an address. */
export function OwnerPage() {
  const [token] = useState(() => window.location.hash.slice(1));
  const { data: view, error, isPending, refetch } = useOwnerView(token);
  if (isPending) return null;
  if (!view)
    return (
      <DoorPage title="This link does not open a case">
        <p>{error.message}</p>
        <Button onPress={() => void refetch()}>Try again</Button>
      </DoorPage>
    );
  return (
    <DoorPage title={view.machine}>
      <State role="status">{view.state}</State>
      {view.waitingUntil !== null && <p>Probably until {dayAndTime(view.waitingUntil)}.</p>}
      <Facts>
        <dt>Shop</dt>
        <dd>{view.shop}</dd>
        <dt>Case</dt>
        <dd>{view.number}</dd>
        <dt>Brought in</dt>
        <dd>{dateAndTime(view.openedAt)}</dd>
        <dt>You said</dt>
        <dd>“{view.complaint}”</dd>
      </Facts>
      {view.estimate && <EstimatePart token={token} view={view} estimate={view.estimate} />}
      {view.hasSheet && <Sheet token={token} number={view.number} />}
    </DoorPage>
  );
}

interface EstimatePartProps {
  readonly token: string;
  readonly view: OwnerView;
  readonly estimate: NonNullable<OwnerView['estimate']>;
}

/** The estimate, and what the owner says to it. */
function EstimatePart({ token, view, estimate }: EstimatePartProps) {
  const [words, setWords] = useState('');
  const answering = useAnswerEstimate(token);
  const { id, low, high, currency, answer } = estimate;
  const say = (isAccepted: boolean) =>
    answering.mutate({ estimate: id, isAccepted, ...(words.trim() === '' ? {} : { words: words.trim() }) });
  return (
    <Estimate aria-labelledby="estimate">
      <h2 id="estimate">Estimate of {dateAndTime(estimate.givenAt)}</h2>
      <Amount>
        {low === high ? low : `${low} to ${high}`} {currency}
      </Amount>
      <p>With tax. {estimate.words}</p>
      {answer && (
        <Notice kind="plain">
          You {answer.isAccepted ? 'accepted' : 'declined'} it on {dateAndTime(answer.at)}. To change that, call the
          shop.
        </Notice>
      )}
      {!answer && view.isOpen && (
        <>
          <p>
            If you accept, the shop may spend up to {high} {currency} without asking again.
          </p>
          <Field
            label="A word to the shop"
            hint="If you like."
            value={words}
            onChange={setWords}
            maxLength={300}
            rows={2}
          />
          {answering.error && <Notice kind="danger">{answering.error.message}</Notice>}
          <Buttons>
            <Button $kind="primary" isDisabled={answering.isPending} onPress={() => say(true)}>
              Accept up to {high} {currency}
            </Button>
            <Button isDisabled={answering.isPending} onPress={() => say(false)}>
              Decline
            </Button>
          </Buttons>
        </>
      )}
    </Estimate>
  );
}

function Sheet({ token, number }: { readonly token: string; readonly number: string }) {
  const reading = useMutation({
    mutationFn: () => readOwnerSheet(token),
    onSuccess: (pdf) => download(pdf, `case-${number}.pdf`),
  });
  return (
    <div>
      {reading.error && <Notice kind="danger">{reading.error.message}</Notice>}
      <Button isDisabled={reading.isPending} onPress={() => reading.mutate()}>
        Save what was done (PDF)
      </Button>
    </div>
  );
}
