import { useState } from 'react';
import { Dialog, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { leadName, type PowerSheet, type SheetLead } from '../../../core/power';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import { ModalSheet, Overlay } from '../../components/Sheet';
import { LeadFields, type LeadDraft } from './LeadFields';
import { parseFigure } from './parse-figures';
import { edited, withLead, withoutLead, type Edited } from './sheet-edits';

const Actions = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  justify-content: flex-end;
  margin-top: 0.8rem;
`;

interface LeadEditorProps {
  readonly sheet: PowerSheet;
  readonly first: { readonly lead: SheetLead; readonly isNew: boolean };
  readonly consumers: readonly { readonly id: string; readonly name: string }[];
  readonly onDone: (sheet: PowerSheet) => void;
  readonly onClose: () => void;
}

/** One element of the leads: what it is, what feeds it, what it may carry. Nothing changes before it is right. */
export function LeadEditor({ sheet, first: { lead: first, isNew }, consumers, onDone, onClose }: LeadEditorProps) {
  const [draft, setDraft] = useState<LeadDraft>({
    lead: first,
    limit: first.limitWatts === undefined ? '' : String(first.limitWatts),
    rail: first.rail === undefined ? '' : String(first.rail),
  });
  const [problem, setProblem] = useState<string | null>(null);
  const finish = (next: Edited) => {
    if (next.ok) onDone(next.sheet);
    else setProblem(next.message);
  };
  const save = () => {
    const watts = parseFigure(draft.limit, { max: 5000, unit: 'watts' });
    const onRail = parseFigure(draft.rail, { min: 1, max: 8, unit: 'the number of a rail' });
    if (!watts.ok) setProblem(watts.message);
    else if (!onRail.ok) setProblem(onRail.message);
    else finish(withLead(sheet, asWritten(draft.lead, watts.value, onRail.value)));
  };
  return (
    <Overlay isOpen isDismissable onOpenChange={(isOpen) => !isOpen && onClose()}>
      <ModalSheet>
        <Dialog aria-label="Lead or plug">
          <Heading slot="title">{isNew ? 'Add a lead or plug' : leadName(first)}</Heading>
          <LeadFields
            draft={draft}
            others={(sheet.leads ?? []).filter(({ id, kind }) => id !== first.id && kind !== 'input')}
            consumers={consumers}
            onChange={(change) => setDraft((before) => ({ ...before, ...change }))}
          />
          {problem && <Notice kind="danger">{problem}</Notice>}
          <Actions>
            {!isNew && (
              <Button onPress={() => finish(edited(sheet, { leads: withoutLead(sheet.leads ?? [], first.id) }))}>
                Remove it
              </Button>
            )}
            <Button onPress={onClose}>Cancel</Button>
            <Button $kind="primary" onPress={save}>
              Save
            </Button>
          </Actions>
        </Dialog>
      </ModalSheet>
    </Overlay>
  );
}

/** What does not belong to its kind is left out. */
function asWritten(lead: SheetLead, limitWatts: number | null, rail: number | null): SheetLead {
  const { id, kind, connector, name = '', from = [], consumer = '', sense, foreign } = lead;
  return {
    id,
    kind,
    connector,
    ...(name.trim() ? { name: name.trim() } : {}),
    ...(kind === 'output' ? (rail === null ? {} : { rail }) : { from }),
    ...(kind === 'input' && consumer ? { consumer } : {}),
    ...(limitWatts === null ? {} : { limitWatts }),
    ...(connector === 'card-12' && sense ? { sense } : {}),
    ...(kind !== 'input' && foreign ? { foreign } : {}),
  };
}
