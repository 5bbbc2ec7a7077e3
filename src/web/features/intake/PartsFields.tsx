import styled from 'styled-components';
import { useBoardList } from '../../api/boards';
import { Select } from '../../components/Select';
import { CheckGrid, ChoiceGrid } from '../../components/ChoiceGrid';
import { Stepper } from '../../components/Field';
import { BOARD_FORMS } from '../../../core/machine';
import { mayHaveSolderedSwitch, type IntakeDraft } from './intake-draft';

const Two = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.8rem 2.5rem;
  @media (max-width: 760px) {
    grid-template-columns: 1fr;
  }
`;
const Stack = styled.div`
  display: grid;
  gap: 0.5rem;
  align-content: start;
`;

export interface PartsFieldsProps {
  readonly draft: IntakeDraft;
  readonly set: (change: Partial<IntakeDraft>) => void;
  /** What is wrong with the number of modules. */
  readonly error?: string | undefined;
}

const signalChoices = [
  { id: 'stageLights', label: 'Stage lights' },
  { id: 'checkpointDisplay', label: 'Code display' },
  { id: 'speaker', label: 'Speaker fitted' },
];
const forms = [{ id: 'usual', label: 'Not known' }, ...BOARD_FORMS.map((id) => ({ id, label: id }))] as const;
const graphicsChoices = [
  { id: 'card', label: 'A graphics card is fitted' },
  { id: 'builtInGraphics', label: 'Processor has built-in graphics' },
];

/** The machine's parts: counts and a few choices; the rest every machine has. */
export function PartsFields({ draft, set, error }: PartsFieldsProps) {
  return (
    <Two>
      <PartCounts draft={draft} set={set} error={error} />
      <Stack>
        <BoardOfBook value={draft} onChange={set} />
        {draft.what === 'bench' && (
          <ChoiceGrid
            label="Power comes from"
            value={draft.power}
            onChange={(power) => set({ power: power === 'adapter' ? 'adapter' : 'supply' })}
            choices={[
              { id: 'supply', label: 'A supply' },
              { id: 'adapter', label: 'A DC adapter' },
            ]}
          />
        )}
        <ChoiceGrid
          label="Board size"
          columns={3}
          value={draft.form}
          onChange={(form) => set({ form: forms.find(({ id }) => id === form)?.id ?? 'usual' })}
          choices={forms}
        />
        <CheckGrid
          label="Graphics"
          choices={graphicsChoices}
          values={graphicsChoices.map(({ id }) => id).filter((id) => draft[id as 'card' | 'builtInGraphics'])}
          onChange={(ids) => set({ card: ids.includes('card'), builtInGraphics: ids.includes('builtInGraphics') })}
        />
        <CheckGrid
          label="What the board can show"
          columns={3}
          choices={signalChoices}
          values={draft.signals}
          onChange={(ids) => set({ signals: ids as IntakeDraft['signals'] })}
        />
        {mayHaveSolderedSwitch(draft) && (
          <CheckGrid
            label="Power switch"
            choices={[{ id: 'soldered', label: 'It is soldered to the board' }]}
            values={draft.switchOnBoard ? ['soldered'] : []}
            onChange={(ids) => set({ switchOnBoard: ids.includes('soldered') })}
          />
        )}
      </Stack>
    </Two>
  );
}

function PartCounts({ draft, set, error }: PartsFieldsProps) {
  return (
    <Stack>
      <Stepper
        label="Memory modules"
        value={draft.modules}
        max={4}
        onChange={(modules) => set({ modules })}
        error={error}
      />
      <Stepper label="SATA drives" value={draft.sataDrives} max={6} onChange={(sataDrives) => set({ sataDrives })} />
      <Stepper label="M.2 drives" value={draft.m2Drives} max={3} onChange={(m2Drives) => set({ m2Drives })} />
      {draft.what === 'machine' && (
        <Stepper label="Front USB leads" value={draft.frontUsb} max={3} onChange={(frontUsb) => set({ frontUsb })} />
      )}
      <Stepper
        label="USB devices plugged in"
        value={draft.usbDevices}
        max={6}
        onChange={(usbDevices) => set({ usbDevices })}
      />
      <Stepper
        label="Extra supplies to test"
        value={draft.looseSupplies}
        max={2}
        onChange={(looseSupplies) => set({ looseSupplies })}
      />
      <Stepper
        label="Extra modules to test"
        value={draft.looseModules}
        max={4}
        onChange={(looseModules) => set({ looseModules })}
      />
    </Stack>
  );
}

interface ChosenBoard {
  readonly board: string;
  readonly revision: string;
}

/** The board, where the shop's book has it: its slots, lights, pins and shared lanes are then known. */
function BoardOfBook({
  value,
  onChange,
}: {
  readonly value: ChosenBoard;
  readonly onChange: (chosen: ChosenBoard) => void;
}) {
  const { data } = useBoardList();
  if (!data || data.boards.length === 0) return null;
  const listed = data.boards.flatMap(({ id, model, revisions }) =>
    revisions.map(({ revision }) => ({
      id: keyOf({ board: id, revision }),
      label: `${model}, revision ${revision}`,
      chosen: { board: id, revision },
    })),
  );
  const key = keyOf(value);
  return (
    <Select
      label="Board"
      value={listed.some(({ id }) => id === key) ? key : ''}
      choices={[{ id: '', label: 'Not known, or not in the book' }, ...listed]}
      onChange={(id) => onChange(listed.find((one) => one.id === id)?.chosen ?? noBoard)}
    />
  );
}

const keyOf = ({ board, revision }: ChosenBoard) => `${board} ${revision}`;
const noBoard: ChosenBoard = { board: '', revision: '' };
