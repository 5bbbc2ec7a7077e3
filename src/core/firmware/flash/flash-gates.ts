import { acceptedNames, type BoardBookEntry } from '../boards/release';
import type { FlashMethod } from '../update/choose-method';

/** One thing that must be so before the button is pressed. */
export interface FlashGate {
  readonly id:
    | 'off'
    | 'plugs'
    | 'port'
    | 'stick'
    | 'power'
    | 'button'
    | 'backup'
    | 'settings'
    | 'support'
    | 'packed'
    | 'system'
    | 'key';
  readonly say: string;
  /** Why; empty where it speaks for itself. */
  readonly why: string;
}

const power: FlashGate = {
  id: 'power',
  say: 'It is plugged straight into the wall or into a battery-backed supply, not into a loose strip.',
  why: 'If the power fails while it writes, the image is lost.',
};

const settings = (why: string): FlashGate => ({
  id: 'settings',
  say: 'Settings that matter are written down or photographed.',
  why,
});

/** What to go through before a flash, from the board's own facts. */
export function flashGates(board: BoardBookEntry, method: FlashMethod): FlashGate[] {
  if (method === 'bare-board' && board.flash) return bareBoard(board.flash);
  if (method === 'sent-in')
    return [
      {
        id: 'packed',
        say: 'Processor, cooler, memory and cards are out; the plastic cover is on the processor socket.',
        why: 'Bent pins void the warranty.',
      },
      settings('The flash clears them.'),
    ];
  if (method === 'second-image')
    return [
      { id: 'off', say: 'The machine is off and the cord is out.', why: '' },
      {
        id: 'button',
        say: board.secondImage ?? 'You know from the manual how to start from the second image.',
        why: '',
      },
      power,
    ];
  if (method === 'running-system') return [...fromSystem, ...fromSetup.filter(({ id }) => id !== 'stick')];
  return [...(method === 'borrowed-processor' ? [borrowed] : []), ...fromSetup];
}

function bareBoard(flash: NonNullable<BoardBookEntry['flash']>): FlashGate[] {
  const { plugs, port, button, holdSeconds } = flash;
  return [
    { id: 'off', say: 'The machine is off and will not be started with the case button.', why: '' },
    { id: 'plugs', say: `Connected: ${plugs.join(', ')}.`, why: 'Some boards need one particular plug.' },
    {
      id: 'port',
      say: `The stick is in the right port: ${port}.`,
      why: 'No other port works. A mark beside a port may belong to the button.',
    },
    {
      id: 'stick',
      say: `${acceptedNames(flash)
        .map((name) => `"${name}"`)
        .join(' or ')} is in the root of the stick, checked after copying.`,
      why: '',
    },
    power,
    {
      id: 'button',
      say: `${button}: it clicks when pressed. Hold it ${holdSeconds} s, until the light blinks.`,
      why: '',
    },
  ];
}

const borrowed: FlashGate = {
  id: 'support',
  say: 'The borrowed processor is supported by the installed version; cooler and paste are on.',
  why: 'It must never run without a cooler.',
};

const fromSystem: readonly FlashGate[] = [
  {
    id: 'system',
    say: 'Everything else is closed, updates and protection programs are paused, sleep is off, a portable is on its charger.',
    why: 'Whatever interrupts it while it writes loses the image.',
  },
  {
    id: 'key',
    say: 'Disk encryption is suspended, and its recovery key is at hand.',
    why: 'The system may ask for the key after the update.',
  },
];

const fromSetup: readonly FlashGate[] = [
  { id: 'stick', say: 'The files are on the stick unchanged, checked after copying.', why: '' },
  {
    id: 'backup',
    say: 'The present image is saved to the stick, if setup offers it.',
    why: 'It lets you go back.',
  },
  settings('The update clears them.'),
  power,
];
