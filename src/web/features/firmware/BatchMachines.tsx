import { useState } from 'react';
import styled from 'styled-components';
import { Link } from 'react-router';
import type { CaseOpened } from '../../../core/casework';
import { useCaseList } from '../../api/case-list';
import { useOpenCase } from '../../api/cases';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { caseNumber, clock } from '../../components/format';
import { Notice } from '../../components/Notice';
import { Select } from '../../components/Select';
import { useMe } from '../../shell/me';
import { useFirmwareBatchStore, type BatchMachine } from '../../stores/firmware-batch-store';
import { useFirmwareDeskStore } from '../../stores/firmware-desk-store';
import { newId } from '../../stores/new-id';
import type { StickWorker } from '../../workers/use-stick-worker';
import { BatchMachineWork, machineKey } from './BatchMachineWork';
import { Block, Fields, Foot, Lead, Muted, Title } from './step-parts';
import type { Firmware } from './use-firmware';
import { NeedsBoard } from './VersionStep';

const Rows = styled.table`
  width: 100%;
  max-width: 54rem;
  margin-bottom: 1rem;
  border-collapse: collapse;
  th,
  td {
    padding: 0.35rem 0.6rem;
    border-bottom: 1px solid ${({ theme }) => theme.line};
    text-align: left;
    overflow-wrap: anywhere;
  }
`;

const endWords = {
  finished: 'Finished',
  'gave-up': 'Failed: nothing written',
  interrupted: 'Interrupted',
  unsure: 'Unclear',
} as const;

/** The machines of a batch, each with its version before, its flash and the version read afterwards. */
export function BatchMachines({ firmware, worker }: { readonly firmware: Firmware; readonly worker: StickWorker }) {
  const { board, next, change } = firmware;
  const machines = useFirmwareBatchStore((store) => store.machines);
  const [openId, setOpenId] = useState<string | null>(null);
  const open = machines.find(({ id }) => id === openId) ?? null;
  if (!board) return <NeedsBoard onGo={() => change({ step: 'board' })} />;
  const done = machines.filter(({ after }) => after !== null).length;
  return (
    <>
      {open === null && <Title>The machines</Title>}
      <Lead>
        {next ? `${next.version} on each, from one stick. ` : 'Choose the version first. '}
        {machines.length > 0 && `${done} of ${machines.length} read afterwards.`}
      </Lead>
      {machines.length > 0 && (
        <Rows aria-label="Machines of the batch">
          <thead>
            <tr>
              <th>Serial number</th>
              <th>Before</th>
              <th>Flash</th>
              <th>After</th>
              <th>Case</th>
            </tr>
          </thead>
          <tbody>
            {machines.map((machine) => (
              <tr key={machine.id} aria-current={machine.id === openId ? 'true' : undefined}>
                <td>
                  <Button $kind="quiet" onPress={() => setOpenId(machine.id === openId ? null : machine.id)}>
                    {machine.serial}
                  </Button>
                </td>
                <td>{machine.before ?? 'not known'}</td>
                <td>
                  {machine.end ? endWords[machine.end] : <Muted>not yet</Muted>}
                  {machine.seconds !== null && ` · ${clock(machine.seconds)}`}
                </td>
                <td>{machine.after ?? <Muted>not read</Muted>}</td>
                <td>
                  <Link to={`/cases/${machine.caseId}`}>Its case</Link>
                </td>
              </tr>
            ))}
          </tbody>
        </Rows>
      )}
      {open && <BatchMachineWork key={open.id} machine={open} batch={firmware} worker={worker} />}
      <AddMachine firmware={firmware} machines={machines} onAdded={setOpenId} />
    </>
  );
}

const ownCase = 'new';

/** The case of a machine that is only here for its firmware. */
const openedFor = (name: string, owner: string, by: string): CaseOpened => ({
  kind: 'case-opened',
  id: newId(),
  at: new Date().toISOString(),
  by,
  machine: { name, parts: [] },
  owner,
  complaint: 'Firmware update, one of several machines.',
  circumstances: [],
  reported: null,
});

