import { Link } from 'react-router';
import { Page } from './Page';

export function NotFoundPage() {
  return (
    <Page title="Page not found">
      <p>
        There is no page at this address. <Link to="/">Go to the bench queue</Link>
      </p>
    </Page>
  );
}
