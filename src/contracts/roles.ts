/** Who works in a shop. A reader looks on: an apprentice on the first day, an insurer, the front desk. */
export const ROLES = ['lead', 'technician', 'trainee', 'reader'] as const;
export type Role = (typeof ROLES)[number];

/** What can be done, and who may: the one table that the server enforces and the screens reflect. */
export const MAY = {
  /** The queue, cases, their evidence; the board book. */
  read: ['lead', 'technician', 'trainee', 'reader'],
  /** Opening cases; trials, notes, changes, parking: what is done and seen at the bench. */
  'write-cases': ['lead', 'technician', 'trainee'],
  /** Closing and opening again: what the owner is told and pays for. */
  'close-cases': ['lead', 'technician'],
  /** Writing down a flash: it cannot be taken back. */
  'flash-firmware': ['lead', 'technician'],
  /** Flashing an image that is not the one of the board book. */
  'flash-against-book': ['lead'],
  'write-boards': ['lead', 'technician'],
  'delete-boards': ['lead'],
  /** The log of another bench comes in as it is. */
  'import-cases': ['lead', 'technician'],
  /** A case as a file leaves the shop. */
  'export-cases': ['lead', 'technician'],
  /** What stands on the shelf, and whether it is known to be good. */
  'write-shelf': ['lead', 'technician'],
  'manage-people': ['lead'],
  /** What the shop allows at its benches. */
  'manage-shop': ['lead'],
  'read-audit': ['lead'],
  /** Handing an owner's data over, and erasing the person from the cases. */
  'owner-data': ['lead'],
} as const satisfies Record<string, readonly Role[]>;

export type Action = keyof typeof MAY;
export const ACTIONS = Object.keys(MAY) as Action[];

export const may = (role: Role, action: Action): boolean => (MAY[action] as readonly Role[]).includes(role);
