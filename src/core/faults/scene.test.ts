import { applyChanges, asFound, completeMachine, type Change, type Placement } from '../machine';
import { canAct, instantiateFaults } from '.';

const completed = completeMachine({
  name: 'M',
  parts: [
    { id: 'module-1', kind: 'module', slot: 'A2' },
    { id: 'module-2', kind: 'module', slot: 'A1' },
    { id: 'card', kind: 'card' },
    { id: 'drive', kind: 'drive' },
    { id: 'm2', kind: 'drive', bus: 'm2' },
    { id: 'front-usb', kind: 'front-usb' },
  ],
  builtInGraphics: true,
});
if (!completed.ok) throw new Error('expected a machine');
const { machine } = completed;
const faults = instantiateFaults(machine);

const place = (part: string, to: Placement): Change => ({ kind: 'place', part, to });
const out = (part: string) => place(part, { state: 'out' });
const spare = (part: string) => place(part, { state: 'spare' });
const moved = (part: string, to: string) => place(part, { state: 'moved', to });
const bridge: Change = { kind: 'start', to: 'bridge' };
const bench: Change = { kind: 'surface', to: 'bench' };
const defaults: Change = { kind: 'settings', to: 'defaults' };

function acts(id: string, ...changes: Change[]): boolean {
  const fault = faults.find((f) => f.id === id);
  if (!fault) throw new Error(`expected the fault ${id}`);
  return canAct(fault, machine, applyChanges(asFound, changes));
}

test.each<[string, string, Change[]]>([
  ['a short in a front lead while the lead is off', 'front-usb-short@front-usb', [out('front-usb')]],
  ['a dead supply while a spare is in', 'supply-dead@supply', [spare('supply')]],
  ['a wet switch when the pins are bridged', 'switch-wet@case-switch', [bridge]],
  ['a switch on wrong pins when the pins are bridged', 'switch-on-wrong-pins@case-switch', [bridge]],
  ['a stand-off under the board on the bench', 'short-under-board@board', [bench]],
  ['unlucky settings at defaults', 'settings-unstable@board', [defaults]],
  ['a fast memory profile at defaults', 'memory-profile-too-fast@board', [defaults]],
  ['a cable in the board once the card is out', 'cable-in-board-output@display-cable', [out('card')]],
  [
    'a cable in the board once it is moved',
    'cable-in-board-output@display-cable',
    [moved('display-cable', 'the card')],
  ],
  ['a wrong input once another is chosen', 'monitor-wrong-input@monitor', [moved('monitor', 'another input')]],
  ['a dead card output once the cable is moved', 'card-output-dead@card', [moved('display-cable', 'another output')]],
  ['a dead card slot without the card', 'card-slot-dead@board', [out('card')]],
  ['a dead slot without a module in it', 'slot-dead@slot-A2', [out('module-1')]],
  ['a dead slot of a spare board', 'slot-dead@slot-A2', [spare('board')]],
  ['a dead channel without a module on it', 'channel-lines-open@channel-A', [out('module-1'), out('module-2')]],
  ['uneven cooler pressure under a spare cooler', 'channel-cooler-pressure@channel-A', [spare('cooler')]],
  ['firmware too old for the processor, with an older spare', 'firmware-too-old@board', [spare('processor')]],
  ['a dead controller of a spare processor', 'channel-controller-dead@channel-A', [spare('processor')]],
  ['wrong slots once a module was moved', 'wrong-slots@board', [moved('module-2', 'slot-B2')]],
  ['an ill-matched kit with one module', 'kit-does-not-suit@board', [out('module-2')]],
  ['a drive in a dead socket once moved', 'drive-in-disabled-socket@drive', [moved('drive', 'another socket')]],
])('%s cannot act', (_what, id, changes) => {
  expect(acts(id)).toBe(true);
  expect(acts(id, ...changes)).toBe(false);
});

test.each<[string, string, Change[]]>([
  ['a stuck reset switch when the pins are bridged', 'reset-stuck@case-switch', [bridge]],
  ['a dead module in another slot', 'module-dead@module-1', [moved('module-1', 'slot-B2')]],
  ['a dead slot with a spare module in it', 'slot-dead@slot-A2', [spare('module-1')]],
  ['a dead slot with another module moved into it', 'slot-dead@slot-B2', [moved('module-2', 'slot-B2')]],
  ['a dead channel with one module left on it', 'channel-lines-open@channel-A', [out('module-1')]],
  ['a dead card slot with a spare card', 'card-slot-dead@board', [spare('card')]],
  ['a cable in the board with a spare card', 'cable-in-board-output@display-cable', [spare('card')]],
  ['the rocker of the supply on the bench', 'rocker-off@supply', [bench, bridge]],
  ['something else, whatever is changed', 'else-rails', [spare('board'), spare('supply'), bench]],
])('%s still acts', (_what, id, changes) => {
  expect(acts(id, ...changes)).toBe(true);
});

test('a drive’s socket is suspected of being switched off only beside an M.2 card', () => {
  const alone = completeMachine({ name: 'M', parts: [{ id: 'drive', kind: 'drive' }] });
  if (!alone.ok) throw new Error('expected a machine');
  expect(instantiateFaults(alone.machine).some(({ mode }) => mode.id === 'drive-in-disabled-socket')).toBe(false);
});
