import { counted, fromNow, listOf, plural } from '../../components/format';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { useDebounce } from 'use-debounce';
import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { CASE_STAGES, type CaseStage } from '../../../core/casework';
import { useCaseList } from '../../api/case-list';
import { useMay } from '../../shell/me';
import { Page } from '../../shell/Page';
import { Button } from '../../components/Button';
import { EmptyList } from '../../components/list-parts';
import { Notice } from '../../components/Notice';
import { SearchBox } from '../../components/SearchBox';
import { Toggles } from '../../components/Toggles';
import { fileQueue, useFileQueueStore } from '../../device/file-queue-store';
import { outbox, useOutboxStore } from '../../device/outbox-store';
import { stageWords } from '../case-log/stage-words';
import { QueueTable } from './QueueTable';

const Tools = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  align-items: end;
  margin-bottom: 1rem;
`;
const Actions = styled.div`
  display: flex;
  align-items: center;
  gap: 1.2rem;
  a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
  }
`;

/** Typing is not searching: a pause asks. */
const searchAfterMs = 200;

/** The bench queue: every case by state, with a search. */
export function QueuePage() {
  const [stage, setStage] = useState<CaseStage | null>(null);
  const [search, setSearch] = useState('');
  const [sought] = useDebounce(search, searchAfterMs);
  const { data, error, dataUpdatedAt } = useCaseList({ stage, search: sought });
  const navigate = useNavigate();
  const mayWrite = useMay('write-cases');
  return (
    <Page
      title="Bench queue"
      actions={
        <Actions>
          <Link to="/cases/files">Case files</Link>
          {mayWrite && (
            <Button $kind="primary" onPress={() => void navigate('/cases/new')}>
              <Plus size={18} aria-hidden /> New case
            </Button>
          )}
        </Actions>
      }
    >
      <Tools>
        <Toggles
          label="State"
          value={stage ?? 'all'}
          onChange={(id) => setStage(CASE_STAGES.find((one) => one === id) ?? null)}
          choices={[{ id: 'all', label: 'All' }, ...CASE_STAGES.map((id) => ({ id, label: stageWords[id] }))]}
        />
        <SearchBox value={search} onChange={setSearch} placeholder="Number, machine, owner or complaint" />
      </Tools>
      {error && (
        <Notice kind="danger">
          {error.message}
          {data ? ` Last updated ${fromNow(new Date(dataUpdatedAt).toISOString())}.` : ''}
        </Notice>
      )}
      <WaitingNotice />
      {data && data.cases.length > 0 && <QueueTable cases={data.cases} isSearch={sought.trim() !== ''} />}
      {data?.hasMore && (
        <EmptyList>{`The last ${data.cases.length} are shown. Search for an older case by number or words.`}</EmptyList>
      )}
      {data?.cases.length === 0 && (
        <EmptyList>
          {search || stage ? 'No matching cases.' : 'The bench is empty. Take in the first machine with New case.'}
        </EmptyList>
      )}
    </Page>
  );
}

/** Entries of any case that are only on this device yet. */
function WaitingNotice() {
  const count = useOutboxStore(({ isAway, waiting }) => (isAway ? Object.values(waiting).flat().length : 0));
  const photos = useFileQueueStore(({ isAway, files }) => (isAway ? files.length : 0));
  const unkept = useOutboxStore((store) => store.unkept.size);
  if (unkept > 0)
    return (
      <Notice kind="danger">
        {counted(unkept, 'entry', 'entries')} {plural(unkept, 'is', 'are')} only in this tab: this browser keeps nothing
        on the device. Leave it open until {plural(unkept, 'it is', 'they are')} sent.
      </Notice>
    );
  if (count + photos === 0) return null;
  const kept = [
    ...(count > 0 ? [counted(count, 'entry', 'entries')] : []),
    ...(photos > 0 ? [counted(photos, 'photo or file', 'photos and files')] : []),
  ];
  return (
    <Notice kind="suspicion">
      <span>
        {listOf(kept)} {plural(count + photos, 'is', 'are')} kept on this device and sent when the server is back.
      </span>
      <Button
        onPress={() => {
          outbox.hurry();
          fileQueue.hurry();
        }}
      >
        Try now
      </Button>
    </Notice>
  );
}
