import { memo } from 'react';
import styled from 'styled-components';
import { decimal } from '../../components/format';
import { railLoadWords } from '../../../core/record';
import type { QuantityFacts } from '../../../core/power';
import { dropInWords, loadsRead, type ReadingRow } from './readings-view';
import { Quiet, Table, Wide } from './room-parts';

const Short = styled(Table)`
  min-width: 25rem;
`;
const Name = styled.th`
  white-space: nowrap;
`;
const Out = styled.strong`
  color: ${({ theme }) => theme.danger};
`;

const limitsInWords = ({ limits: { low, high }, unit }: QuantityFacts, digits: number): string =>
  high === Infinity ? `in ${unit}` : `${decimal(low, digits)}–${decimal(high, digits)} ${unit}`;

/** The readings of supply and adapter: quantities down, loads across, and what each means. */
export const ReadingsTable = memo(function ReadingsTable({ rows }: { readonly rows: readonly ReadingRow[] }) {
  if (rows.length === 0) return <Quiet>No reading yet. Type one, or take it from a meter.</Quiet>;
  const loads = loadsRead(rows);
  return (
    <Wide tabIndex={0} role="region" aria-label="Table of readings">
      <Short>
        <thead>
          <tr>
            <th scope="col" aria-label="Quantity" />
            {loads.map((load) => (
              <th key={load} scope="col">
                {railLoadWords[load]}
              </th>
            ))}
            <th scope="col">limits</th>
            <th scope="col" aria-label="Meaning" />
          </tr>
        </thead>
        <tbody>
          {rows.map(({ quantity, facts, at, drop, verdict, isOut }) => {
            const digits = facts.unit === 'ms' ? 0 : quantity.startsWith('ripple') ? 3 : 2;
            return (
              <tr key={quantity}>
                <Name scope="row">{facts.name}</Name>
                {loads.map((load) => (
                  <td key={load} data-figure title={at[load]?.meter ?? undefined}>
                    {at[load] ? decimal(at[load].value, digits) : ''}
                  </td>
                ))}
                <td data-figure title={facts.source}>
                  {limitsInWords(facts, digits)}
                </td>
                <td>
                  {isOut ? <Out>{verdict}</Out> : verdict}
                  {drop && drop.volts > drop.uncertaintyVolts && <>; {dropInWords(drop)}</>}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Short>
    </Wide>
  );
});
