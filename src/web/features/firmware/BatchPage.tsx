import { Link } from 'react-router';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import { Page } from '../../shell/Page';
import { useMay } from '../../shell/me';
import { useFirmwareBatchStore } from '../../stores/firmware-batch-store';
import { useFirmwareDeskStore } from '../../stores/firmware-desk-store';
import { FirmwareRoom } from './FirmwareRoom';
import { HeadActions } from './step-parts';

const batchKey = 'batch';

/** Several machines of one kind, one image: planned once, one stick, a row for each machine. */
export function BatchPage() {
  const clearDesk = useFirmwareDeskStore((store) => store.clear);
  const clearMachines = useFirmwareBatchStore((store) => store.clear);
  const mayFlash = useMay('flash-firmware');
  return (
    <Page
      title="Several machines, one image"
      heading={false}
      actions={
        <HeadActions>
          <Link to="/firmware">One machine</Link>
          <Button
            onPress={() => {
              clearDesk(batchKey);
              clearMachines();
            }}
          >
            Start over
          </Button>
        </HeadActions>
      }
    >
      {mayFlash ? (
        <FirmwareRoom deskKey={batchKey} log={null} isBatch />
      ) : (
        <Notice kind="plain">Only technicians and leads can flash.</Notice>
      )}
    </Page>
  );
}
