import { ShieldCheck } from 'lucide-react';
import { useEffect, useRef } from 'react';
import styled from 'styled-components';
import { CAUTIONS, gateOf, type CautionId } from '../../../../core/trials';
import { listOf } from '../../../components/format';
import { Button } from '../../../components/Button';
import type { Gate } from '../../case-log/use-gate';

const Box = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 1rem;
  margin-bottom: 0.6rem;
  padding: 0.35rem 0.6rem 0.35rem 0.8rem;
  border-left: 5px solid ${({ theme }) => theme.danger};
  background: ${({ theme }) => theme.dangerSoft};
  color: ${({ theme }) => theme.danger};
`;
const Words = styled.ul`
  flex: 1 1 16rem;
  font-size: 0.95rem;
  font-weight: 600;
  line-height: 1.3;
  li {
    display: inline;
  }
  li + li::before {
    content: ' ';
  }
`;
const Confirm = styled(Button)<{ $asked: boolean }>`
  border-color: ${({ theme }) => theme.danger};
  color: ${({ theme }) => theme.danger};
  outline: ${({ theme, $asked }) => ($asked ? `3px solid ${theme.danger}` : 'none')};
`;
const Done = styled.p`
  display: flex;
  align-items: center;
  gap: 0.5rem;
  margin-bottom: 0.5rem;
  font-size: 0.92rem;
  line-height: 1.3;
  color: ${({ theme }) => theme.muted};
  svg {
    flex: none;
  }
`;

/** The cautions of this trial. Where harm is possible they are confirmed before anything can be noted as seen. */
export function CautionGate({ cautions, gate }: { readonly cautions: readonly CautionId[]; readonly gate: Gate }) {
  const { isConfirmed, isAsked, asks } = gate;
  const toConfirm = gateOf(asks);
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (isAsked) box.current?.scrollIntoView({ block: 'nearest' });
  }, [isAsked]);
  if (cautions.length === 0) return null;
  if (toConfirm.length > 0 && isConfirmed)
    return (
      <Done role="status">
        <ShieldCheck size={18} aria-hidden /> Confirmed: {listOf(toConfirm)}.
      </Done>
    );
  return (
    <Box ref={box}>
      <Words aria-label="Cautions">
        {cautions.map((id) => (
          <li key={id}>{CAUTIONS[id]}</li>
        ))}
      </Words>
      {toConfirm.length > 0 && (
        <Confirm $asked={isAsked} onPress={gate.confirm} aria-describedby={isAsked ? 'gate-first' : undefined}>
          Done and safe · G
        </Confirm>
      )}
      {isAsked && (
        <span id="gate-first" role="alert">
          Confirm this first: {listOf(toConfirm)}.
        </span>
      )}
    </Box>
  );
}
