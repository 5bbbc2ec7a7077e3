import { useEffect, useState } from 'react';
import styled from 'styled-components';
import type { TakenReading } from '../../../core/casework';
import type { PowerSheet } from '../../../core/power';
import { useShopSettings } from '../../api/shop';
import { Button } from '../../components/Button';
import { TopBar } from '../../shell/TopBar';
import { newId } from '../../stores/new-id';
import { emptyPowerDraft, usePowerDraft, usePowerDraftStore, type PowerDraft } from '../../stores/power-draft-store';
import { FileTools } from './FileTools';
import { PowerRoom } from './PowerRoom';
import { Quiet } from './room-parts';
import { ValueCell } from './ValueCell';

const Name = styled.div`
  width: 11rem;
  input {
    min-height: 44px;
  }
`;

const plannerKey = 'planner';

/** To begin with: what every machine has. */
const startingSheet: PowerSheet = {
  consumers: [
    { id: 'processor', kind: 'processor', name: 'processor' },
    { id: 'graphics-card', kind: 'graphics-card', name: 'graphics card' },
    { id: 'board', kind: 'board', name: 'board' },
    { id: 'module', kind: 'module', name: 'modules', count: 2 },
    { id: 'm2-drive', kind: 'm2-drive', name: 'M.2 drive' },
    { id: 'fan', kind: 'fan', name: 'fans', count: 3 },
    { id: 'usb-device', kind: 'usb-device', name: 'USB devices', count: 2 },
  ],
};

/** The power bench without a case: to plan a machine or a new card. Nothing is written into a log. */
export function PowerPage() {
  const draft = usePowerDraft(plannerKey);
  const change = usePowerDraftStore((store) => store.change);
  const [readings, setReadings] = useState<readonly TakenReading[]>([]);
  const { data: settings } = useShopSettings();
  const sheet = draft.sheet ?? startingSheet;
  useEffect(() => {
    document.title = 'Power · Jovial Probe';
  }, []);
  return (
    <>
      <TopBar />
      <PowerRoom
        sheet={sheet}
        onSheet={(next) => change(plannerKey, { sheet: next })}
        trace={draft.trace}
        isTraceWritten={false}
        onTrace={(trace) => change(plannerKey, { trace })}
        readings={readings}
        onReading={({ quantity, at: load, value, accuracy = null, meter = null }) =>
          setReadings((before) => [
            ...before,
            { id: newId(), at: new Date().toISOString(), quantity, load, value, accuracy, meter },
          ])
        }
        school={draft.school}
        onSchool={(school) => change(plannerKey, { school })}
        tools={
          <PlannerTools
            draft={draft}
            sheet={sheet}
            onClear={() => {
              setReadings([]);
              change(plannerKey, emptyPowerDraft);
            }}
          />
        }
        note={draft.sheet === null && <Quiet>Put in what you want to add, and read what it needs.</Quiet>}
        allowsBridge={settings?.allowsSupplyBridge ?? false}
      />
    </>
  );
}

interface PlannerToolsProps {
  readonly draft: PowerDraft;
  readonly sheet: PowerSheet;
  readonly onClear: () => void;
}

/** The name of the plan, and its way into a file and out of one. */
function PlannerTools({ draft, sheet, onClear }: PlannerToolsProps) {
  const change = usePowerDraftStore((store) => store.change);
  return (
    <>
      <Name>
        <ValueCell
          label="Name of the plan"
          isBare
          isText
          shown={draft.name}
          placeholder="Name of the plan"
          onEnter={(name) => {
            change(plannerKey, { name: name.slice(0, 80) });
            return null;
          }}
        />
      </Name>
      <FileTools
        name={draft.name}
        sheet={sheet}
        onOpen={(name, next) => change(plannerKey, { name, sheet: next, trace: null })}
      />
      <Button $kind="quiet" onPress={onClear}>
        Start over
      </Button>
    </>
  );
}
