import styled from 'styled-components';
import { SPARE_RESULTS, type EventBody, type SpareOut, type SpareResult } from '../../../core/casework';
import { spareResultWords } from '../../../core/record';
import { Button } from '../../components/Button';
import { fromNow } from '../../components/format';
import { Allowed } from '../../shell/Allowed';

/** A spare in a list of those of a case. */
export const SpareItem = styled.li`
  padding: 0.6rem 0;
  border-top: 1px solid ${({ theme }) => theme.line};
  > div {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    margin-top: 0.4rem;
  }
  small {
    font-size: 0.93rem;
    color: ${({ theme }) => theme.muted};
  }
`;
interface SpareHereProps {
  readonly spare: SpareOut;
  readonly place: string;
  readonly onRecord: (body: EventBody) => void;
}

/** One that is here: it goes back with what it was worth. */
export function SpareHere({ spare: { item, name, serial, since }, place, onRecord }: SpareHereProps) {
  const home = (result: SpareResult) => onRecord({ kind: 'part-home', item, result });
  return (
    <SpareItem>
      <strong>{name}</strong>{' '}
      <small>
        {serial ? `serial ${serial}, ` : ''}for {place}, taken {fromNow(since)}
      </small>
      <Allowed action="write-cases">
        <div role="group" aria-label={`${name} goes back`}>
          {SPARE_RESULTS.map((result) => (
            <Button key={result} onPress={() => home(result)}>
              Back: {spareResultWords[result]}
            </Button>
          ))}
        </div>
      </Allowed>
    </SpareItem>
  );
}
