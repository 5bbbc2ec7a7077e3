import { useState } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { useNavigate } from 'react-router';
import type { BoardBookEntry } from '../../../core/firmware';
import { useOpenCase } from '../../api/cases';
import { useAddFiles } from '../case-log/attachments/use-attachments';
import { useMe } from '../../shell/me';
import { useIntakeDraftStore } from '../../stores/intake-draft-store';
import { newId } from '../../stores/new-id';
import { goToFirstError } from './go-to-first-error';
import { eventsFromDraft, type IntakeDraft } from './intake-draft';

/** The case is opened with what was entered; where something is wrong the typing goes on at the first of it. */
export function useOpening(
  form: UseFormReturn<IntakeDraft>,
  { board, photos }: { readonly board: BoardBookEntry | null; readonly photos: readonly File[] },
) {
  const { add } = useAddFiles();
  const [caseId] = useState(newId);
  const by = useMe().name;
  const clear = useIntakeDraftStore((store) => store.clear);
  const open = useOpenCase();
  const navigate = useNavigate();
  const submit = form.handleSubmit(
    async (values) => {
      await open.mutateAsync({
        id: caseId,
        events: eventsFromDraft(values, { by, now: new Date(), board }),
        ...(values.contact.trim() === '' ? {} : { contact: values.contact.trim() }),
      });
      clear();
      // They are kept on the device before the page is left.
      const problems = photos.length > 0 ? await add(caseId, photos, { name: 'At intake' }) : [];
      if (problems.length === 0) await navigate(`/cases/${caseId}`);
      else await navigate(`/cases/${caseId}/photos`, { state: { problems } });
    },
    () => requestAnimationFrame(goToFirstError),
  );
  return { submit, open, clear };
}
