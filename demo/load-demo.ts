import type { CaseService } from '../src/server/case-service';
import type { Refusal } from '../src/server/refusal';
import { demoCases } from './cases';
import { demoId, eventsOfDemoCase, type DemoCase } from './demo-case';

/**
 * Loads the demo cases through the same service as the API. A case that is there stays as it has become, whatever the
 * demo says now. Returns how many cases were added.
 */
export async function loadDemo(cases: CaseService, now: Date, demos: readonly DemoCase[] = demoCases): Promise<number> {
  let added = 0;
  for (const demo of demos) {
    const id = demoId(demo.key);
    if (await isThere(cases, id)) continue;
    await cases.open({ id, events: eventsOfDemoCase(demo, now) });
    added += 1;
  }
  return added;
}

async function isThere(cases: CaseService, id: string): Promise<boolean> {
  try {
    await cases.read(id);
    return true;
  } catch (error) {
    // The server is a bundle of its own: its Refusal is another class of the same shape.
    if (error instanceof Error && (error as Partial<Refusal>).code === 'no-such-case') return false;
    throw error;
  }
}
