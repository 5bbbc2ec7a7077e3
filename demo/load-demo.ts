import type { BoardService } from '../src/server/services/board-service';
import type { CaseService } from '../src/server/services/case-service';
import type { ShelfService } from '../src/server/services/shelf-service';
import { closingDiagnosis, diagnoseCase, foldCase, type WritableEvent } from '../src/core/casework';
import { Refusal } from '../src/server/services/refusal';
import { demoBoardId, demoBoards } from './boards';
import { demoCases } from './cases';
import { demoSpareId, demoSpares } from './shelf';
import { demoId, eventsOfDemoCase, type DemoCase } from './demo-case';

/**
 * Loads the demo cases through the same service as the API. A case that is there stays as it has become, whatever the
 * demo says now. Returns how many cases were added.
 */
export async function loadDemo(cases: CaseService, now: Date, demos: readonly DemoCase[] = demoCases): Promise<number> {
  let added = 0;
  for (const demo of demos) {
    const id = demoId(demo.key);
    if (await isThere(() => cases.read(id), 'no-such-case')) continue;
    await cases.open({ id, events: withClosingDiagnosis(eventsOfDemoCase(demo, now)) });
    added += 1;
  }
  return added;
}

/** The same events, with what the engine says when the case is closed, as the close page writes it. */
function withClosingDiagnosis(events: readonly WritableEvent[]): WritableEvent[] {
  return events.map((event, index) => {
    if (event.kind !== 'case-closed') return event;
    const before = foldCase(events.slice(0, index));
    // A log that does not hold together is refused by the service, with the reason.
    return before.ok ? { ...event, diagnosis: closingDiagnosis(diagnoseCase(before.state)) } : event;
  });
}

/** Loads the demo's board book through the same service as the API. A board that is there stays as it has become. */
export async function loadDemoBoards(boards: BoardService): Promise<number> {
  let added = 0;
  for (const [key, board] of Object.entries(demoBoards)) {
    const id = demoBoardId(key);
    if (await isThere(() => boards.read(id), 'no-such-board')) continue;
    await boards.put(id, { expectedEdition: 0, board });
    added += 1;
  }
  return added;
}

/** Loads the demo's shelf through the same service as the API. A spare that is there stays as it has become. */
export async function loadDemoShelf(shelf: ShelfService): Promise<number> {
  let added = 0;
  for (const [key, { part, standing }] of Object.entries(demoSpares).sort(byKey)) {
    const id = demoSpareId(key);
    if (await isThere(() => shelf.read(id), 'no-such-spare')) continue;
    await shelf.put(id, { expectedEdition: 0, part, standing });
    added += 1;
  }
  return added;
}

const byKey = ([a]: readonly [string, unknown], [b]: readonly [string, unknown]) => a.localeCompare(b);

async function isThere(read: () => Promise<unknown>, absence: string): Promise<boolean> {
  try {
    await read();
    return true;
  } catch (error) {
    if (error instanceof Refusal && error.code === absence) return false;
    throw error;
  }
}
