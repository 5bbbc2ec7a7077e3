import { formatDistanceToNowStrict } from 'date-fns';
import { Plus, Search } from 'lucide-react';
import { useState } from 'react';
import { Input, Label, SearchField, ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { CASE_STAGES, type CaseStage } from '../../../core/casework';
import { useCaseList } from '../../api/cases';
import { Page } from '../../app/Page';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import { stageWords } from '../stage-words';
import { QueueTable } from './QueueTable';

const Tools = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  align-items: end;
  margin-bottom: 1rem;
`;
const Stages = styled(ToggleButtonGroup)`
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
`;
const StageButton = styled(ToggleButton)`
  min-height: 44px;
  padding: 0 0.9rem;
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 6px;
  background: ${({ theme }) => theme.panel};
  cursor: pointer;
  &[data-selected] {
    background: ${({ theme }) => theme.strong};
    border-color: ${({ theme }) => theme.strong};
    color: ${({ theme }) => theme.onStrong};
    font-weight: 600;
  }
`;
const Find = styled(SearchField)`
  flex: 1 1 16rem;
  position: relative;
  label {
    position: absolute;
    clip-path: inset(50%);
  }
  svg {
    position: absolute;
    left: 0.75rem;
    top: 0.8rem;
    color: ${({ theme }) => theme.muted};
  }
  input {
    width: 100%;
    min-height: 44px;
    padding: 0.4rem 0.7rem 0.4rem 2.4rem;
    border: 1px solid ${({ theme }) => theme.line};
    border-radius: 6px;
    background: ${({ theme }) => theme.panel};
  }
`;
const Empty = styled.p`
  padding: 2.5rem 1rem;
  text-align: center;
  color: ${({ theme }) => theme.muted};
`;

/** The bench queue: every case by state, with a search. */
export function QueuePage() {
  const [stage, setStage] = useState<CaseStage | null>(null);
  const [search, setSearch] = useState('');
  const { data, error, dataUpdatedAt } = useCaseList({ stage, search });
  const navigate = useNavigate();
  return (
    <Page
      title="Bench queue"
      actions={
        <Button $kind="primary" onPress={() => void navigate('/cases/new')}>
          <Plus size={18} aria-hidden /> New case
        </Button>
      }
    >
      <Tools>
        <Stages
          aria-label="State"
          selectionMode="single"
          disallowEmptySelection
          selectedKeys={[stage ?? 'all']}
          onSelectionChange={(keys) => setStage(CASE_STAGES.find((s) => keys.has(s)) ?? null)}
        >
          <StageButton id="all">All</StageButton>
          {CASE_STAGES.map((id) => (
            <StageButton key={id} id={id}>
              {stageWords[id]}
            </StageButton>
          ))}
        </Stages>
        <Find value={search} onChange={setSearch}>
          <Label>Search</Label>
          <Search size={18} aria-hidden />
          <Input placeholder="Number, machine, owner or complaint" />
        </Find>
      </Tools>
      {error && (
        <Notice kind="danger">
          {error.message}
          {data ? ` Shown as of ${formatDistanceToNowStrict(dataUpdatedAt)} ago.` : ''}
        </Notice>
      )}
      {data && data.cases.length > 0 && <QueueTable cases={data.cases} />}
      {data?.cases.length === 0 && (
        <Empty>
          {search || stage ? 'No case fits.' : 'The bench is empty. Take in the first machine with New case.'}
        </Empty>
      )}
    </Page>
  );
}
