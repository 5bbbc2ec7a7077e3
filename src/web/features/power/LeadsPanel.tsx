import { useState } from 'react';
import { usualLeads, type PowerAssessment } from '../../../core/power';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import { useLatest } from '../../components/use-latest';
import { CardFeeds } from './CardFeeds';
import { LeadDrawing } from './LeadDrawing';
import { LeadList } from './LeadList';
import { Panel, PanelHead, Tools } from './room-parts';
import { edited } from './sheet-edits';
import type { PowerBench } from './use-power-bench';

interface LeadsProps {
  readonly bench: PowerBench;
}

/** The leads as a drawing, and how the card is fed. */
export const LeadsPanel = ({ bench: { sheet, drawn, feed, edit, openLead, addLead } }: LeadsProps) => (
  <Panel aria-labelledby="power-leads">
    <PanelHead>
      <h2 id="power-leads">Leads and adapters</h2>
      <span>width is load; press a plug to change it</span>
    </PanelHead>
    <LeadDrawing assessment={drawn} label={feed.supply} onElement={openLead} onSupply={goToSupply} onPart={goToPart} />
    <CardFeeds sheet={sheet} onEdit={edit}>
      <Button $kind="quiet" onPress={addLead}>
        Add a lead or plug
      </Button>
    </CardFeeds>
  </Panel>
);

/** Before anybody drew them: they are begun as they usually are. */
export function FirstLeads({ bench: { sheet, edit, addLead } }: LeadsProps) {
  const [problem, setProblem] = useState<string | null>(null);
  return (
    <>
      <Tools>
        <Button onPress={() => setProblem(edit(edited(sheet, { leads: usualLeads(sheet) })))}>
          Draw the usual leads
        </Button>
        <Button $kind="quiet" onPress={addLead}>
          Add a lead or plug
        </Button>
      </Tools>
      {problem && <Notice kind="danger">{problem}</Notice>}
    </>
  );
}

/** The same as a list, with all that is unsafe of them. */
export function LeadListPanel({ bench: { assessment, drawn, drawnSheet, consumers, openLead } }: LeadsProps) {
  const nameOfPart = useLatest((id: string) => consumers.find((one) => one.id === id)?.name ?? id);
  return (
    <Panel aria-labelledby="power-list">
      <PanelHead>
        <h2 id="power-list">Leads as a list</h2>
      </PanelHead>
      <Risks assessment={assessment} />
      <LeadList sheet={drawnSheet} assessment={drawn} nameOfPart={nameOfPart} onElement={openLead} />
    </Panel>
  );
}

function Risks({ assessment: { unsafe } }: { readonly assessment: PowerAssessment }) {
  if (unsafe.length === 0) return null;
  return (
    <Notice kind="suspicion">
      <ul>
        {unsafe.map(({ element, risk, reason, fix }) => (
          <li key={`${element} ${risk}`}>
            {reason} {fix}
          </li>
        ))}
      </ul>
    </Notice>
  );
}

const goToSupply = () => goTo('supply-fields');
const goToPart = (id: string) => goTo(`consumer-${id}`);

function goTo(id: string): void {
  const place = document.getElementById(id);
  place?.scrollIntoView({ block: 'center' });
  place?.querySelector('input')?.focus();
}
