import { listOf } from '../../components/format';
import styled from 'styled-components';
import type { UpdatePlan } from '../../../core/firmware';
import { Notice } from '../../components/Notice';
import { fonts } from '../../theme/tokens';
import { Muted, Plain } from './step-parts';

const Steps = styled.ol`
  margin: 0 0 0.6rem 1.3rem;
  li {
    margin-bottom: 0.2rem;
  }
`;
const Version = styled.strong`
  font-family: ${fonts.code};
`;
const More = styled.details`
  margin-top: 0.4rem;
  summary {
    cursor: pointer;
    min-height: 32px;
    font-weight: 600;
  }
`;

const maxListed = 8;

/** A plan with its reasons, what was ruled out, or the one question to ask. */
export function PlanView({ plan }: { readonly plan: UpdatePlan }) {
  switch (plan.kind) {
    case 'plan':
      return (
        <>
          {plan.steps.length === 0 && <p>{plan.why} Nothing to install.</p>}
          <Steps>
            {plan.steps.map(({ version, why }) => (
              <li key={version}>
                <Version>{version}</Version> <Muted>{why}</Muted>
              </li>
            ))}
          </Steps>
          {plan.readAfterFirst && <p>Read the version after the first flash; the rest is planned again from it.</p>}
          <RuledOut list={plan.ruledOut} />
        </>
      );
    case 'none':
      return (
        <>
          <Notice kind="suspicion">
            <span>{plan.why}</span>
          </Notice>
          {plan.instead && (
            <p>
              Without it, as far as <Version>{plan.instead.target}</Version>:{' '}
              {plan.instead.steps.map(({ version }) => version).join(' → ')}. Choose that version as the goal.
            </p>
          )}
          <RuledOut list={plan.ruledOut} />
        </>
      );
    case 'ask':
      return (
        <>
          <p>
            <strong>{plan.question}</strong>
            {plan.answers.length > 0 && ' What to install depends on it:'}
          </p>
          <Plain>
            {plan.answers.map(({ versions, plan: answer }) => (
              <li key={versions.join()}>
                <Version>{listed(versions)}</Version>:{' '}
                {answer.kind === 'plan'
                  ? answer.steps.length > 0
                    ? answer.steps.map(({ version }) => version).join(' → ')
                    : 'nothing to install'
                  : answer.kind === 'none'
                    ? answer.why
                    : answer.question}
              </li>
            ))}
          </Plain>
        </>
      );
  }
}

const listed = (versions: readonly string[]): string =>
  versions.length > maxListed
    ? `${versions.slice(0, maxListed).join(', ')} and ${versions.length - maxListed} more`
    : listOf(versions);

function RuledOut({ list }: { readonly list: readonly { readonly version: string; readonly why: string }[] }) {
  if (list.length === 0) return null;
  return (
    <More open={list.length <= 3}>
      <summary>Ruled out: {list.length}</summary>
      <Plain>
        {list.slice(0, 40).map(({ version, why }) => (
          <li key={version}>
            <Version>{version}</Version> <Muted>{why}</Muted>
          </li>
        ))}
      </Plain>
    </More>
  );
}
