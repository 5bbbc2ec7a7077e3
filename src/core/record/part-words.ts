import type { PartFacts } from '../casework';

type Identity = Partial<Pick<PartFacts, 'make' | 'model' | 'serial' | 'rating' | 'condition'>>;

/** What a part is by its label and a look, piece by piece: make and model, rating, serial number, condition. */
export function identityWords({ make, model, serial, rating, condition }: Identity): readonly string[] {
  const name = [make, model].filter(Boolean).join(' ');
  return [name, rating, serial && `serial ${serial}`, condition].filter(
    (word) => typeof word === 'string' && word !== '',
  ) as string[];
}
