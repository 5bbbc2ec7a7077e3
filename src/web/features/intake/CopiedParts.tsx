import { completeMachine } from '../../../core/machine';
import { Button } from '../../components/Button';
import { caseNumber, listOf } from '../../components/format';
import { Notice } from '../../components/Notice';
import type { CopiedMachine } from './copied-machine';

/** The parts of an earlier case in words. */
export function CopiedParts({
  copied: { number, machine },
  onDrop,
}: {
  readonly copied: CopiedMachine;
  readonly onDrop: () => void;
}) {
  const completed = completeMachine(machine);
  const names = completed.ok ? completed.machine.parts.filter(({ kind }) => kind !== 'slot' && kind !== 'channel') : [];
  return (
    <>
      <Notice kind="plain">
        As in case {caseNumber(number)}: {listOf(names.map(({ name }) => name))}.
      </Notice>
      <div>
        <Button onPress={onDrop}>Enter the parts by hand</Button>
      </div>
    </>
  );
}
