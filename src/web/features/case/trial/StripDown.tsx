import { ChevronDown } from 'lucide-react';
import { Button, Disclosure, DisclosurePanel } from 'react-aria-components';
import styled from 'styled-components';
import type { CaseState } from '../../../../core/casework';
import { CheckGrid } from '../../../components/ChoiceGrid';
import { askedToStrip } from '../../case-log/left-in';
import { useDesk, useDeskStore } from '../../../stores/desk-store';

const Head = styled(Button)<{ $done: boolean }>`
  display: flex;
  justify-content: space-between;
  align-items: center;
  width: 100%;
  min-height: 44px;
  padding: 0.3rem 0.9rem;
  border: 0;
  border-left: 5px solid ${({ theme, $done }) => ($done ? theme.strong : theme.suspicion)};
  background: ${({ theme, $done }) => ($done ? theme.panel : theme.suspicionSoft)};
  text-align: left;
  font-weight: 600;
  cursor: pointer;
`;
const Panel = styled(DisclosurePanel)`
  padding-top: 0.3rem;
`;
const Block = styled.div`
  margin-bottom: 0.8rem;
`;

/** Every part and lead that must be off before the configuration may be called minimal, ticked one by one. */
export function StripDown({ caseId, state }: { readonly caseId: string; readonly state: CaseState }) {
  const { accounted } = useDesk(caseId);
  const change = useDeskStore((store) => store.change);
  const asked = askedToStrip(state);
  const left = asked.filter(({ id }) => !accounted.includes(id)).length;
  return (
    <Block>
      <Disclosure defaultExpanded>
        <Head slot="trigger" $done={left === 0}>
          <span role="status">
            {left === 0
              ? 'Everything is accounted for: this is the minimum.'
              : `Not the minimum yet: ${left} of ${asked.length} left to account for.`}
          </span>
          <ChevronDown size={16} aria-hidden />
        </Head>
        <Panel>
          <CheckGrid
            label="Off, or not fitted"
            choices={asked.map(({ id, name }) => ({ id, label: name.charAt(0).toUpperCase() + name.slice(1) }))}
            values={accounted.filter((id) => asked.some((line) => line.id === id))}
            onChange={(ids) => change(caseId, { accounted: ids })}
          />
        </Panel>
      </Disclosure>
    </Block>
  );
}
