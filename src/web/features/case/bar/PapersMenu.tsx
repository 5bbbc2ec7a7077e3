import { FileText } from 'lucide-react';
import { Dialog, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from '../../../components/Button';
import { counted, plural } from '../../../components/format';
import { PopoverSheet } from '../../../components/Sheet';
import { useToCome } from '../../case-log/use-to-come';

const List = styled.ul`
  display: grid;
  gap: 0.2rem;
  a {
    display: flex;
    align-items: center;
    min-height: 44px;
    text-decoration: none;
    font-weight: 600;
    &:hover {
      text-decoration: underline;
    }
  }
  small {
    margin-left: auto;
    font-weight: 400;
    color: ${({ theme }) => theme.muted};
  }
`;
const Small = styled(Button)`
  padding: 0.3rem 0.5rem;
  font-weight: 400;
  /* Where the bar is narrow the word is enough. */
  @media (max-width: 1500px) {
    svg {
      display: none;
    }
  }
`;
const Missing = styled.p`
  max-width: 20rem;
  color: ${({ theme }) => theme.muted};
`;

interface PapersMenuProps {
  readonly caseId: string;
  /** Parts were to be proven. */
  readonly canList: boolean;
}

/** The papers of a case, made on the server from its log, and the case as a file. */
export function PapersMenu({ caseId, canList }: PapersMenuProps) {
  const toCome = useToCome(caseId);
  const papers = [
    ['papers/owner.pdf', 'Owner’s sheet', 'PDF'],
    ['papers/record.pdf', 'Technical record', 'PDF'],
    ['papers/ticket.pdf', 'Job ticket', 'PDF'],
    ['papers/estimate.pdf', 'Estimate', 'PDF'],
    ['papers/bill.pdf', 'Bill', 'PDF'],
    ['papers/bill.csv', 'Bill', 'CSV'],
    ['papers/return.pdf', 'Return evidence', 'PDF'],
    ...(canList ? [['papers/parts.pdf', 'Parts list to sign', 'PDF']] : []),
    ['papers/record.md', 'Technical record', 'Markdown'],
    ['file', 'Save the case as a file', 'JSON'],
    ['file.zip', 'The same with its photos', 'zip'],
  ] as const;
  return (
    <DialogTrigger>
      <Small $kind="quiet">
        <FileText size={18} aria-hidden /> Papers
      </Small>
      <PopoverSheet placement="bottom end">
        <Dialog aria-label="Papers">
          {toCome > 0 && (
            <Missing role="status">
              {counted(toCome, 'entry', 'entries')} not saved yet: a paper made now lacks {plural(toCome, 'it', 'them')}
              .
            </Missing>
          )}
          <List>
            {papers.map(([path, name, kind]) => (
              <li key={path}>
                <a href={`/api/cases/${caseId}/${path}`} download>
                  {name} <small>{kind}</small>
                </a>
              </li>
            ))}
          </List>
        </Dialog>
      </PopoverSheet>
    </DialogTrigger>
  );
}
