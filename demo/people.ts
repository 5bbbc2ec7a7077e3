import type { SeededShop } from '../src/server/services/seed-people';

/** The repair bench of the invented island's ferry and harbour cooperative, and who works there. */
export const demoShop: SeededShop = {
  id: '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11',
  name: 'Harbour bench, Ollersund Ferry and Harbour Cooperative',
  people: [
    { login: 'edda', password: 'lamp-over-the-quay', name: 'Edda', role: 'lead' },
    { login: 'runa', password: 'two-modules-one-slot', name: 'Runa', role: 'technician' },
    { login: 'ebbe', password: 'strap-on-cord-out', name: 'Ebbe', role: 'trainee' },
    { login: 'desk', password: 'ferry-leaves-at-nine', name: 'Ticket desk', role: 'reader' },
  ],
};
