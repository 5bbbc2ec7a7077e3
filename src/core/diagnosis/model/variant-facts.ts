import { linkIndex, stopsAt } from '../../startup';
import type { Showing, Variant } from './hypothesis-space';

/** What every trial asks of the variants of a space, by variant: it never changes, and all trials share it. */
export interface VariantFacts {
  readonly faultIndex: Int32Array;
  /** Index of the link in the chain. */
  readonly link: Int32Array;
  /** Probability that it stops an attempt in which it acts. */
  readonly stops: Float64Array;
  /** The same of a start that is not watched under load. */
  readonly stopsStart: Float64Array;
  readonly showsAtStart: readonly (readonly Showing[])[];
  /** In a look at a sign of the chain: the sign is gone. */
  readonly showsAsSign: readonly (readonly Showing[])[];
  /** Variants by the part that their fault shows at, or is seen and repaired at. */
  readonly atPart: ReadonlyMap<string, readonly number[]>;
}

const known = new WeakMap<readonly Variant[], VariantFacts>();
const signGone: readonly Showing[] = [{ outcome: 1, probability: 1 }];

export function factsOf(variants: readonly Variant[]): VariantFacts {
  const facts = known.get(variants) ?? gather(variants);
  known.set(variants, facts);
  return facts;
}

function gather(variants: readonly Variant[]): VariantFacts {
  const atPart = new Map<string, number[]>();
  variants.forEach(({ fault }, v) => {
    for (const id of new Set([fault.part.id, fault.repairClass.part.id])) {
      const list = atPart.get(id);
      if (list) list.push(v);
      else atPart.set(id, [v]);
    }
  });
  return {
    faultIndex: Int32Array.from(variants, ({ faultIndex }) => faultIndex),
    link: Int32Array.from(variants, ({ present }) => linkIndex(present.stops.link)),
    stops: Float64Array.from(variants, ({ present }) => present.stops.probability),
    stopsStart: Float64Array.from(variants, ({ present }) => stopsAt(present.stops, 'start')),
    showsAtStart: variants.map(({ showsAs }) => showsAs),
    showsAsSign: variants.map(() => signGone),
    atPart,
  };
}
