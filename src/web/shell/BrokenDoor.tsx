import { Button } from '../components/Button';
import { DoorPage } from './doors/DoorPage';

/** What is said of any screen that could not be opened. */
export function BrokenWords() {
  return (
    <>
      <p>The program may have been updated, or the server is away. What was recorded is safe.</p>
      <p>
        <Button $kind="primary" onPress={() => window.location.reload()}>
          Reload
        </Button>
      </p>
    </>
  );
}

/** The same before the doors, where nobody is signed in yet. */
export function BrokenDoor() {
  return (
    <DoorPage title="This screen could not be opened">
      <BrokenWords />
    </DoorPage>
  );
}
