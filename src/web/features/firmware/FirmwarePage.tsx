import { Link } from 'react-router';
import { Page } from '../../shell/Page';
import { Button } from '../../components/Button';
import { useFirmwareDeskStore } from '../../stores/firmware-desk-store';
import { FirmwareRoom } from './FirmwareRoom';
import { HeadActions } from './step-parts';

const practiceKey = 'practice';

/** The firmware bay without a case: to plan, to make a stick, or to practise on the simulated board. */
export function FirmwarePage() {
  const clear = useFirmwareDeskStore((store) => store.clear);
  return (
    <Page
      title="Firmware bay"
      heading={false}
      actions={
        <HeadActions>
          <Link to="/firmware/batch">Several machines</Link>
          <Button onPress={() => clear(practiceKey)}>Start over</Button>
        </HeadActions>
      }
    >
      <FirmwareRoom deskKey={practiceKey} log={null} />
    </Page>
  );
}
