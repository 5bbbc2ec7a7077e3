export { procedureOf } from './procedure-of';
export type { Procedure } from './procedure-of';
