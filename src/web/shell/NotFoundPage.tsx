import { Link } from 'react-router';
import { Page } from './Page';

export function NotFoundPage() {
  return (
    <Page title="There is nothing here">
      <p>
        This address leads nowhere. <Link to="/">Go to the bench queue</Link>
      </p>
    </Page>
  );
}
