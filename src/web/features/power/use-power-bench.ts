import { useDeferredValue, useMemo, useState } from 'react';
import {
  assessPower,
  calibrateByTrace,
  consumerId,
  phaseWatts,
  planOf,
  type PowerSheet,
  type SheetLead,
} from '../../../core/power';
import { useLatest } from '../../components/use-latest';
import type { DraftTrace } from '../../stores/power-draft-store';
import { consumerKindWords } from './power-words';
import { newId, type Edited } from './sheet-edits';

/** The sheet that is open over the room. */
export type OpenSheet =
  { readonly kind: 'lead'; readonly lead: SheetLead; readonly isNew: boolean } | { readonly kind: 'plugs' | 'fit' };

export type PowerBench = ReturnType<typeof usePowerBench>;

/** What a sheet and a trace come to, and how the sheet is edited. */
export function usePowerBench(sheet: PowerSheet, onSheet: (sheet: PowerSheet) => void, trace: DraftTrace | null) {
  const [open, setOpen] = useState<OpenSheet | null>(null);
  const plan = useMemo(() => planOf(sheet), [sheet]);
  const assessment = useMemo(() => assessPower(plan), [plan]);
  const calibration = useMemo(
    () => (trace ? calibrateByTrace(plan, phaseWatts(trace.readings, trace.phases)) : null),
    [plan, trace],
  );
  const { supply, efficiency } = sheet;
  // The same object while only what draws is edited.
  const feed = useMemo(
    () => planOf({ consumers: [], ...(supply ? { supply } : {}), ...(efficiency ? { efficiency } : {}) }),
    [supply, efficiency],
  );
  const edit = useLatest((next: Edited): string | null => {
    if (!next.ok) return next.message;
    onSheet(next.sheet);
    return null;
  });
  const openLead = useLatest((id: string) => {
    const lead = sheet.leads?.find((one) => one.id === id);
    if (lead) setOpen({ kind: 'lead', lead, isNew: false });
  });
  const addLead = useLatest(() => {
    const id = newId(sheet.leads ?? [], 'lead');
    setOpen({ kind: 'lead', isNew: true, lead: { id, kind: 'output', connector: 'card-8' } });
  });
  const consumers = sheet.consumers.map((one, i) => ({
    id: consumerId(sheet.consumers, i),
    name: one.name ?? consumerKindWords[one.kind],
  }));
  return {
    sheet,
    assessment,
    calibration,
    feed,
    consumers,
    hasLeads: plan.leads.length > 0,
    // The words come first; the drawings follow as soon as there is time.
    drawn: useDeferredValue(assessment),
    drawnSheet: useDeferredValue(sheet),
    edit,
    open,
    setOpen,
    openLead,
    addLead,
  };
}
