import { useState } from 'react';
import styled from 'styled-components';
import { Page } from '../../shell/Page';
import { Toggles } from '../../components/Toggles';
import { useMe } from '../../shell/me';
import { AuditPart } from './AuditPart';
import { OwnersPart } from './OwnersPart';
import { PeoplePart } from './PeoplePart';
import { RulesPart } from './RulesPart';

const Parts = styled.div`
  margin-bottom: 1.2rem;
`;
const parts = [
  { id: 'people', label: 'People' },
  { id: 'audit', label: 'Audit' },
  { id: 'owners', label: "Owners' data" },
  { id: 'rules', label: 'Rules' },
] as const;

/** What a lead looks after: people, the audit, the data of owners, and what the shop allows. */
export function ShopPage() {
  const { shop } = useMe();
  const [part, setPart] = useState<string>('people');
  return (
    <Page title={shop.name}>
      <Parts>
        <Toggles label="Part" value={part} onChange={setPart} choices={parts} />
      </Parts>
      {part === 'people' && <PeoplePart />}
      {part === 'audit' && <AuditPart />}
      {part === 'owners' && <OwnersPart />}
      {part === 'rules' && <RulesPart />}
    </Page>
  );
}
