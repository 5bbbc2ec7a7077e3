/** What each repair is, movement by movement. Over 250 lines because it is a table: one entry a repair. */
import type { RepairId } from '../../faults';
import type { ResetWay } from '../../firmware';
import { kindInWords, nameInWords } from '../../machine';
import {
  findSwitchLegs,
  pinsInWords,
  resetWays,
  secondsOf,
  setupKeyWords,
  slotsInOrder,
  switchPinsOf,
} from '../movements/board-words';
import { hasAdapter, type AtPart, type Movement } from '../movements/movement';
import { putIn, takeOut } from '../movements/part-movements';

const say = (text: string, more: Omit<Movement, 'text'> = {}): Movement => ({ text, ...more });
const part = ({ part: own }: AtPart): string => nameInWords(own);

/** The settings cleared in one way; where no board is known, by its coin cell. */
function resetBy(way: ResetWay | null): Movement[] {
  switch (way?.how) {
    case 'pins':
      return [
        say(`Find ${way.where}.`, { drawing: { kind: 'clear-pins', pins: 2 } }),
        say(`Bridge the two pins with a blade for ${secondsOf(way)}.`, { avoid: 'Only with the cord out.' }),
        say('Take the blade away.', { feel: 'The next start says that the settings were lost.' }),
      ];
    case 'button':
      return [
        say(`Press ${way.where}, for ${secondsOf(way)}.`, { feel: 'The next start says that the settings were lost.' }),
      ];
    case 'coin-cell':
      return [say(`Find the coin cell: ${way.where}.`), ...withoutCell(secondsOf(way))];
    default:
      return [
        say('Bridge the two pins marked for clearing with a blade for ten seconds.', {
          drawing: { kind: 'clear-pins', pins: 2 },
          avoid: 'Only with the cord out.',
        }),
        say('No such pins? Find the coin cell.'),
        ...withoutCell('ten minutes'),
      ];
  }
}

const withoutCell = (wait: string): Movement[] => [
  say('Press the small clip beside it and take the cell out.', { avoid: 'Keep it away from children.' }),
  say(`Press the case button once, and wait ${wait}.`),
  say('Put the cell back with its printed face up.', { feel: 'It snaps under the clip.' }),
];

/** "Find the two switch pins", on a board of the book with where they lie. */
export function findSwitchPins({ board, machine }: Pick<AtPart, 'board' | 'machine'>): Movement {
  if (machine.board.switchOnBoard) return say(findSwitchLegs);
  const pins = switchPinsOf(board);
  return say(
    pins
      ? `Find the two switch pins of ${pins.header.name}: ${pinsInWords(pins)}.`
      : 'Find the two switch pins of the front header: the manual or the print beside it names them.',
    { drawing: { kind: 'switch-pins' } },
  );
}

const fullyIn = (plug: string): string => `The ${plug} sits flush, and its latch has hooked over.`;

