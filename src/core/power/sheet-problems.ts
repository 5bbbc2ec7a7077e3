import { leadProblems } from './lead-graph';
import { planOf, type PowerSheet } from './power-sheet';

/** What is wrong with a sheet whose fields are sound each by itself. */
export interface SheetProblem {
  readonly path: readonly (string | number)[];
  readonly code: string;
  /** expected what, found value */
  readonly message: string;
}

/** Two consumers with one id, an input of no consumer, a loop, a plug that fits nothing: each at its field. */
export function sheetProblems(sheet: PowerSheet): SheetProblem[] {
  const { consumers, leads } = planOf(sheet);
  const twice = consumers.flatMap(({ id }, index): SheetProblem[] =>
    consumers.findIndex((one) => one.id === id) === index
      ? []
      : [
          {
            path: ['consumers', index, 'id'],
            code: 'twice',
            message: `expected an id of its own, found "${id}" again`,
          },
        ],
  );
  const unknown = leads.flatMap(({ consumer }, index): SheetProblem[] =>
    consumer === undefined || consumers.some((one) => one.id === consumer)
      ? []
      : [
          {
            path: ['leads', index, 'consumer'],
            code: 'unknown-consumer',
            message: `expected the id of a consumer, found "${consumer}"`,
          },
        ],
  );
  return [...twice, ...unknown, ...leadProblems(leads)];
}
