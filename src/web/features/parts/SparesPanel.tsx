import { useState } from 'react';
import styled from 'styled-components';
import type { CaseState, EventBody } from '../../../core/casework';
import { nameInWords, pieceIn } from '../../../core/machine';
import { spareResultWords } from '../../../core/record';
import { useShelf } from '../../api/shelf';
import { Notice } from '../../components/Notice';
import { Select } from '../../components/Select';
import { SpareHere, SpareItem } from '../case-log/SpareHere';
import { SpareLine } from '../case-log/SpareLine';
import { sparesToHave } from '../case-log/spare-words';
import { Panel, PanelHead, Quiet } from './panel-parts';

const Lend = styled.div`
  margin-top: 0.8rem;
  max-width: 34rem;
`;

interface SparesPanelProps {
  readonly state: CaseState;
  readonly onRecord: (body: EventBody) => void;
}

/** What came from the shelf, with the way back; and what can be had. */
export function SparesPanel({ state, onRecord }: SparesPanelProps) {
  const { sparesOut, sparesHome, machine } = state;
  const nameOf = (id: string) => machine.parts.find((part) => part.id === id)?.name ?? id;
  return (
    <Panel aria-labelledby="parts-spares">
      <PanelHead>
        <h2 id="parts-spares">Spares from the shelf</h2>
      </PanelHead>
      <Unnamed state={state} />
      {sparesOut.length === 0 && sparesHome.length === 0 && <Quiet>None so far.</Quiet>}
      <ul>
        {sparesOut.map((spare) => (
          <SpareHere key={spare.item} spare={spare} place={nameOf(spare.part)} onRecord={onRecord} />
        ))}
        {sparesHome.map((spare) => (
          <SpareItem key={`${spare.item} ${spare.home}`}>
            {spare.name}{' '}
            <small>
              for {nameOf(spare.part)}, back on the shelf: {spareResultWords[spare.result]}
            </small>
          </SpareItem>
        ))}
      </ul>
      {state.stage !== 'closed' && <LendAnother state={state} onRecord={onRecord} />}
    </Panel>
  );
}

/** A spare that is in the machine, and of which nobody wrote which one it is. */
function Unnamed({ state: { machine, configuration, sparesOut } }: Pick<SparesPanelProps, 'state'>) {
  const unnamed = machine.parts.filter(
    ({ id }) => pieceIn(configuration, id) === 'spare' && !sparesOut.some(({ part }) => part === id),
  );
  return unnamed.length === 0 ? null : (
    <Notice kind="plain">
      A spare is in the place of {unnamed.map((part) => nameInWords(part)).join(' and ')}. Take it from the shelf below,
      so that it comes home.
    </Notice>
  );
}

/** Another spare for one of the parts of which the shelf has any. */
function LendAnother({ state, onRecord }: SparesPanelProps) {
  const { data } = useShelf();
  const [chosen, setChosen] = useState<string | null>(null);
  const parts = state.machine.parts.filter(
    ({ id, kind }) =>
      sparesToHave(data?.items ?? [], kind).length > 0 && !state.sparesOut.some((spare) => spare.part === id),
  );
  const part = parts.find(({ id }) => id === chosen) ?? parts[0];
  if (!part) return null;
  return (
    <Lend>
      <Select
        label="Take a spare for"
        value={part.id}
        choices={parts.map((one) => ({ id: one.id, label: one.name }))}
        onChange={setChosen}
      />
      <SpareLine key={part.id} state={state} part={part} onLend={onRecord} />
    </Lend>
  );
}
