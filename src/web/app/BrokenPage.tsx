import { Link } from 'react-router';
import { Button } from '../components/Button';
import { Page } from './Page';

/** A screen could not be opened: the program was replaced while the page was open, or something in it failed. */
export function BrokenPage() {
  return (
    <Page title="This screen could not be opened">
      <p>The program may have been updated, or the server is away. What was recorded is safe.</p>
      <p>
        <Button $kind="primary" onPress={() => window.location.reload()}>
          Load it again
        </Button>
      </p>
      <p>
        <Link to="/">Go to the bench queue</Link>
      </p>
    </Page>
  );
}
