import { useMemo, type ReactNode } from 'react';
import styled from 'styled-components';
import type { PowerReading, TakenReading } from '../../../core/casework';
import { type PowerAssessment, type PowerSheet, type School } from '../../../core/power';
import { Button } from '../../components/Button';
import { useLatest } from '../../components/use-latest';
import type { DraftTrace } from '../../stores/power-draft-store';
import { AddReading } from './AddReading';
import { BudgetPanel } from './BudgetPanel';
import { ConsumersTable } from './ConsumersTable';
import { LeadEditor } from './LeadEditor';
import { FirstLeads, LeadListPanel, LeadsPanel } from './LeadsPanel';
import { MeterAccuracyFields } from './MeterAccuracyFields';
import { MeterPanel } from './MeterPanel';
import { PlugCount } from './PlugCount';
import { PowerCautions } from './PowerCautions';
import { ReadingsTable } from './ReadingsTable';
import { readingRows } from './readings-view';
import { Panel, PanelHead, Quiet, Tools } from './room-parts';
import { SupplyFields } from './SupplyFields';
import { usePowerBench, type PowerBench } from './use-power-bench';
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
const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.55fr) minmax(0, 1fr);
  > div > section {
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

export interface PowerRoomProps {
  readonly sheet: PowerSheet;
  readonly onSheet: (sheet: PowerSheet) => void;
  readonly trace: DraftTrace | null;
  readonly isTraceWritten: boolean;
  /** Null where nothing may be written. */
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

/** What it draws, what it may draw, what was measured: each figure in its place, the verdict on top. */
export function PowerRoom(props: PowerRoomProps) {
  const { trace, isTraceWritten, onTrace, tools, note, allowsBridge } = props;
  const bench = usePowerBench(props.sheet, props.onSheet, trace);
  const { assessment, hasLeads, setOpen } = bench;
  const changeTrace = useLatest((next: DraftTrace | null) => onTrace?.(next));
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
      <Columns>
        <div>
          {hasLeads ? <LeadsPanel bench={bench} /> : <WhatDraws bench={bench} />}
          <WallTrace
            trace={trace}
            isWritten={isTraceWritten}
            plan={bench.feed}
            onTrace={onTrace === null ? null : changeTrace}
          />
        </div>
        <div>
          <BudgetPanel bench={bench} />
          <ReadingsPanel bench={bench} readings={props.readings} onReading={props.onReading} />
        </div>
      </Columns>
      {hasLeads && <WhatDraws bench={bench} />}
      {hasLeads && <LeadListPanel bench={bench} />}
      <PowerCautions allowsBridge={allowsBridge} />
      <OpenSheets bench={bench} {...props} />
    </Frame>
  );
}

/** The unsafe chain that matters most; the way it is fed says more than the one plug that gives first. */
function firstRisk({ unsafe }: PowerAssessment): string {
  const chain = unsafe.find(({ risk }) => risk !== 'overloaded');
  return chain ? `${chain.reason} ${chain.fix}` : '';
}

/** What draws, and the label of what feeds it. */
const WhatDraws = ({ bench }: { readonly bench: PowerBench }) => (
  <>
    <Panel aria-labelledby="power-draws">
      <PanelHead>
        <h2 id="power-draws">What draws</h2>
        <span>type over a figure to replace it; emptied, it is as usual again</span>
      </PanelHead>
      <ConsumersTable sheet={bench.sheet} onEdit={bench.edit} />
    </Panel>
    <Panel aria-labelledby="power-label">
      <PanelHead>
        <h2 id="power-label">Label of the supply</h2>
      </PanelHead>
      <SupplyFields sheet={bench.sheet} onEdit={bench.edit} />
      {!bench.hasLeads && <FirstLeads bench={bench} />}
    </Panel>
  </>
);

interface ReadingsPanelProps extends Pick<PowerRoomProps, 'readings' | 'onReading'> {
  readonly bench: PowerBench;
}

function ReadingsPanel({ bench: { sheet, assessment }, readings, onReading }: ReadingsPanelProps) {
  const { budget } = assessment;
  const rows = useMemo(() => readingRows(readings, { sheet, budget }), [readings, sheet, budget]);
  const add = useLatest((reading: PowerReading) => onReading?.(reading));
  return (
    <Panel aria-labelledby="power-readings">
      <PanelHead>
        <h2 id="power-readings">Readings</h2>
      </PanelHead>
      {onReading && <AddReading supply={sheet.supply ?? null} onReading={add} />}
      {onReading && <MeterPanel />}
      {onReading && <MeterAccuracyFields />}
      <ReadingsTable rows={rows} />
    </Panel>
  );
}

/** What lies over the room, one at a time. */
function OpenSheets({
  bench: { sheet, assessment, consumers, edit, open, setOpen },
  onSheet,
  school,
  onSchool,
}: Pick<PowerRoomProps, 'onSheet' | 'school' | 'onSchool'> & { readonly bench: PowerBench }) {
  const close = () => setOpen(null);
  switch (open?.kind) {
    case 'lead': {
      const done = (next: PowerSheet) => {
        onSheet(next);
        close();
      };
      return <LeadEditor sheet={sheet} first={open} consumers={consumers} onDone={done} onClose={close} />;
    }
    case 'plugs':
      return <PlugCount sheet={sheet} onEdit={edit} onClose={close} />;
    case 'fit':
      return <WouldFit assessment={assessment} school={school} onSchool={onSchool} onClose={close} />;
    default:
      return null;
  }
}
