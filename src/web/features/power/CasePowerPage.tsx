import { useNavigate, useParams } from 'react-router';
import {
  powerReadings,
  sheetInForce,
  type EventBody,
  type PowerMeasured,
  type PowerReading,
} from '../../../core/casework';
import { consumersOfMachine, trialQuantityOf, type PowerSheet } from '../../../core/power';
import { formatTrialId, gradeReading, QUANTITIES } from '../../../core/trials';
import type { Diagnosis } from '../../../core/diagnosis';
import { useShopSettings } from '../../api/shop';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import { useLatest } from '../../components/use-latest';
import { Page } from '../../shell/Page';
import { useMay } from '../../shell/me';
import { usePowerDraft, usePowerDraftStore, type DraftTrace, type PowerDraft } from '../../stores/power-draft-store';
import { CaseRoom } from '../case-log/CaseRoom';
import type { CaseView } from '../case-log/case-view';
import { useCaseActions } from '../case-log/use-case-actions';
import { useCaseKeys } from '../case-log/use-case-keys';
import { useDiagnosedCase, type DiagnosedCase } from '../case-log/use-diagnosed-case';
import { FileTools } from './FileTools';
import { PowerRoom } from './PowerRoom';
import { Quiet } from './room-parts';

const noLinks: Diagnosis['links'] = [];

/** The power bench of a case: its parts, its supply, and what was measured on it. */
export function CasePowerPage() {
  const { id = '' } = useParams();
  const { found, error } = useDiagnosedCase(id);
  if (!found) return <Page title="Power">{error && <Notice kind="danger">{error.message}</Notice>}</Page>;
  return <CasePower key={id} caseId={id} {...found} />;
}

interface CasePowerProps extends DiagnosedCase {
  readonly caseId: string;
}

function CasePower({ caseId, number, newest: view, diagnosed: { diagnosis } }: CasePowerProps) {
  const state = view.logged;
  const navigate = useNavigate();
  const mayWrite = useMay('write-cases') && state.stage !== 'closed';
  const { data: settings } = useShopSettings();
  const inForce = sheetInForce(state);
  const work = usePowerWork({ caseId, view, inForce, mayWrite });
  const { draft, sheet, change } = work;
  const leave = useLatest(() => void navigate(`/cases/${caseId}`));
  useCaseKeys(
    useLatest((pressed: string) => {
      if (pressed === '1' && work.writeSheet) work.writeSheet();
      else if (pressed === '2' && work.writeTrace) work.writeTrace();
      else if (pressed === 'escape') leave();
      else return false;
      return true;
    }),
  );
  return (
    <CaseRoom
      caseId={caseId}
      number={number}
      machine={state.opened.machine.name}
      room="Power"
      links={diagnosis?.links ?? noLinks}
      onLeave={leave}
    >
      <PowerRoom
        sheet={sheet}
        onSheet={(next) => mayWrite && change({ sheet: next })}
        trace={draft.trace ?? loggedTrace(state.power.measured)}
        isTraceWritten={draft.trace === null}
        onTrace={mayWrite ? (next) => change({ trace: next }) : null}
        readings={powerReadings(state)}
        onReading={mayWrite ? (reading) => void work.record(bodyOfReading(reading, view)) : null}
        school={draft.school}
        onSchool={(school) => change({ school })}
        tools={
          <CaseTools work={work} name={state.opened.machine.name} hasLog={inForce.sheet !== null} mayWrite={mayWrite} />
        }
        note={<CaseNote isSpare={inForce.of === 'spare'} isNew={work.isNew} diagnosis={diagnosis} />}
        allowsBridge={settings?.allowsSupplyBridge ?? false}
      />
    </CaseRoom>
  );
}

type InForce = ReturnType<typeof sheetInForce>;

interface PowerWorkOf {
  readonly caseId: string;
  readonly view: CaseView;
  readonly inForce: InForce;
  readonly mayWrite: boolean;
}

