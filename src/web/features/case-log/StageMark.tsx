import styled from 'styled-components';
import type { CaseStage } from '../../../core/casework';
import { stageWords } from './stage-words';

const Mark = styled.span`
  display: inline-flex;
  align-items: center;
  gap: 0.45rem;
  font-weight: 600;
  white-space: nowrap;
  svg {
    flex: none;
    color: ${({ theme }) => theme.strong};
  }
`;

/** The state of a case: a shape and a word. */
export function StageMark({ stage }: { readonly stage: CaseStage }) {
  return (
    <Mark>
      <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden>
        {shapes[stage]}
      </svg>
      {stageWords[stage]}
    </Mark>
  );
}

const shapes: Readonly<Record<CaseStage, React.ReactNode>> = {
  waiting: (
    <rect x="2" y="2" width="12" height="12" fill="none" stroke="currentColor" strokeWidth="2" strokeDasharray="3 2" />
  ),
  'on-bench': <path d="M2 2h7l5 6-5 6H2z" fill="currentColor" />,
  parked: <path d="M3 2h4v12H3zM9 2h4v12H9z" fill="none" stroke="currentColor" strokeWidth="2" />,
  closed: <path d="M2 8l4 5 8-10" fill="none" stroke="currentColor" strokeWidth="3" />,
};
