import type { DemoCase } from '../demo-case';
import { buoyStore } from './buoy-store';
import { chartTable } from './chart-table';
import { drawingMachine } from './drawing-machine';
import { editingMachine } from './editing-machine';
import { kelpLab } from './kelp-lab';
import { museumKiosk } from './museum-kiosk';
import { netLoft } from './net-loft';
import { oysterShed } from './oyster-shed';
import { pilotStation } from './pilot-station';
import { radioLog } from './radio-log';
import { ropeWalk } from './rope-walk';
import { sailMaker } from './sail-maker';
import { slipwayPrinter } from './slipway-printer';
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
  netLoft,
  slipwayPrinter,
  pilotStation,
  kelpLab,
  ropeWalk,
  sailMaker,
  buoyStore,
  radioLog,
  oysterShed,
];