const table: Readonly<Record<Exclude<RepairId, 'leave-slot-empty'>, (at: AtPart) => readonly Movement[]>> = {
  'use-live-outlet': () => [
    say('Pull the cord out of the strip or outlet.'),
    say('Plug it straight into a wall outlet in which a lamp lights.', { feel: 'The lamp lit there a moment ago.' }),
  ],
  'straight-from-wall': () => [
    say('Pull the cord out of the strip or extension.'),
    say('Plug it into a wall outlet of its own.', { avoid: 'Nothing else that draws a lot on the same outlet.' }),
  ],
  'switch-strip-on': () => [
    say('Switch the strip, and the wall switch if there is one, on.', { feel: 'The light of the strip is lit.' }),
  ],
  'push-cord': (at) => [
    say(`Push ${part(at)} into the machine, with a slight turn.`, {
      feel: 'It goes in further than it looked, and does not wobble.',
    }),
    say('Push its plug into the wall as well.'),
  ],
  'set-rocker': (at) => [
    say(`Find the rocker beside the mains socket of ${part(at)} and press the side marked I.`, {
      feel: 'It tips over and stays.',
      drawing: { kind: 'rocker' },
      avoid: 'O is off, whatever it looks like.',
    }),
  ],
  'drain-latch': (at) => [
    say(
      hasAdapter(at) ? 'Pull the adapter out of the wall.' : 'Set the rocker to O and pull the cord.',
      hasAdapter(at) ? {} : { drawing: { kind: 'rocker' } },
    ),
    say('Press the case button once and hold it for ten seconds.'),
    say('Wait until every light is out.', { feel: 'The standby light on the board goes dark.' }),
    say(hasAdapter(at) ? 'Adapter in again.' : 'Cord in, rocker at I.'),
  ],
  'correct-header': (at) => [
    say('Pull the two-pin plugs off the front header, one at a time, and read what is printed on each.'),
    findSwitchPins(at),
    say('Set the plug of the switch on these two pins. Which way round does not matter.', {
      avoid: 'A light has a plus and a minus; a switch has not.',
    }),
  ],
  'free-reset': (at) => [
    say('Work the reset switch in and out until it springs back by itself.', { feel: 'A short click each time.' }),
    say(
      'If it stays in, pull its plug off the front header and leave it off.',
      switchPinsOf(at.board) ? { drawing: { kind: 'switch-pins' } } : {},
    ),
  ],
  'clean-switch': (at) => [
    ...(at.machine.board.switchOnBoard
      ? [say('Lay the board free where the switch stands. The coin cell stays away from the spray.')]
      : [
          say(`Pull the plug of ${part(at)} off the front header.`, { drawing: { kind: 'switch-pins' } }),
          say('Take the switch out of the front, or work from behind.'),
        ]),
    say('Spray a little contact cleaner into the gap and press it twenty times.', {
      avoid: 'No oil, and nothing that leaves a film.',
    }),
    say('Let it dry for ten minutes.', { feel: 'It clicks clearly and springs back.' }),
    ...(at.machine.board.switchOnBoard ? [] : [say('Set its plug on the two switch pins again.')]),
  ],
  'solder-switch': () => [
    say('Lift the board out of its case.'),
    say('Give it to somebody who solders boards, with the type of the switch: size, height, legs.'),
    say('When it is back, see that no solder bridges its legs, and build it in again.', {
      feel: 'The new switch clicks and springs back.',
    }),
  ],
  'push-power-plugs': () => [
    say('Push the 24-pin plug into the board, one end after the other.', {
      feel: fullyIn('plug'),
      drawing: { kind: 'plug', plug: '24-pin' },
    }),
    say('Push the processor plug in at the top of the board.', {
      feel: fullyIn('plug'),
      drawing: { kind: 'plug', plug: 'processor' },
    }),
    say('Where the leads can be taken off at the supply, push them in there too.', { feel: 'Each clicks.' }),
  ],
  'right-plug': () => [
    say('Pull the plug out of the processor socket, latch pressed.', { drawing: { kind: 'plug', plug: 'processor' } }),
    say('Take the lead that is marked CPU or has two halves of four, and push it in.', {
      feel: fullyIn('plug'),
      avoid: 'A card plug has halves of six and two, and other wires.',
    }),
  ],
  'clear-short': () => [
    say('Unplug everything from the board and take out its screws. Count them.'),
    say('Lift the board out, by its edges, and turn it over.'),
    say('Look for a loose screw, a scrap of metal, a bent pin; take it away.', { feel: 'Nothing rattles.' }),
    say('Compare each stand-off in the case with a hole in the board. Take out those without a hole.'),
    say('Set the board back and put all screws in before you tighten any.', {
      feel: 'It lies flat, and the ports show in their plate.',
    }),
    say('Plug everything in again.'),
  ],
  'seat-front-lead': (at) => [
    say(`Pull the plug of ${part(at)} straight off its header.`, { avoid: 'Tilted, it bends the pins.' }),
    say('Look for bent pins; straighten them with a fine blade.'),
    ...putIn(at),
  ],
  'leave-unplugged': (at) => [
    ...takeOut(at),
    say('Tie its plug back so that it touches nothing.', {
      avoid: 'A plug that hangs loose shorts something one day.',
    }),
    say('Tell the owner what is off, and write down that they agree.'),
  ],
  'seat-processor': (at) => [
    ...takeOut(at),
    say('Shine a light across the socket: the rows of contacts or holes are even.', {
      avoid: 'Do not straighten pins of a board that can be returned.',
    }),
    ...putIn(at),
  ],
  'mount-cooler': (at) => [...takeOut(at), ...putIn(at)],
  'plug-cooler-fan': (at) => [
    say(`Follow the lead of ${part(at)} to its plug.`),
    say('Set the plug on the header marked for the processor fan.', {
      feel: 'It fits one way round; four holes may sit on three pins.',
    }),
    say('Tuck the lead away from the blades.'),
  ],
  'plug-pump': () => [
    say('Follow the lead of the pump to its plug.'),
    say('Set it on a header that gives full voltage: one for a pump, or one set to full speed in setup.'),
    say('Start it and lay a finger on the pump.', { feel: 'A light, even tremble.' }),
  ],
  'update-firmware': () => [
    say('Open the firmware bay: it plans the versions, checks the file and the stick, and watches the flash.'),
    say('Follow it to the version that is read afterwards.', { avoid: 'Never cut the power while it is writing.' }),
  ],
  'recover-firmware': ({ board }) => [
    say('Open the firmware bay and choose that the board does not start.'),
    say(
      board?.flash
        ? `This board flashes itself: port ${board.flash.port}, button ${board.flash.button}.`
        : board?.secondImage
          ? `Its second image: ${board.secondImage}`
          : 'It says which ways this board has.',
    ),
    say('Follow it to the version that is read afterwards.', { avoid: 'Never cut the power while it is writing.' }),
  ],
  'roll-back-firmware': () => [
    say('Open the firmware bay and choose the earlier version; it says if a step cannot be undone.'),
    say('Follow it to the version that is read afterwards.', { avoid: 'Never cut the power while it is writing.' }),
  ],
  'reset-settings': (at) => {
    const [quickest = null, ...others] = resetWays(at.board);
    return [
      ...resetBy(quickest),
      ...others.flatMap((way) => {
        const [first, ...rest] = resetBy(way);
        return first ? [{ ...first, text: `Still the old settings? Off, cord out. ${first.text}` }, ...rest] : [];
      }),
    ];
  },
  'clear-password': () => [
    say("See that the owner's proof is on record. Without it, stop here."),
    say('Find the jumper for the password in the manual: three pins, two of them under a cap.', {
      drawing: { kind: 'clear-pins', pins: 3 },
    }),
    say('With the cord out, move the cap from pins 1 and 2 to pins 2 and 3.', {
      feel: 'One pin stays free at the other end.',
    }),
    say('Cord in. Start it once, as far as it offers setup, and switch it off.'),
    say('Cord out, lights out. Move the cap back to pins 1 and 2.', {
      avoid: 'Left there, the password stays off for everyone.',
    }),
  ],
  'seat-module': (at) => [...takeOut(at), say('Look at the slot: no dust, no bent contact.'), ...putIn(at)],
  'clean-slot': (at) => [
    say(`Take the module out of ${at.part.name}.`, {
      drawing: { kind: 'slots', into: at.part.name.replace(/^slot /, '') },
    }),
    say('Blow along the slot with dry air, in short bursts, the can upright.', {
      avoid: 'Nothing wet, nothing of metal.',
    }),
    say('Draw a soft dry brush along both rows of contacts.'),
    say('Shine a light along it.', { feel: 'All contacts stand in one line, and nothing lies between them.' }),
    say('Put the module back.', { feel: 'Both sides click.' }),
  ],
  'right-slots': (at) => [
    say(
      `The order of this board: ${slotsInOrder(
        at.board,
        at.machine.board.slots.map(({ name }) => name),
      )}.`,
      { drawing: { kind: 'slots', into: null } },
    ),
    say('Take out the modules that stand elsewhere.'),
    say('Put them into the first slots of that order.', { feel: 'Both sides of each click.' }),
  ],
  'wait-training': () => [
    say('Start it and leave it alone for three minutes, whatever it does.', {
      feel: 'It may restart a few times; a code that changes is progress.',
    }),
  ],
  'match-modules': () => [
    say("Look the board's list of modules up and choose a kit of one package."),
    say('Take out the modules that are in.'),
    say('Put the kit in, in the order of the manual.', {
      drawing: { kind: 'slots', into: null },
      feel: 'Both sides of each click.',
    }),
  ],
  'seat-card': (at) => [...takeOut(at), ...putIn(at)],
  'plug-card-power': (at) => [
    say(`Press each power plug of ${part(at)} in with a thumb.`, {
      feel: fullyIn('plug'),
      drawing: { kind: 'plug', plug: 'card' },
    }),
    say('See that no socket of the card is left empty.'),
  ],
  'push-supply-leads': () => [
    say('Push each lead into the supply, one after the other.', {
      feel: 'Each clicks and does not come back when pulled lightly.',
    }),
    say('Compare each plug with the label beside its socket.'),
  ],
  'own-leads': (at) => [
    say(`Take off every lead that did not come with ${part(at)}.`, {
      avoid: 'The plugs of other supplies fit and are wired otherwise.',
    }),
    say('Put in its own leads.', { feel: 'Each clicks.' }),
  ],
  'without-extension': () => [
    say('Take the extension out between the lead and its socket, both latches pressed.'),
    say('Plug the lead straight in.', { feel: fullyIn('plug') }),
  ],
  'other-card-lead': (at) => [
    say(`Pull the power plug of ${part(at)}, latch pressed.`, { drawing: { kind: 'plug', plug: 'card' } }),
    say('Take another lead of the same supply, from a socket marked for cards.'),
    say('Plug it in at both ends.', { feel: fullyIn('plug') }),
  ],
  'other-header': (at) => [
    say(`Pull the plug of ${part(at)} straight off its header.`),
    say('Set it on another header of the same kind, the closed hole over the missing pin.', {
      feel: 'It slides on without force.',
    }),
  ],
  'card-to-first-slot': (at) => [...takeOut(at), say('Choose the slot nearest the processor.'), ...putIn(at)],
  'without-riser': (at) => [...takeOut(at), say('Take the riser out.'), ...putIn(at)],
  'wake-monitor': (at) => [
    say(`Press the button of ${part(at)} once.`),
    say('No light: unplug it for ten seconds, and press again.', { feel: 'Its light comes on or changes colour.' }),
  ],
  'lower-resolution': () => [
    say('Start it in the mode with the lowest resolution: at the boot menu of the system, or with another monitor.'),
    say('Set a resolution and a rate that the label of the monitor names.'),
  ],
  'hold-button': (at) => [
    say('Hold the case button for ten seconds.', { feel: 'Lights and fans go off, if any were on.' }),
    say(
      hasAdapter(at)
        ? 'Pull the adapter, wait half a minute, put it back.'
        : 'Pull the cord, wait half a minute, put it back.',
    ),
  ],
  'select-input': () => [
    say("Open the monitor's input menu with its button."),
    say('Choose the input whose socket the cable is in.', { feel: 'The name of the input shows for a moment.' }),
  ],
  'switch-monitor-on': (at) => [say(`Press the button of ${part(at)}.`, { feel: 'Its light comes on.' })],
  'cable-to-card': (at) => [
    say(`Pull ${part(at)} out of the board's output.`, { drawing: { kind: 'outputs', use: 'card' } }),
    say('Plug it into an output of the card, lower down.', { feel: 'It does not wobble; a latch clicks.' }),
  ],
  'push-display-cable': (at) => [
    say(`Pull ${part(at)} off at both ends, latches pressed or screws loosened.`),
    say('Look into both plugs for a bent pin.'),
    ...putIn(at),
  ],
  'move-output': (at) => [
    say(`Pull the cable out of ${part(at)}.`),
    say('Plug it into another output of the same kind, or with the cable that fits.', {
      drawing: { kind: 'outputs', use: 'card' },
    }),
    say('Choose that input at the monitor.'),
  ],
  'plug-keyboard': (at) => [
    say(`Plug ${part(at)} into a USB port at the rear, straight on the board.`, {
      avoid: 'No hub, no front port.',
      feel: 'Its lights flash once at the start.',
    }),
  ],
  'plug-drive': (at) => [...takeOut(at), ...putIn(at)],
  'replace-data-lead': (at) => [
    say(`Pull the data lead of ${part(at)} at both ends, latches pressed.`),
    say('Put another one in.', { feel: 'It clicks at both ends.' }),
  ],
  'plug-fan': (at) => [
    say(`Set the plug of ${part(at)} on a fan header.`, { feel: 'It fits one way round.' }),
    say('If the fan was taken out on purpose, switch its warning off in setup instead.'),
  ],
  'move-drive': (at) => [
    say(
      'Look up which sockets another one switches off.',
      at.machine.board.sharing?.length ? { feel: 'The list beside the plan says which.' } : {},
    ),
    say(`Move the data lead of ${part(at)} to a socket that stays on.`),
  ],
  'set-boot': ({ board }) => [
    say(setupKeyWords(board)),
    say('Set the boot mode that the disk was installed with, and put the disk first in the order.'),
    say('Save and leave.', { avoid: 'Note what was set before.' }),
  ],
  'confirm-message': ({ board }) => [
    say(setupKeyWords(board)),
    say('Read the message once more, change nothing, save and leave.'),
    say('Switch off, cord out for a minute.', { feel: 'It must stay away: with a flat coin cell it comes back.' }),
  ],
  'restore-system': () => [
    say('Copy the data to another disk first, and open some of it there.'),
    say('Repair the start of the system from its own stick; reinstall only where that fails.', {
      avoid: 'Never write to a disk before its data is safe.',
    }),
  ],
  'install-system': () => [
    say('See that the owner agreed and that nothing on it is needed.'),
    say('Start from the stick of the system and install it.'),
  ],
  'enter-recovery-key': () => [
    say('Read the key number on the screen to the owner.'),
    say('Let the owner type the recovery key.', { avoid: 'Do not keep the key.' }),
  ],
  'separate-leads': (at) => [
    say(`Follow the power leads of ${part(at)} to the supply.`),
    say('Take two leads that begin at two sockets of the supply, one for each socket of the card.', {
      drawing: { kind: 'plug', plug: 'card' },
      feel: fullyIn('plug'),
    }),
  ],
  'clean-cooling': (at) => [
    say('Hold the fan still with a finger.', { avoid: 'Air that spins it makes it a generator.' }),
    say(`Blow the dust out of ${part(at)} with short bursts, from the clean side.`),
    say('Brush what is left out of the fins.', { feel: 'Light shows between them.' }),
  ],
  'dry-board': () => [
    say('Take board and parts out and lay them flat.'),
    say('Dab liquid up; brush residue off with high-proof isopropyl alcohol and a soft brush.', {
      avoid: 'No flames, air the room.',
    }),
    say('Let it dry for a day in a warm place with moving air, or as the shop does it.', {
      feel: 'Nothing shines or smells under sockets and ports.',
    }),
    say('Put it together again.', { avoid: 'No power before it is dry.' }),
  ],
  'look-deeper': (at) => [
    say(`Stop here with what this bench has, and write down what is left of ${part(at)}.`),
    say('Take what would decide it: another tool, a spare, another bench, or time.'),
  ],
  replace: (at) => [
    ...takeOut(at),
    say(`Compare the new ${kindInWords(at.part.kind)} with the old one: type, rating, plugs.`),
    ...putIn(at),
    ...(at.part.kind === 'board' || at.part.kind === 'processor'
      ? [say('See that the firmware of the board knows the processor.')]
      : []),
  ],
};

/** The movements of a repair at one part of one machine. */
export const repairMovements = (repair: Exclude<RepairId, 'leave-slot-empty'>, at: AtPart): readonly Movement[] =>
  table[repair](at);
