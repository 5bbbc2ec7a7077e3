import { Plus } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import type { CaseState, EventBody } from '../../../core/casework';
import type { PartKind } from '../../../core/machine';
import { identityWords, movedPartWords, partWayWords } from '../../../core/record';
import { Button } from '../../components/Button';
import { dayAndTime } from '../../components/format';
import { Notice } from '../../components/Notice';
import { Allowed } from '../../shell/Allowed';
import { Page } from '../../shell/Page';
import { CaseRoom } from '../case-log/CaseRoom';
import { useCaseActions } from '../case-log/use-case-actions';
import { useDiagnosedCase } from '../case-log/use-diagnosed-case';
import { DecidePanel } from './DecidePanel';
import { MoneyPanel } from './MoneyPanel';
import { MovedPartSheet } from './MovedPartSheet';
import { OwnerLinksPanel } from './OwnerLinksPanel';
import { PartsListPanel } from './PartsListPanel';
import { SparesPanel } from './SparesPanel';
import { Panel, PanelHead, Quiet, Table } from './panel-parts';

const Frame = styled.main`
  min-height: 0;
  overflow: auto;
  padding: 1rem;
`;
const Title = styled.h1`
  max-width: 80rem;
  margin: 0 auto 0.4rem;
  font-size: 1.25rem;
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 0 1.6rem;
  max-width: 80rem;
  margin: 0 auto;
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

/** The parts of a case: what came from the shelf, what came and went, and what the machine has. */
export function CasePartsPage() {
  const { id = '' } = useParams();
  const navigate = useNavigate();
  const { found, error } = useDiagnosedCase(id);
  const actions = useCaseActions(id);
  const diagnosis = found?.diagnosed.diagnosis;
  if (!found || !diagnosis)
    return <Page title="Parts and money">{error && <Notice kind="danger">{error.message}</Notice>}</Page>;
  const { logged } = found.newest;
  const record = (body: EventBody) => void actions.record(body);
  return (
    <CaseRoom
      caseId={id}
      number={found.number}
      machine={logged.opened.machine.name}
      room="Parts and money"
      links={diagnosis.links}
      onLeave={() => void navigate(`/cases/${id}`)}
    >
      <Frame>
        <Title>Parts and money</Title>
        <Columns>
          <div>
            {isProving(logged) && <PartsListPanel caseId={id} state={logged} />}
            <SparesPanel state={logged} onRecord={record} />
            <DecidePanel state={logged} diagnosis={diagnosis} onRecord={record} />
            <Machine state={logged} />
          </div>
          <div>
            <Moves state={logged} onRecord={record} />
            <MoneyPanel state={logged} diagnosis={diagnosis} onRecord={record} />
            <Allowed action="export-cases">
              <OwnerLinksPanel caseId={id} />
            </Allowed>
          </div>
        </Columns>
      </Frame>
    </CaseRoom>
  );
}

/** Parts on the bench to be proven, by themselves or beside a machine. */
const isProving = ({ opened: { machine } }: CaseState): boolean =>
  machine.onBench === true || machine.parts.some(({ loose }) => loose);

interface PartProps {
  readonly state: CaseState;
  readonly onRecord: (body: EventBody) => void;
}

/** Parts that came and went, in the order of the log. */
function Moves({ state, onRecord }: PartProps) {
  const [isOpen, setOpen] = useState(false);
  const { partMoves } = state;
  return (
    <Panel aria-labelledby="parts-moved">
      <PanelHead>
        <h2 id="parts-moved">In and out</h2>
        <Allowed action="write-cases">
          <Button onPress={() => setOpen(true)}>
            <Plus size={18} aria-hidden /> Part in or out
          </Button>
        </Allowed>
      </PanelHead>
      {partMoves.length === 0 ? (
        <Quiet>Nothing yet. Note what is bought, fitted, taken out, given back or thrown away.</Quiet>
      ) : (
        <Table>
          <tbody>
            {partMoves.map((moved) => (
              <tr key={moved.id}>
                <th scope="row">{partWayWords[moved.way]}</th>
                <td>{movedPartWords(moved).join(', ')}</td>
                <td data-figure>{dayAndTime(moved.at)}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
      {isOpen && (
        <MovedPartSheet
          state={state}
          onClose={() => setOpen(false)}
          onRecord={(body) => {
            setOpen(false);
            onRecord(body);
          }}
        />
      )}
    </Panel>
  );
}

const noPlace: readonly PartKind[] = ['slot', 'channel', 'outlet'];

/** The parts of the machine with what was noted of each; it is typed at the part on the plan. */
function Machine({ state: { machine, partFacts } }: Pick<PartProps, 'state'>) {
  const parts = machine.parts.filter(({ kind }) => !noPlace.includes(kind));
  return (
    <Panel aria-labelledby="parts-of-machine">
      <PanelHead>
        <h2 id="parts-of-machine">In the machine</h2>
        <span>to note a label, press the part on the plan</span>
      </PanelHead>
      <Table>
        <tbody>
          {parts.map(({ id, name }) => (
            <tr key={id}>
              <th scope="row">{name}</th>
              <td>{identityWords(partFacts[id] ?? {}).join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Panel>
  );
}
