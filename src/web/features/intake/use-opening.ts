import { useState } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { useNavigate } from 'react-router';
import type { BoardBookEntry } from '../../../core/firmware';
import { useOpenCase } from '../../api/cases';
import { useMe } from '../../shell/me';
import { useIntakeDraftStore } from '../../stores/intake-draft-store';
import { newId } from '../../stores/new-id';
import { goToFirstError } from './go-to-first-error';
import { eventsFromDraft, type IntakeDraft } from './intake-draft';

/** The case is opened with what was entered; where something is wrong the typing goes on at the first of it. */
export function useOpening(form: UseFormReturn<IntakeDraft>, board: BoardBookEntry | null) {
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
      await navigate(`/cases/${caseId}`);
    },
    () => requestAnimationFrame(goToFirstError),
  );
  return { submit, open, clear };
}