/** What was changed and is not in the log yet, and how it gets there; null where there is nothing to write. */
function usePowerWork({ caseId, view, inForce, mayWrite }: PowerWorkOf) {
  const { record } = useCaseActions(caseId);
  const key = `${caseId} ${inForce.of}`;
  const draft = usePowerDraft(key);
  const store = usePowerDraftStore((one) => one.change);
  const sheet = draft.sheet ?? inForce.sheet ?? beginning(view);
  const isNew = draft.sheet !== null || inForce.sheet === null;
  const change = (part: Partial<PowerDraft>) => store(key, part);
  const writeSheet = useLatest(async () => {
    const of = inForce.of === 'spare' ? { of: 'spare' as const } : {};
    if (await record({ kind: 'power-noted', sheet, ...of })) change({ sheet: null });
  });
  const writeTrace = useLatest(async () => {
    if (!draft.trace) return;
    const { readings, phases, name } = draft.trace;
    if (await record({ kind: 'power-measured', trace: { readings, phases }, note: name })) change({ trace: null });
  });
  return {
    draft,
    sheet,
    isNew,
    change,
    record,
    writeSheet: mayWrite && isNew ? () => void writeSheet() : null,
    writeTrace: mayWrite && draft.trace !== null ? () => void writeTrace() : null,
  };
}

interface CaseToolsProps {
  readonly work: ReturnType<typeof usePowerWork>;
  readonly name: string;
  /** Something was written down before. */
  readonly hasLog: boolean;
  readonly mayWrite: boolean;
}

/** Writing down, taking back, and the way to a file. */
const CaseTools = ({
  work: { draft, sheet, change, writeSheet, writeTrace },
  name,
  hasLog,
  mayWrite,
}: CaseToolsProps) => (
  <>
    {writeSheet && (
      <Button $kind="primary" onPress={writeSheet}>
        1 · Write the plan down
      </Button>
    )}
    {writeTrace && (
      <Button $kind="primary" onPress={writeTrace}>
        2 · Write the trace down
      </Button>
    )}
    {draft.sheet && hasLog && (
      <Button $kind="quiet" onPress={() => change({ sheet: null })}>
        Back to what is written
      </Button>
    )}
    <FileTools name={name} sheet={sheet} onOpen={(_, next) => mayWrite && change({ sheet: next })} />
  </>
);

/** What the case adds to the verdict. */
function CaseNote({
  isSpare,
  isNew,
  diagnosis,
}: {
  readonly isSpare: boolean;
  readonly isNew: boolean;
  readonly diagnosis: Diagnosis | null;
}) {
  const joint = diagnosis?.together.find(
    ({ faults, probability }) => probability >= 0.3 && faults.some((id) => id.endsWith('@supply')),
  );
  return (
    <>
      {isSpare && <Quiet>Another supply is in: note its own label and leads.</Quiet>}
      {joint && (
        <Quiet>Supply and leads are one cause: {joint.title.charAt(0).toLowerCase() + joint.title.slice(1)}.</Quiet>
      )}
      {isNew && <Quiet>Not in the log yet: the suspects hear of it once it is written down.</Quiet>}
    </>
  );
}

/** The parts of the machine with what is usual, and the label where its rating was noted. */
function beginning({ logged: { machine, partFacts } }: CaseView): PowerSheet {
  const supply = machine.parts.find(({ kind, loose }) => kind === 'supply' && !loose);
  const rating = supply ? (partFacts[supply.id]?.rating ?? supply.name) : '';
  const watts = Number(/(\d{2,4})\s*W/.exec(rating)?.[1] ?? NaN);
  return {
    consumers: consumersOfMachine(machine),
    ...(Number.isNaN(watts) || watts <= 0 ? {} : { supply: { watts } }),
  };
}

/** The last trace of the log. */
function loggedTrace(measured: readonly PowerMeasured[]): DraftTrace | null {
  const last = measured.findLast(({ trace }) => trace !== undefined);
  return last?.trace ? { name: last.note ?? 'trace', readings: last.trace.readings, phases: last.trace.phases } : null;
}

/** A reading that a test takes is written as that test; any other as a reading of the power bench. */
function bodyOfReading(reading: PowerReading, { logged: { machine } }: CaseView): EventBody {
  const { quantity, at, value, meter, accuracy } = reading;
  const trialQuantity = at === 'cut-out' ? null : trialQuantityOf(quantity, at);
  const facts = QUANTITIES.find(({ id }) => id === trialQuantity);
  const part = machine.parts.find(({ kind, loose }) => kind === facts?.at && !loose);
  if (!facts || !part || quantity === 'adapter') return { kind: 'power-measured', reading };
  const from =
    meter || accuracy ? { meter: { ...(meter ? { name: meter } : {}), ...(accuracy ? { accuracy } : {}) } } : {};
  // Of a negative rail the test reads the amount.
  const volts = quantity === 'v12-negative' ? Math.abs(value) : value;
  return {
    kind: 'trial-done',
    trial: formatTrialId({ kind: 'measure', quantity: facts.id, part: part.id }),
    outcome: gradeReading(facts, volts),
    volts,
    ...from,
  };
}
