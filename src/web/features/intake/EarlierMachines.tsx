import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { useDebounce } from 'use-debounce';
import { readEvent } from '../../../contracts';
import { foldStored } from '../../../core/casework';
import { useCaseList } from '../../api/case-list';
import { readCaseDetail } from '../../api/cases';
import { Button } from '../../components/Button';
import { caseNumber } from '../../components/format';
import { copyOf, type CopiedMachine } from './copied-machine';

const Row = styled.div`
  display: flex;
  min-width: 0;
  align-items: center;
  gap: 0.4rem 0.8rem;
`;
const Small = styled(Button)`
  min-width: 0;
  padding: 0.2rem 0.7rem;
  white-space: nowrap;
`;

const Lead = styled.span`
  white-space: nowrap;
`;

const askAfterMs = 300;
const shortestName = 3;
const mostShown = 3;

/** Machines that this owner brought before: one press takes the parts over as they were known then. */
export function EarlierMachines({
  owner,
  onCopy,
}: {
  readonly owner: string;
  readonly onCopy: (copied: CopiedMachine) => void;
}) {
  const [asked] = useDebounce(owner.trim(), askAfterMs);
  if (asked.length < shortestName) return null;
  return <Earlier owner={asked} onCopy={onCopy} />;
}

function Earlier({ owner, onCopy }: { readonly owner: string; readonly onCopy: (copied: CopiedMachine) => void }) {
  const client = useQueryClient();
  const { data } = useCaseList({ stage: null, search: owner });
  const [problem, setProblem] = useState<string | null>(null);
  const same = (data?.cases ?? []).filter((row) => row.owner.toLowerCase() === owner.toLowerCase());
  if (same.length === 0) return null;
  const copy = async (id: string) => {
    try {
      const detail = await readCaseDetail(client, id);
      const folded = foldStored(detail.events.map(({ event }) => readEvent(event)));
      if (!folded.ok) throw new Error(folded.problem.message);
      setProblem(null);
      onCopy(copyOf(detail.number, folded.state));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'It could not be read.');
    }
  };
  return (
    <Row role="group" aria-label="Earlier machines of this owner">
      <Lead>Here before:</Lead>
      {same.slice(0, mostShown).map(({ id, number, machine }) => (
        <Small key={id} onPress={() => void copy(id)}>
          Copy {caseNumber(number)} {machine}
        </Small>
      ))}
      {problem && <span role="alert">{problem}</span>}
    </Row>
  );
}
