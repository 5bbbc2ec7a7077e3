import styled from 'styled-components';
import type { CaseState, EventBody } from '../../../core/casework';
import { nameInWords } from '../../../core/machine';
import { SpareHere } from '../case-log/SpareHere';

const Words = styled.p`
  color: ${({ theme }) => theme.muted};
`;

interface SparesStillOutProps {
  readonly state: CaseState;
  readonly onRecord: (body: EventBody) => void;
}

/** Spares of the shelf that have not come home: each goes back now, or stays written as lent. */
export function SparesStillOut({ state: { sparesOut, machine }, onRecord }: SparesStillOutProps) {
  if (sparesOut.length === 0) return null;
  const placeOf = (id: string) => {
    const part = machine.parts.find((one) => one.id === id);
    return part ? nameInWords(part) : id;
  };
  return (
    <section aria-labelledby="spares-out">
      <h2 id="spares-out">Spares still out</h2>
      <ul>
        {sparesOut.map((spare) => (
          <SpareHere key={spare.item} spare={spare} place={placeOf(spare.part)} onRecord={onRecord} />
        ))}
      </ul>
      <Words>What does not go back now stays written as lent, and can come home after the case is closed.</Words>
    </section>
  );
}
