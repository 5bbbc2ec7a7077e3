import { counted } from '../../components/format';
import { useState } from 'react';
import styled from 'styled-components';
import { AUDIT_ACTIONS, type AuditAction, type AuditEntry } from '../../../contracts';
import { useAudit, usePeople } from '../../api/people';
import { Button } from '../../components/Button';
import { dayAndTime } from '../../components/format';
import { Notice } from '../../components/Notice';
import { Select } from '../../components/Select';
import { fonts } from '../../theme/tokens';

const Tools = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 16rem));
  gap: 0.8rem;
  margin-bottom: 1rem;
`;
const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  th,
  td {
    padding: 0.45rem 0.6rem 0.45rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.line};
    text-align: left;
    overflow-wrap: anywhere;
  }
  th {
    font-size: 0.92rem;
    color: ${({ theme }) => theme.muted};
  }
  td:first-child {
    font: 500 0.92rem ${fonts.code};
    white-space: nowrap;
  }
`;
const More = styled.div`
  margin-top: 1rem;
`;

const actionWords: Readonly<Record<AuditAction, string>> = {
  'signed-in': 'signed in',
  'sign-in-failed': 'failed to sign in',
  'signed-out': 'signed out',
  'signed-out-everywhere': 'signed out everywhere',
  'password-changed': 'changed the password',
  'person-invited': 'invited',
  'invitation-withdrawn': 'withdrew an invitation',
  'person-joined': 'joined',
  'person-changed': 'changed a person',
  'case-opened': 'opened a case',
  'case-read': 'read a case',
  'case-written': 'wrote to a case',
  'case-exported': 'saved a case as a file',
  'shop-changed': 'changed the rules of the shop',
  'board-written': 'wrote a board',
  'board-deleted': 'took out a board',
  'board-exported': 'saved a board as a file',
  'spare-written': 'wrote a spare',
  'spare-removed': 'took a spare off the shelf',
  'owner-read': 'looked up an owner',
  'owner-exported': "saved an owner's data",
  'owner-erased': 'erased an owner',
  'link-made': 'made a link for an owner',
  'link-revoked': 'took back a link for an owner',
  'link-answered': 'an owner answered by a link',
  'audit-read': 'read the audit',
  refused: 'was refused',
};

/** Who did what, the newest first. Nobody can change or shorten it. */
export function AuditPart() {
  const [action, setAction] = useState<AuditAction | null>(null);
  const [person, setPerson] = useState<string | null>(null);
  const { data: people } = usePeople();
  const { data, error, hasNextPage, fetchNextPage, isFetchingNextPage } = useAudit({ action, person });
  const entries = data?.pages.flatMap((page) => page.entries) ?? [];
  return (
    <>
      <Tools>
        <Select
          label="Who"
          value={person ?? ''}
          choices={[
            { id: '', label: 'Everybody' },
            ...(people?.people.map(({ id, name }) => ({ id, label: name })) ?? []),
          ]}
          onChange={(id) => setPerson(id || null)}
        />
        <Select
          label="What"
          value={action ?? ''}
          choices={[
            { id: '', label: 'Everything' },
            ...AUDIT_ACTIONS.map((id) => ({ id, label: actionWords[id].replace(/^./, (c) => c.toUpperCase()) })),
          ]}
          onChange={(id) => setAction(AUDIT_ACTIONS.find((one) => one === id) ?? null)}
        />
      </Tools>
      {error && <Notice kind="danger">{error.message}</Notice>}
      <Table>
        <thead>
          <tr>
            <th scope="col">When</th>
            <th scope="col">Who</th>
            <th scope="col">What</th>
            <th scope="col">Subject</th>
          </tr>
        </thead>
        <tbody>
          {entries.map((entry) => (
            <tr key={entry.id}>
              <td>{dayAndTime(entry.at)}</td>
              <td>{entry.person ?? 'the program'}</td>
              <td>{actionWords[entry.action]}</td>
              <td>{subjectWords(entry)}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      {data && entries.length === 0 && <p>No matching entries.</p>}
      {hasNextPage && (
        <More>
          <Button isDisabled={isFetchingNextPage} onPress={() => void fetchNextPage()}>
            Older entries
          </Button>
        </More>
      )}
    </>
  );
}

const idLike = /^[0-9a-f-]{36}$/;

function subjectWords({ subject, detail, action }: AuditEntry): string {
  const { model, name, role, entries, cases } = detail;
  const what = subject && !idLike.test(subject) && action !== 'audit-read' ? subject : (model ?? name ?? '');
  const more = [
    typeof entries === 'number' && counted(entries, 'entry', 'entries'),
    typeof cases === 'number' && counted(cases, 'case'),
    typeof role === 'string' && role,
    detail['isActive'] === false && 'closed',
  ].filter((words): words is string => Boolean(words));
  return [String(what), ...more].filter(Boolean).join(', ');
}
