import type { Machine, Part } from '../machine';
import { CONSUMER_KINDS, type ConsumerKind } from './consumer';
import type { SheetConsumer } from './power-sheet';

const kinds: Readonly<Partial<Record<Part['kind'], ConsumerKind>>> = {
  processor: 'processor',
  card: 'graphics-card',
  board: 'board',
  module: 'module',
  drive: 'sata-ssd',
  fan: 'fan',
  cooler: 'fan',
  'usb-device': 'usb-device',
};

/** A drive by how it is attached and what it is called: nobody writes down at intake whether it turns. */
function kindOfDrive({ bus, name }: Part): ConsumerKind {
  if (bus === 'm2') return 'm2-drive';
  if (/optical|disc\b/i.test(name)) return 'optical-drive';
  return /ssd|solid/i.test(name) ? 'sata-ssd' : 'hard-drive';
}

/** What draws in a machine, to begin with: its parts, those of a kind together, with what is usual for each. */
export function consumersOfMachine({ parts }: Machine): SheetConsumer[] {
  const found = new Map<ConsumerKind, Part[]>();
  for (const part of parts.filter(({ loose }) => !loose)) {
    const kind = part.kind === 'drive' ? kindOfDrive(part) : kinds[part.kind];
    if (kind) found.set(kind, [...(found.get(kind) ?? []), part]);
  }
  const inOrder = CONSUMER_KINDS.flatMap((kind) => (found.has(kind) ? [[kind, found.get(kind) ?? []] as const] : []));
  return inOrder.map(([kind, alike]): SheetConsumer => {
    const [only] = alike;
    return {
      id: kind,
      kind,
      name: alike.length === 1 && only ? only.name : pluralNames[kind],
      ...(alike.length > 1 ? { count: alike.length } : {}),
    };
  });
}

const pluralNames: Readonly<Record<ConsumerKind, string>> = {
  processor: 'processors',
  'graphics-card': 'graphics cards',
  board: 'boards',
  module: 'modules',
  'sata-ssd': 'SSDs',
  'm2-drive': 'M.2 drives',
  'hard-drive': 'hard drives',
  'optical-drive': 'optical drives',
  fan: 'fans',
  pump: 'pumps',
  'light-strip': 'light strips',
  'usb-device': 'USB devices',
  other: 'others',
};
