/** The links of the start-up chain, in the order in which a starting machine passes them. */
export const LINK_IDS = [
  'wall',
  'standby',
  'start',
  'rails',
  'processor',
  'memory',
  'graphics',
  'picture',
  'peripherals',
  'boot',
  'system',
  'load',
] as const;

export type LinkId = (typeof LINK_IDS)[number];

export interface Link {
  readonly id: LinkId;
  readonly name: string;
  readonly needs: string;
  readonly passedWhen: string;
}

const describe = (id: LinkId, name: string, needs: string, passedWhen: string): Link => ({
  id,
  name,
  needs,
  passedWhen,
});

export const LINKS: readonly Link[] = [
  describe(
    'wall',
    'Wall power',
    'Outlet, power strip, cord, and the rocker switch at I.',
    'A lamp on the same outlet lights.',
  ),
  describe(
    'standby',
    'Standby',
    'A supply that gives 5 V standby, or an adapter that gives its rated voltage.',
    'The standby light is lit.',
  ),
  describe(
    'start',
    'Start signal',
    'Case switch, its lead, the right two pins of the front header.',
    'Bridging the two pins starts it.',
  ),
  describe(
    'rails',
    'Rails',
    'Main and processor plugs fully in, a supply that holds, no short.',
    'Fans turn and keep turning.',
  ),
  describe(
    'processor',
    'Processor',
    'Processor seated, cooler on, firmware that knows it.',
    'The signal leaves "processor".',
  ),
  describe('memory', 'Memory', 'A module that works in a slot that works.', 'The signal leaves "memory".'),
  describe('graphics', 'Graphics', 'A card seated and powered, or built-in graphics.', 'The signal leaves "graphics".'),
  describe(
    'picture',
    'Picture',
    'Monitor on, right input, cable fully in, in the active output.',
    'Logo or message on the screen.',
  ),
  describe('peripherals', 'Peripherals', 'Keyboard, fans reported, USB ports that do not short.', 'No warning.'),
  describe('boot', 'Boot device', 'A drive that answers and settings that fit it.', 'A loader is found.'),
  describe('system', 'System', 'A readable system disk.', 'Desktop or installer.'),
  describe('load', 'Load', 'Supply, leads and cooling that carry full load.', 'Minutes under full load.'),
];

/** The place of a link in the chain, 0 for wall power. */
export const linkIndex = (id: LinkId): number => LINK_IDS.indexOf(id);