/** Each machine goes through gates and watch for itself. */
const fresh = { step: 'flash', gates: [], watchFrom: null, marks: [], afterwards: [] } as const;

interface AddMachineProps {
  readonly firmware: Firmware;
  readonly machines: readonly BatchMachine[];
  readonly onAdded: (id: string) => void;
}

/** What is typed of the next machine, and how it gets its row and its case. */
function useAddMachine({ firmware: { board, desk }, machines, onAdded }: AddMachineProps) {
  const add = useFirmwareBatchStore((store) => store.add);
  const changeDesk = useFirmwareDeskStore((store) => store.change);
  const openCase = useOpenCase();
  const by = useMe().name;
  const [serial, setSerial] = useState('');
  const [owner, setOwner] = useState('');
  const [before, setBefore] = useState('');
  const [caseId, setCaseId] = useState(ownCase);
  const typed = serial.trim();
  const isTwice = machines.some((machine) => machine.serial.toLowerCase() === typed.toLowerCase());
  const isReady = typed !== '' && !isTwice && board !== null && (caseId !== ownCase || owner.trim() !== '');
  const submit = async () => {
    if (!isReady) return;
    const [id, newCaseId] = [newId(), newId()];
    if (caseId === ownCase)
      await openCase.mutateAsync({
        id: newCaseId,
        events: [openedFor(`${board.model}, ${typed}`, owner.trim(), by)],
      });
    const installed = before === '' ? null : before;
    changeDesk(machineKey(id), { ...desk, ...fresh, installed });
    add({
      id,
      serial: typed,
      caseId: caseId === ownCase ? newCaseId : caseId,
      before: installed,
      end: null,
      seconds: null,
      after: null,
    });
    setSerial('');
    setCaseId(ownCase);
    onAdded(id);
  };
  return {
    serial,
    setSerial,
    owner,
    setOwner,
    before,
    setBefore,
    caseId,
    setCaseId,
    isTwice,
    isReady,
    submit,
    openCase,
  };
}

/** A machine that joins the batch: into its case, or into one that is opened for it. */
function AddMachine(props: AddMachineProps) {
  const form = useAddMachine(props);
  const cases = useCaseList({ stage: null, search: '' });
  const openCases = (cases.data?.cases ?? []).filter(({ stage }) => stage !== 'closed');
  const versions = props.firmware.revision?.releases.map(({ version }) => version).reverse() ?? [];
  return (
    <Block aria-label="Add a machine">
      <h2>Add a machine</h2>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void form.submit().catch(() => undefined);
        }}
      >
        <Fields $columns={2}>
          <Field
            label="Serial number"
            value={form.serial}
            onChange={form.setSerial}
            error={form.isTwice ? 'This machine is on the list already.' : undefined}
            maxLength={60}
          />
          <Select
            label="Version before"
            value={form.before}
            onChange={form.setBefore}
            choices={[{ id: '', label: 'Not known' }, ...versions.map((id) => ({ id, label: id }))]}
          />
          <Select
            label="Case"
            value={form.caseId}
            onChange={form.setCaseId}
            choices={[
              { id: ownCase, label: 'Open one for it' },
              ...openCases.map(({ id, number, machine }) => ({ id, label: `${caseNumber(number)} ${machine}` })),
            ]}
          />
          {form.caseId === ownCase && (
            <Field label="Owner" value={form.owner} onChange={form.setOwner} maxLength={80} />
          )}
        </Fields>
        <Foot>
          <Button type="submit" $kind="primary" isDisabled={!form.isReady || form.openCase.isPending}>
            Add it
          </Button>
        </Foot>
        {form.openCase.error && <Notice kind="danger">{form.openCase.error.message}</Notice>}
      </form>
    </Block>
  );
}
