/** A fault that handling removes with a probability lets the outcome be decided by the rest so much more often. */
export function passAfterCure(
  pass: Float64Array,
  cure: Iterable<readonly [variant: number, probability: number]>,
): Float64Array {
  const after = new Float64Array(pass);
  for (const [v, probability] of cure) after[v] = 1 - (1 - probability) * (1 - (pass[v] ?? 1));
  return after;
}
