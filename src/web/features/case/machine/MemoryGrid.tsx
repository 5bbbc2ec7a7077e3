import { formatTrialId } from '../../../../core/trials';
import { Check, Circle, X } from 'lucide-react';
import { Button } from 'react-aria-components';
import styled from 'styled-components';
import type { CaseState } from '../../../../core/casework';
import type { MatrixCell, MemoryMatrix } from '../../../../core/isolation';
import type { Machine, Part } from '../../../../core/machine';

const Block = styled.section`
  margin-bottom: 0.6rem;
  padding-bottom: 0.6rem;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  h3 {
    font-size: 0.95rem;
  }
  table {
    width: 100%;
    margin-top: 0.3rem;
    border-collapse: collapse;
    table-layout: fixed;
  }
  th {
    padding: 0.15rem 0.2rem;
    font-size: 0.85rem;
    font-weight: 600;
    text-align: center;
    line-height: 1.15;
  }
  th[scope='row'] {
    text-align: left;
  }
  td {
    padding: 2px;
  }
  p,
  li {
    margin-top: 0.3rem;
    font-size: 0.9rem;
    line-height: 1.3;
  }
`;
const Verdict = styled.div`
  font-size: 0.78rem;
  font-weight: 500;
  color: ${({ theme }) => theme.muted};
`;
const Cell = styled(Button)<{ $state: MatrixCell['state']; $next: boolean }>`
  display: grid;
  place-items: center;
  width: 100%;
  min-height: 44px;
  padding: 0;
  border: 1px ${({ $state }) => ($state === 'untried' ? 'dashed' : 'solid')}
    ${({ theme, $state }) => ($state === 'untried' ? theme.muted : theme.strong)};
  border-radius: 4px;
  outline: ${({ theme, $next }) => ($next ? `3px solid ${theme.strong}` : 'none')};
  outline-offset: -3px;
  background: ${({ theme, $state }) =>
    ({ starts: theme.strong, fails: theme.suspicionSoft, untried: 'transparent' })[$state]};
  color: ${({ theme, $state }) => ({ starts: theme.onStrong, fails: theme.suspicion, untried: theme.ink })[$state]};
  font-size: 0.78rem;
  font-weight: 600;
  line-height: 1.1;
  cursor: pointer;
  &[data-disabled] {
    cursor: default;
  }
`;

const icons = { starts: Check, fails: X, untried: Circle } as const;
const verdicts = { good: 'good', bad: 'bad', open: '' } as const;

/** Modules by slots: what each start has shown, the cell to try next, and what follows. Press a cell to try it. */
export function MemoryGrid({
  state: { machine },
  matrix,
  canTry,
  onTry,
}: {
  readonly state: CaseState;
  readonly matrix: MemoryMatrix;
  /** False while the case cannot go on. */
  readonly canTry: boolean;
  readonly onTry: (trial: string) => void;
}) {
  const modules = machine.parts.filter(({ kind }) => kind === 'module');
  const slots = slotsByChannel(machine);
  return (
    <Block aria-label="Memory grid">
      <h3>Memory grid</h3>
      <table>
        <thead>
          <tr>
            <td />
            {slots.map((slot) => (
              <th key={slot.id} scope="col">
                {slot.name.replace('slot ', '')}
                <Verdict>{verdicts[matrix.slots[slot.id] ?? 'open']}</Verdict>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {modules.map((module) => (
            <tr key={module.id}>
              <th scope="row">
                {module.name}
                <Verdict>{verdicts[matrix.modules[module.id] ?? 'open']}</Verdict>
              </th>
              {slots.map((slot) => (
                <td key={slot.id}>
                  <GridCell module={module} slot={slot} matrix={matrix} canTry={canTry} onTry={onTry} />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <ul aria-live="polite">
        {matrix.deductions.map((words) => (
          <li key={words}>{words.charAt(0).toUpperCase() + words.slice(1)}</li>
        ))}
      </ul>
      {matrix.next && <p>{whyNext(machine, matrix, matrix.next)}</p>}
    </Block>
  );
}

function GridCell({
  module,
  slot,
  matrix,
  canTry,
  onTry,
}: {
  readonly module: Part;
  readonly slot: Part;
  readonly matrix: MemoryMatrix;
  readonly canTry: boolean;
  readonly onTry: (trial: string) => void;
}) {
  const state = matrix.cells.find((cell) => cell.module === module.id && cell.slot === slot.id)?.state ?? 'untried';
  const isNext = matrix.next?.module === module.id && matrix.next.slot === slot.id;
  const Icon = icons[state];
  return (
    <Cell
      $state={state}
      $next={isNext}
      isDisabled={!canTry}
      aria-label={`${module.name} in ${slot.name}: ${state}${isNext ? ', try this next' : ''}`}
      onPress={() => onTry(formatTrialId({ kind: 'only', module: module.id, slot: slot.id }))}
    >
      <Icon size={15} aria-hidden />
      {isNext ? 'next' : state}
    </Cell>
  );
}

/** Slots of one channel stand together, as on the board's own drawing of its channels. */
function slotsByChannel({ parts }: Machine): Part[] {
  const slots = parts.filter(({ kind }) => kind === 'slot');
  return [...slots].sort((a, b) => (a.channel ?? '').localeCompare(b.channel ?? '') || a.name.localeCompare(b.name));
}

function whyNext(machine: Machine, { modules }: MemoryMatrix, { module, slot }: NonNullable<MemoryMatrix['next']>) {
  const name = (id: string) => machine.parts.find((part) => part.id === id)?.name ?? id;
  return modules[module] === 'good'
    ? `Next: ${name(module)}, which is proven, in ${name(slot)}: this tests the slot.`
    : `Next: ${name(module)} alone in ${name(slot)}: if it starts, both are good.`;
}
