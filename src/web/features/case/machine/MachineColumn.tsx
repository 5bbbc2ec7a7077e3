import { memo, useState } from 'react';
import { Tab, TabList, TabPanel, Tabs } from 'react-aria-components';
import styled from 'styled-components';
import { partResults, type EventBody, type Judged } from '../../../../core/casework';
import type { MemoryMatrix } from '../../../../core/isolation';
import type { Change, Machine, Part } from '../../../../core/machine';
import { useDesk, useDeskStore } from '../../../stores/desk-store';
import { Column } from '../column';
import { MachineList } from './MachineList';
import { MemoryGrid } from './MemoryGrid';
import { ModuleSpeeds } from './ModuleSpeeds';
import { draftAfter, type CaseView } from '../../case-log/case-view';
import { PartMenu } from '../plan/PartMenu';
import { PlanDrawing } from '../plan/PlanDrawing';
import { SetUpNote } from '../plan/SetUpNote';
import { askedToStrip } from '../../case-log/left-in';
import { CorrectMachine } from './CorrectMachine';

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  margin: -0.4rem 0 0.4rem;
`;
const Views = styled(TabList)`
  display: flex;
  gap: 0.2rem;
`;
const View = styled(Tab)`
  min-height: 36px;
  padding: 0.3rem 0.7rem;
  font-size: 0.92rem;
  font-weight: 600;
  color: ${({ theme }) => theme.muted};
  border-bottom: 3px solid transparent;
  cursor: pointer;
  &[data-selected] {
    color: ${({ theme }) => theme.ink};
    border-bottom-color: ${({ theme }) => theme.strong};
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;

const Panel = styled(TabPanel)`
  &[data-focus-visible] {
    outline-width: 1px;
  }
`;

type ViewId = 'plan' | 'list' | 'memory';

interface MachineColumnProps {
  readonly caseId: string;
  readonly view: CaseView;
  readonly proving: Judged['proving'];
  readonly shares: Readonly<Record<string, number>>;
  readonly touched: readonly string[];
  readonly canMove: boolean;
  /** True while something is on its way: changes made then would be lost or doubled. */
  readonly isBusy: () => boolean;
  readonly matrix: MemoryMatrix;
  readonly isMemoryInQuestion: boolean;
  /** The trial in hand strips the machine down: parts are ticked off on the plan. */
  readonly isStripping: boolean;
  readonly onTry: (trial: string) => void;
  readonly onNote: (body: EventBody) => void;
}

/** The machine: drawn, as a list for the keyboard, and its memory as a grid. Changes here are for the next start. */
export const MachineColumn = memo(function MachineColumn(props: MachineColumnProps) {
  const { view: caseView, shares, proving, touched, canMove, matrix, isMemoryInQuestion, onTry, onNote } = props;
  const state = caseView.drafted;
  const [picked, setPicked] = useState<ViewId | null>(null);
  const [pressed, setPressed] = useState<{ readonly part: Part; readonly at: Element } | null>(null);
  const { ticks, toggle, move, clear } = usePlanWork(props);
  const hasModules = state.machine.parts.some(({ kind }) => kind === 'module');
  const view = picked ?? (isMemoryInQuestion && hasModules ? 'memory' : 'plan');
  return (
    <Column aria-label="Machine">
      <Tabs selectedKey={view} onSelectionChange={(key) => setPicked(key as ViewId)}>
        <ColumnTop hasModules={hasModules} machine={state.machine} canMove={canMove} onNote={onNote} />
        <Panel id="plan">
          <PlanDrawing
            state={state}
            shares={shares}
            touched={touched}
            ticks={ticks}
            canMove={canMove}
            onPress={(part, at) => (ticks?.asked.includes(part.id) ? toggle(part.id) : setPressed({ part, at }))}
            onMove={(made) => move(made.changes)}
          />
        </Panel>
        <Panel id="list">
          <MachineList
            state={state}
            shares={shares}
            results={partResults(state, { parts: shares, proving })}
            onPress={(part, at) => setPressed({ part, at })}
            onChange={move}
            canMove={canMove}
          />
        </Panel>
        {hasModules && (
          <Panel id="memory">
            <MemoryGrid state={state} matrix={matrix} canTry={canMove} onTry={onTry} />
            <ModuleSpeeds state={state} canNote={canMove} onNote={onNote} />
          </Panel>
        )}
      </Tabs>
      <SetUpNote view={caseView} onClear={clear} />
      {pressed && (
        <PartMenu
          part={pressed.part}
          at={pressed.at}
          state={state}
          share={shares[pressed.part.id] ?? 0}
          canMove={canMove}
          onMove={(made) => move(made.changes)}
          onNote={onNote}
          onClose={() => setPressed(null)}
        />
      )}
    </Column>
  );
});

/** The three views, and the way to put right what was written down wrongly. */
const ColumnTop = ({
  hasModules,
  machine,
  canMove,
  onNote,
}: Pick<MachineColumnProps, 'canMove' | 'onNote'> & { readonly hasModules: boolean; readonly machine: Machine }) => (
  <Head>
    <Views aria-label="The machine as">
      <View id="plan">Plan</View>
      <View id="list">List</View>
      {hasModules && <View id="memory">Memory grid</View>}
    </Views>
    <CorrectMachine machine={machine} isAllowed={canMove} onNote={onNote} />
  </Head>
);

/** What is ticked off while stripping down, and the changes drafted for the next start. */
function usePlanWork({ caseId, view, isStripping, isBusy }: MachineColumnProps) {
  const change = useDeskStore((store) => store.change);
  const { accounted } = useDesk(caseId);
  return {
    ticks: isStripping ? { asked: askedToStrip(view.drafted).map(({ id }) => id), done: accounted } : null,
    toggle: (id: string) =>
      change(caseId, {
        accounted: accounted.includes(id) ? accounted.filter((other) => other !== id) : [...accounted, id],
      }),
    move: (changes: readonly Change[]) =>
      !isBusy() &&
      change(caseId, { draft: draftAfter(view, changes), draftId: null, chosenTrial: null, confirmed: null }),
    clear: () => change(caseId, { draft: [] }),
  };
}
