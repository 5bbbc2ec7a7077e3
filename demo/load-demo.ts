import type { CaseService } from '../src/server/case-service';
import { demoCases } from './cases';
import { demoId, eventsOfDemoCase } from './demo-case';

/**
 * Loads the demo cases through the same service as the API. Loading again changes nothing: a case that is there stays
 * as it has become. Returns how many cases the demo has.
 */
export async function loadDemo(cases: CaseService, now: Date): Promise<number> {
  for (const demo of demoCases) await cases.open({ id: demoId(demo.key), events: eventsOfDemoCase(demo, now) });
  return demoCases.length;
}
