import { Link } from 'react-router';
import { BrokenWords } from './BrokenDoor';
import { Page } from './Page';

/** A screen could not be opened: the program was replaced while the page was open, or something in it failed. */
export function BrokenPage() {
  return (
    <Page title="This screen could not be opened">
      <BrokenWords />
      <p>
        <Link to="/">Go to the bench queue</Link>
      </p>
    </Page>
  );
}
