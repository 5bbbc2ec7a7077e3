import { listOf } from '../../components/format';
import styled from 'styled-components';
import { Link } from 'react-router';
import { identifyBoard, type BoardAnswer, type BoardCandidate } from '../../../core/firmware';
import { useBoardList } from '../../api/boards';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { Notice } from '../../components/Notice';
import type { StepProps } from './step-props';
import { Fields, Lead, Muted, Title } from './step-parts';
import { TickLine } from '../../components/TickLine';

const Found = styled.ul`
  display: grid;
  gap: 0.6rem;
  max-width: 54rem;
  margin-top: 1rem;
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0.4rem 1rem;
    padding: 0.7rem 0.9rem;
    background: ${({ theme }) => theme.panel};
    border: 1px solid ${({ theme }) => theme.line};
    border-radius: 6px;
  }
  strong {
    display: block;
    font-size: 1.08rem;
  }
`;
const Said = styled.div`
  display: grid;
  gap: 0.6rem;
  max-width: 54rem;
`;

const maxShown = 12;

/** Which board and revision it is, from what can be read on it. */
export function BoardStep({ firmware: { desk, change }, log }: StepProps) {
  const { data, error } = useBoardList();
  const { print } = desk;
  const answer = data ? identifyBoard(data.boards, print) : null;
  const isAsked = Object.values(print).some((read) => read.trim() !== '');
  const read = (part: Partial<typeof print>) => change({ print: { ...print, ...part } });
  const take = async ({ id, model, revision }: BoardCandidate) => {
    const listed = data?.boards.find((board) => board.id === id)?.revisions.find((one) => one.revision === revision);
    const typed = print.version.trim().toLowerCase();
    const installed = listed?.versions.find((version) => version.toLowerCase() === typed) ?? null;
    if (log && !(await log.record({ kind: 'board-noted', board: id, model, revision, installed }))) return;
    change({ board: { id, revision }, installed, step: 'version', stick: null, gates: [], method: null });
  };
  return (
    <>
      <Title>Which board is it?</Title>
      <Lead>
        Boards whose names differ by one letter need different images. Enter what is printed on the board, not what was
        bought.
      </Lead>
      <PrintFields print={print} onRead={read} />
      <TickLine
        isTicked={desk.isOfCompletePc}
        onChange={(isOfCompletePc) => change({ isOfCompletePc })}
        label="It came in a complete PC of one maker: images come from that maker"
      />
      {error && <Notice kind="danger">{error.message}</Notice>}
      {answer && (
        <>
          <Said role="status" aria-live="polite">
            {isAsked && <Remarks answer={answer} />}
          </Said>
          <Candidates answer={answer} onTake={(candidate) => void take(candidate)} />
        </>
      )}
      {data?.boards.length === 0 && (
        <p>
          The board book is empty. <Link to="/boards/new">Add the board</Link> first.
        </p>
      )}
    </>
  );
}

interface PrintFieldsProps {
  readonly print: StepProps['firmware']['desk']['print'];
  readonly onRead: (part: Partial<PrintFieldsProps['print']>) => void;
}

/** What can be read on the board. */
function PrintFields({ print, onRead: read }: PrintFieldsProps) {
  return (
    <Fields>
      <Field
        label="Name printed on the board"
        value={print.model}
        onChange={(model) => read({ model })}
        maxLength={120}
        autoFocus
      />
      <Field
        label="Revision printed on it"
        value={print.revision}
        onChange={(revision) => read({ revision })}
        hint="Small, on an edge or a corner."
        maxLength={40}
      />
      <Field
        label="Version installed now"
        value={print.version}
        onChange={(version) => read({ version })}
        hint="First screen, sticker or box. Leave empty if not known."
        maxLength={40}
      />
    </Fields>
  );
}

function Remarks({ answer: { kind, next, nearNames } }: { readonly answer: BoardAnswer }) {
  return (
    <>
      {next !== '' && (
        <Notice kind={kind === 'contradiction' || kind === 'none' ? 'danger' : 'suspicion'}>
          <span>{next}</span>
        </Notice>
      )}
      {nearNames.length > 0 && (
        <Notice kind="suspicion">
          <span>
            Easily confused with: <strong>{listOf(nearNames)}</strong>. Its images are for other boards.
          </span>
        </Notice>
      )}
    </>
  );
}

interface CandidatesProps {
  readonly answer: BoardAnswer;
  readonly onTake: (candidate: BoardCandidate) => void;
}

function Candidates({ answer: { kind, candidates }, onTake }: CandidatesProps) {
  return (
    <Found aria-label="Boards that it could be">
      {candidates.slice(0, maxShown).map((candidate) => (
        <li key={candidate.id + candidate.revision}>
          <div>
            <strong>
              {candidate.model}, revision {candidate.revision}
            </strong>
            <Muted>{candidate.why.join(' ')}</Muted>
          </div>
          <Button
            $kind={kind === 'one' ? 'primary' : 'plain'}
            isDisabled={kind === 'contradiction'}
            onPress={() => onTake(candidate)}
            aria-label={`It is ${candidate.model}, revision ${candidate.revision}`}
          >
            It is this one
          </Button>
        </li>
      ))}
      {candidates.length > maxShown && <Muted>and {candidates.length - maxShown} more: read further</Muted>}
    </Found>
  );
}
