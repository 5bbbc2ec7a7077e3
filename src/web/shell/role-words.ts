import type { Role } from '../../contracts';

export const roleWords: Readonly<Record<Role, string>> = {
  lead: 'Lead',
  technician: 'Technician',
  trainee: 'Trainee',
  reader: 'Read-only',
};

export const roleMeaning: Readonly<Record<Role, string>> = {
  lead: 'everything, including the people of the shop',
  technician: 'cases, flashing, closing, the board book',
  trainee: 'tests and notes, but not closing or flashing',
  reader: 'reads only',
};
