import { useState } from 'react';
import { useNavigate } from 'react-router';
import { putBytes } from '../../api/attachments';
import { useImportCase } from '../../api/cases';
import { counted } from '../../components/format';
import type { CameAlong, OpenedCase } from './open-case-zip';

/** Takes a case in: its log first, then its photos one after the other. Trying again sends only what is harmless to repeat. */
export function useTakeIn(id: string, { events, photos }: OpenedCase) {
  const open = useImportCase();
  const navigate = useNavigate();
  const [sent, setSent] = useState<number | null>(null);
  const [failed, setFailed] = useState<readonly string[]>([]);
  const goTo = () => void navigate(`/cases/${id}`);
  const start = async () => {
    setFailed([]);
    try {
      await open.mutateAsync({ id, events });
    } catch {
      // It is said from the mutation.
      return;
    }
    const problems = await sendAll(id, photos, setSent);
    setSent(null);
    setFailed(problems);
    if (problems.length === 0) goTo();
  };
  return {
    start: () => void start(),
    isBusy: open.isPending || sent !== null,
    error:
      open.error?.message ??
      (failed.length > 0 ? `${counted(failed.length, 'file')} did not come along. ${failed[0] ?? ''}` : null),
    progress: sent === null ? null : `Sending photo ${sent + 1} of ${photos.length} …`,
    /** Where some photos did not come along. */
    goOn: failed.length > 0 ? goTo : null,
  };
}

/** @returns why some were not taken */
async function sendAll(
  caseId: string,
  photos: readonly CameAlong[],
  onSending: (index: number) => void,
): Promise<readonly string[]> {
  const problems: string[] = [];
  for (const [index, photo] of photos.entries()) {
    onSending(index);
    const answer = await putBytes(caseId, photo);
    if (answer.kind === 'refused') problems.push(answer.message);
    if (answer.kind === 'away') problems.push('The server did not answer.');
  }
  return problems;
}
