import { FileDown, Plus, ScanLine } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import type { ShelfItem } from '../../../contracts';
import { useShelf } from '../../api/shelf';
import { Button } from '../../components/Button';
import { CodeScanner } from '../../components/CodeScanner';
import { counted } from '../../components/format';
import { labelPath } from '../../components/label-path';
import { EmptyList } from '../../components/list-parts';
import { Notice } from '../../components/Notice';
import { SearchBox } from '../../components/SearchBox';
import { Toggles } from '../../components/Toggles';
import { useMay } from '../../shell/me';
import { Page } from '../../shell/Page';
import { ShelfTable } from './ShelfTable';
import { foundOnShelf, SHELF_VIEWS, type ShelfViewId } from './shelf-view';
import { SpareSheet } from './SpareSheet';

const Tools = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
`;
const Find = styled(Tools)`
  margin-bottom: 1rem;
`;
const Lacks = styled.p`
  margin-top: 1rem;
  color: ${({ theme }) => theme.muted};
`;

/** The shelf: every spare of the shop, whether it is known to be good, and where it is. */
export function ShelfPage() {
  const { id = null } = useParams();
  const navigate = useNavigate();
  const { data, error } = useShelf();
  const mayWrite = useMay('write-shelf');
  const [search, setSearch] = useState('');
  const [view, setView] = useState<ShelfViewId>('all');
  const [isNew, setNew] = useState(false);
  const items = data?.items ?? [];
  const shown = foundOnShelf(items, { view, search });
  const opened = items.find((item) => item.id === id) ?? null;
  return (
    <Page title="Shelf" actions={<ShelfTools shown={shown} mayWrite={mayWrite} onNew={() => setNew(true)} />}>
      {error && <Notice kind="danger">{error.message}</Notice>}
      {data && id !== null && !opened && <Notice kind="plain">This spare is no longer on the list.</Notice>}
      <Find>
        <SearchBox value={search} onChange={setSearch} placeholder="Number, name, serial number" />
        <Toggles
          label="Show"
          value={view}
          onChange={(chosen) => setView(chosen as ShelfViewId)}
          choices={SHELF_VIEWS.map(({ id: of, label }) => ({ id: of, label }))}
        />
      </Find>
      {shown.length > 0 && <ShelfTable items={shown} />}
      {data && shown.length === 0 && (
        <EmptyList>
          {items.length > 0
            ? 'No matching spares.'
            : 'The shelf is empty. Add the spares that you test with: each case can then borrow them.'}
        </EmptyList>
      )}
      {data && data.lacks.length > 0 && (
        <Lacks>Not to be had: {data.lacks.join(', ').replaceAll('-', ' ')}. Tests that need them are left out.</Lacks>
      )}
      {opened && (
        <SpareSheet key={opened.id} item={opened} mayWrite={mayWrite} onClose={() => void navigate('/shelf')} />
      )}
      {isNew && <SpareSheet item={null} mayWrite={mayWrite} onClose={() => setNew(false)} />}
    </Page>
  );
}

const mostLabels = 200;

interface ShelfToolsProps {
  readonly shown: readonly ShelfItem[];
  readonly mayWrite: boolean;
  readonly onNew: () => void;
}

function ShelfTools({ shown, mayWrite, onNew }: ShelfToolsProps) {
  const navigate = useNavigate();
  const [isScanning, setScanning] = useState(false);
  const labelled = shown.slice(0, mostLabels);
  return (
    <Tools>
      <Button onPress={() => setScanning(true)}>
        <ScanLine size={18} aria-hidden /> Scan a label
      </Button>
      {labelled.length > 0 && (
        <Button
          as="a"
          {...{ href: `/api/shelf/labels.pdf?items=${labelled.map(({ id }) => id).join(',')}`, download: true }}
        >
          <FileDown size={18} aria-hidden /> {counted(labelled.length, 'label')}
        </Button>
      )}
      {mayWrite && (
        <Button $kind="primary" onPress={onNew}>
          <Plus size={18} aria-hidden /> New spare
        </Button>
      )}
      {isScanning && (
        <CodeScanner
          title="Scan a label"
          onClose={() => setScanning(false)}
          onCode={(text) => {
            const path = labelPath(text);
            if (path === null) return 'This code is not of this shop.';
            setScanning(false);
            void navigate(path);
            return null;
          }}
        />
      )}
    </Tools>
  );
}
