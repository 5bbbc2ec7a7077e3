import { useDeskStore } from './desk-store';
import { useFirmwareDeskStore } from './firmware-desk-store';
import { useIntakeDraftStore } from './intake-draft-store';
import { usePowerDraftStore } from './power-draft-store';

/** Whose drafts lie on this device. Ids only. */
const name = 'probe.drafts-of';

function forgetDrafts(): void {
  useDeskStore.setState({ desks: {} });
  useFirmwareDeskStore.setState({ desks: {} });
  usePowerDraftStore.setState({ drafts: {} });
  useIntakeDraftStore.getState().clear();
}

/** Somebody is signed in: what another person left half done on this device is not shown, and goes. */
export function takeOverDrafts(personId: string): void {
  try {
    if (localStorage.getItem(name) === personId) return;
    localStorage.setItem(name, personId);
  } catch {
    // A browser that keeps nothing has nothing of another person.
  }
  forgetDrafts();
}

/** Signing out on purpose takes what was half done along; a session that only ended keeps it for the same person. */
export function leaveDrafts(): void {
  try {
    localStorage.removeItem(name);
  } catch {
    // As above.
  }
  forgetDrafts();
}
