import styled from 'styled-components';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';

const Ways = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  margin-top: 0.7rem;
`;

/** The worker that computes the diagnosis does not start, or breaks each time. */
export function StoppedNotice({ onRetry }: { readonly onRetry: () => void }) {
  return (
    <Notice kind="danger">
      <div>
        <p>
          The diagnosis does not run. Jovial Probe may have been updated, or this device has no memory left. What was
          recorded is safe, and what you typed is kept.
        </p>
        <Ways>
          <Button onPress={onRetry}>Try again</Button>
          <Button onPress={() => window.location.reload()}>Reload the page</Button>
        </Ways>
      </div>
    </Notice>
  );
}
