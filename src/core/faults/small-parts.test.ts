import { completeMachine } from '../machine';
import { PRACTICE_MACHINES } from '../practice';
import { instantiateFaults, putsRightAsWell } from '.';

test('of all parts only a switch is exchanged as cheaply and quickly as it is cleaned; nothing dear is bought to save work', () => {
  const pairs = PRACTICE_MACHINES.flatMap(({ machine: declared, circumstances }) => {
    const completed = completeMachine(declared);
    if (!completed.ok) throw new Error(declared.name);
    const faults = instantiateFaults(completed.machine, circumstances);
    const classes = [...new Map(faults.map(({ repairClass }) => [repairClass.id, repairClass])).values()];
    return classes.flatMap((own) =>
      classes.filter((other) => putsRightAsWell(own, other)).map((other) => `${own.id} for ${other.id}`),
    );
  });
  expect(new Set(pairs)).toEqual(new Set(['replace@case-switch for clean-switch@case-switch']));
});
