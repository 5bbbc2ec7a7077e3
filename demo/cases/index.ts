import type { DemoCase } from '../demo-case';
import { chartTable } from './chart-table';
import { drawingMachine } from './drawing-machine';
import { editingMachine } from './editing-machine';
import { museumKiosk } from './museum-kiosk';
import { ticketOffice } from './ticket-office';
import { tideGauge } from './tide-gauge';

/** The demo cases in the order in which they came in. */
export const demoCases: readonly DemoCase[] = [
  ticketOffice,
  museumKiosk,
  drawingMachine,
  editingMachine,
  tideGauge,
  chartTable,
];
