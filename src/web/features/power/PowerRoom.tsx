import { useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import {
  assessPower,
  calibrateByTrace,
  consumerId,
  phaseWatts,
  planOf,
  usualLeads,
  type PowerAssessment,
  type PowerSheet,
  type School,
  type SheetLead,
} from '../../../core/power';
import type { PowerReading, TakenReading } from '../../../core/casework';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import { useLatest } from '../../components/use-latest';
import type { DraftTrace } from '../../stores/power-draft-store';
import { AddReading } from './AddReading';
import { CardFeeds } from './CardFeeds';
import { BudgetPicture } from './BudgetPicture';
import { ConsumersTable } from './ConsumersTable';
import { LeadDrawing } from './LeadDrawing';
import { LeadEditor } from './LeadEditor';
import { LeadList } from './LeadList';
import { MeterPanel } from './MeterPanel';
import { PlugCount } from './PlugCount';
import { PowerCautions } from './PowerCautions';
import { consumerKindWords } from './power-words';
import { ReadingsTable } from './ReadingsTable';
import { readingRows } from './readings-view';
import { Panel, PanelHead, Quiet, Tools } from './room-parts';
import { edited, newId, type Edited } from './sheet-edits';
import { SupplyFields } from './SupplyFields';
import { WallTrace } from './WallTrace';
import { WouldFit } from './WouldFit';

const Frame = styled.main`
  min-height: 0;
  overflow: auto;
`;
const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: flex-start;
  justify-content: space-between;
  gap: 0.4rem 1.2rem;
  padding: 0.7rem 1rem 0.4rem;
  h1 {
    font-size: 1.5rem;
    line-height: 1.2;
  }
  > div:first-child {
    flex: 1 1 24rem;
    min-width: 0;
  }
`;
const Pairs = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.55fr) minmax(0, 1fr);
  > div > section {
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Aside = styled.div`
  padding: 0 1rem 0.5rem;
`;

export interface PowerRoomProps {
  readonly sheet: PowerSheet;
  readonly onSheet: (sheet: PowerSheet) => void;
  readonly trace: DraftTrace | null;
  readonly isTraceWritten: boolean;
  readonly onTrace: ((trace: DraftTrace | null) => void) | null;
  readonly readings: readonly TakenReading[];
  readonly onReading: ((reading: PowerReading) => void) | null;
  readonly school: School;
  readonly onSchool: (school: School) => void;
  /** What stands beside the verdict: saving, writing down. */
  readonly tools: ReactNode;
  /** Below the verdict: what the case adds to it. */
  readonly note: ReactNode;
  /** The shop lets its technicians start a supply by itself. */
  readonly allowsBridge: boolean;
}

type Open =
  { readonly kind: 'lead'; readonly lead: SheetLead; readonly isNew: boolean } | { readonly kind: 'plugs' | 'fit' };

/** What it draws, what it may draw, what was measured: each figure in its place, the verdict on top. */
export function PowerRoom(props: PowerRoomProps) {
  const {
    sheet,
    onSheet,
    trace,
    isTraceWritten,
    onTrace,
    readings,
    onReading,
    school,
    onSchool,
    tools,
    note,
    allowsBridge,
  } = props;
  const [open, setOpen] = useState<Open | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const plan = useMemo(() => planOf(sheet), [sheet]);
  const assessment = useMemo(() => assessPower(plan), [plan]);
  // The words come first; the drawings follow as soon as there is time.
  const drawn = useDeferredValue(assessment);
  const drawnSheet = useDeferredValue(sheet);
  const calibration = useMemo(
    () => (trace ? calibrateByTrace(plan, phaseWatts(trace.readings, trace.phases)) : null),
    [plan, trace],
  );
  const rows = useMemo(
    () => readingRows(readings, { sheet, budget: assessment.budget }),
    [readings, sheet, assessment.budget],
  );
  const { supply, efficiency } = sheet;
  const feed = useMemo(
    () => planOf({ consumers: [], ...(supply ? { supply } : {}), ...(efficiency ? { efficiency } : {}) }),
    [supply, efficiency],
  );
  const takesTrace = onTrace !== null;
  const changeTrace = useLatest((next: DraftTrace | null) => onTrace?.(next));
  const addReading = useLatest((reading: PowerReading) => onReading?.(reading));
  const close = () => setOpen(null);
  const edit = useLatest((next: Edited): string | null => {
    if (!next.ok) return next.message;
    onSheet(next.sheet);
    return null;
  });
  const openLead = useLatest((id: string) => {
    const lead = sheet.leads?.find((one) => one.id === id);
    if (lead) setOpen({ kind: 'lead', lead, isNew: false });
  });
  const addLead = () =>
    setOpen({
      kind: 'lead',
      isNew: true,
      lead: { id: newId(sheet.leads ?? [], 'lead'), kind: 'output', connector: 'card-8' },
    });
  const consumers = sheet.consumers.map((one, i) => ({
    id: consumerId(sheet.consumers, i),
    name: one.name ?? consumerKindWords[one.kind],
  }));
  const nameOfPart = useLatest((id: string) => consumers.find((one) => one.id === id)?.name ?? id);
  const draws = (
    <Panel aria-labelledby="power-draws">
      <PanelHead>
        <h2 id="power-draws">What draws</h2>
        <span>type over a figure to replace it; emptied, it is as usual again</span>
      </PanelHead>
      <ConsumersTable sheet={sheet} onEdit={edit} />
    </Panel>
  );
  const label = (
    <Panel aria-labelledby="power-label">
      <PanelHead>
        <h2 id="power-label">Label of the supply</h2>
      </PanelHead>
      <SupplyFields sheet={sheet} onEdit={edit} />
      {plan.leads.length === 0 && (
        <Tools>
          <Button onPress={() => setProblem(edit(edited(sheet, { leads: usualLeads(sheet) })))}>
            Draw the usual leads
          </Button>
          <Button $kind="quiet" onPress={addLead}>
            Add a lead or plug
          </Button>
        </Tools>
      )}
    </Panel>
  );
  return (
    <Frame>
      <Head>
        <div>
          <h1>{assessment.verdict.sentence}</h1>
          <Quiet>{[assessment.verdict.overload, firstRisk(assessment)].filter(Boolean).join(' ')}</Quiet>
          {note}
        </div>
        <Tools>
          <Button onPress={() => setOpen({ kind: 'fit' })}>What would fit</Button>
          <Button onPress={() => setOpen({ kind: 'plugs' })}>Count plugs</Button>
          {tools}
        </Tools>
      </Head>
      {problem && (
        <Aside>
          <Notice kind="danger">{problem}</Notice>
        </Aside>
      )}
      <Pairs>
        <div>
          {plan.leads.length === 0 ? (
            <>
              {draws}
              {label}
            </>
          ) : (
            <Panel aria-labelledby="power-leads">
              <PanelHead>
                <h2 id="power-leads">Leads and adapters</h2>
                <span>width is load; press a plug to change it</span>
              </PanelHead>
              <LeadDrawing
                assessment={drawn}
                label={feed.supply}
                onElement={openLead}
                onSupply={goToSupply}
                onPart={goToPart}
              />
              <CardFeeds sheet={sheet} onEdit={edit}>
                <Button $kind="quiet" onPress={addLead}>
                  Add a lead or plug
                </Button>
              </CardFeeds>
            </Panel>
          )}
          <WallTrace trace={trace} isWritten={isTraceWritten} plan={feed} onTrace={takesTrace ? changeTrace : null} />
        </div>
        <div>
          <Panel aria-labelledby="power-budget">
            <PanelHead>
              <h2 id="power-budget">Budget</h2>
              <span>{sheet.calibration ? 'corrected by what was measured' : 'sum of ranges, 19 times in 20'}</span>
            </PanelHead>
            <BudgetPicture assessment={assessment} calibration={calibration} />
            <Calibrate sheet={sheet} factor={calibration?.factor ?? null} onEdit={edit} />
          </Panel>
          <Panel aria-labelledby="power-readings">
            <PanelHead>
              <h2 id="power-readings">Readings</h2>
              <span>meter ±0.5 % + 2 counts</span>
            </PanelHead>
            {onReading && <AddReading supply={sheet.supply ?? null} onReading={addReading} />}
            {onReading && <MeterPanel />}
            <ReadingsTable rows={rows} />
          </Panel>
        </div>
      </Pairs>
      {plan.leads.length > 0 && draws}
      {plan.leads.length > 0 && label}
      {plan.leads.length > 0 && (
        <Panel aria-labelledby="power-list">
          <PanelHead>
            <h2 id="power-list">Leads as a list</h2>
          </PanelHead>
          <Risks assessment={assessment} />
          <LeadList sheet={drawnSheet} assessment={drawn} nameOfPart={nameOfPart} onElement={openLead} />
        </Panel>
      )}
      <PowerCautions allowsBridge={allowsBridge} />
      {open?.kind === 'lead' && (
        <LeadEditor
          sheet={sheet}
          lead={open.lead}
          isNew={open.isNew}
          consumers={consumers}
          onDone={(next) => {
            onSheet(next);
            close();
          }}
          onClose={close}
        />
      )}
      {open?.kind === 'plugs' && <PlugCount sheet={sheet} onEdit={edit} onClose={close} />}
      {open?.kind === 'fit' && <WouldFit assessment={assessment} school={school} onSchool={onSchool} onClose={close} />}
    </Frame>
  );
}

const goToSupply = () => goTo('supply-fields');
const goToPart = (id: string) => goTo(`consumer-${id}`);

function goTo(id: string): void {
  const place = document.getElementById(id);
  place?.scrollIntoView({ block: 'center' });
  place?.querySelector('input')?.focus();
}

/** The unsafe chain that matters most; the way it is fed says more than the one plug that gives first. */
function firstRisk({ unsafe }: PowerAssessment): string {
  const chain = unsafe.find(({ risk }) => risk !== 'overloaded');
  return chain ? `${chain.reason} ${chain.fix}` : '';
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

interface CalibrateProps {
  readonly sheet: PowerSheet;
  readonly factor: { readonly low: number; readonly high: number } | null;
  readonly onEdit: (next: Edited) => string | null;
}

/** Estimates tend to be low: what the wall meter showed corrects them. */
function Calibrate({ sheet, factor, onEdit }: CalibrateProps) {
  if (sheet.calibration)
    return (
      <Button $kind="quiet" onPress={() => onEdit(edited(sheet, { calibration: undefined }))}>
        Take the correction back
      </Button>
    );
  if (!factor) return null;
  const rounded = [factor.low, factor.high].map((one) => Math.min(5, Math.max(0.01, Math.round(100 * one) / 100)));
  return <Button onPress={() => onEdit(edited(sheet, { calibration: rounded }))}>Correct the budget by it</Button>;
}
