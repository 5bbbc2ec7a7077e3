import type { DeclaredMachine, DeclaredPart } from '../machine';
import type { Circumstance } from '../faults';

/** A machine as it comes in, before it is given a fault. */
export interface PracticeMachine {
  readonly machine: DeclaredMachine;
  readonly circumstances: readonly Circumstance[];
}

const part = (id: string, kind: DeclaredPart['kind'], more: Partial<DeclaredPart> = {}): DeclaredPart => ({
  id,
  kind,
  ...more,
});
const modules = (count: number): DeclaredPart[] =>
  Array.from({ length: count }, (_, i) => part(`module-${i + 1}`, 'module'));
const fourSlots = ['A2', 'B2', 'A1', 'B1'].map((name) => ({ name, channel: name.charAt(0) }));

/** Kinds of machine that a bench sees, and how they come in. All are invented. */
export const PRACTICE_MACHINES: readonly PracticeMachine[] = [
  {
    machine: {
      name: 'Counter machine',
      parts: [...modules(1), part('drive', 'drive'), part('front-usb', 'front-usb')],
      board: { speaker: true, trainsMemory: false, slots: fourSlots.slice(0, 2) },
    },
    circumstances: ['old'],
  },
  {
    machine: {
      name: 'Drawing machine',
      parts: [
        ...modules(2),
        part('card', 'card'),
        part('drive', 'drive'),
        part('m2', 'drive', { bus: 'm2' }),
        part('front-usb', 'front-usb'),
        part('front-audio', 'front-audio'),
        part('fan', 'fan'),
      ],
      board: { stageLights: true, slots: fourSlots },
      builtInGraphics: false,
    },
    circumstances: ['new-build'],
  },
  {
    machine: {
      name: 'Editing machine',
      parts: [
        ...modules(4),
        part('card', 'card'),
        part('drive', 'drive'),
        part('m2', 'drive', { bus: 'm2' }),
        part('front-usb', 'front-usb'),
        part('front-usb-c', 'front-usb'),
        part('reader', 'usb-device'),
      ],
      board: { checkpointDisplay: true, stageLights: true, slots: fourSlots },
      builtInGraphics: true,
    },
    circumstances: ['memory-changed'],
  },
  {
    machine: { name: 'Palm-size kiosk', parts: [...modules(1), part('adapter', 'adapter'), part('drive', 'drive')] },
    circumstances: ['moved'],
  },
  {
    machine: {
      name: 'Second-hand office machine',
      parts: [...modules(2), part('drive', 'drive'), part('front-usb', 'front-usb'), part('stick', 'usb-device')],
      board: { slots: fourSlots },
    },
    circumstances: ['used-parts'],
  },
  {
    machine: {
      name: 'Home machine',
      parts: [
        ...modules(2),
        part('card', 'card'),
        part('drive', 'drive'),
        part('front-usb', 'front-usb'),
        part('front-audio', 'front-audio'),
      ],
      board: { stageLights: true, slots: fourSlots },
      builtInGraphics: true,
    },
    circumstances: [],
  },
  {
    machine: {
      name: 'Workshop machine',
      parts: [...modules(2), part('card', 'card'), part('drive', 'drive'), part('front-usb', 'front-usb')],
      board: { speaker: true, slots: fourSlots },
      builtInGraphics: false,
    },
    circumstances: ['spill', 'moved'],
  },
  {
    machine: {
      name: 'Tuned machine',
      parts: [...modules(2), part('card', 'card'), part('m2', 'drive', { bus: 'm2' }), part('fan', 'fan')],
      board: { stageLights: true, checkpointDisplay: true, slots: fourSlots },
      builtInGraphics: false,
    },
    circumstances: ['settings-changed'],
  },
];
