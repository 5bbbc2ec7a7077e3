import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';

/** The worker that computes the diagnosis does not start, or breaks each time. */
export function StoppedNotice({ onRetry }: { readonly onRetry: () => void }) {
  return (
    <Notice kind="danger">
      <span>
        The diagnosis does not run. Jovial Probe may have been updated, or this device has no memory left. What was
        recorded is safe, and what you typed is kept.
      </span>
      <Button onPress={onRetry}>Try again</Button>
      <Button onPress={() => window.location.reload()}>Reload the page</Button>
    </Notice>
  );
}
