import { useState } from 'react';
import styled from 'styled-components';
import { ROLES, type Person, type Role } from '../../../contracts';
import { useChangePerson, useInvite, usePeople, useWithdrawInvitation } from '../../api/people';
import { useMe } from '../../shell/me';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { counted, dayAndTime, plural } from '../../components/format';
import { Notice } from '../../components/Notice';
import { SaveEntries } from '../../components/SaveEntries';
import { Select } from '../../components/Select';
import { entryCount, useLeftEntries } from '../../device/left-entries';
import type { Batch } from '../../device/outbox';
import { fonts } from '../../theme/tokens';
import { roleMeaning, roleWords } from '../../shell/role-words';

const List = styled.ul`
  margin-bottom: 2rem;
  border-top: 1px solid ${({ theme }) => theme.line};
`;
const Row = styled.li<{ $isClosed?: boolean }>`
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr) 12rem 9rem;
  gap: 0.3rem 1rem;
  align-items: center;
  padding: 0.5rem 0.3rem;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  > span,
  > b {
    overflow-wrap: anywhere;
  }
  > * {
    opacity: ${({ $isClosed }) => ($isClosed ? 0.7 : 1)};
  }
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
`;
const Left = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1rem;
  grid-column: 1 / -1;
  align-items: center;
  justify-content: space-between;
`;
const Invite = styled.form`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 14rem auto;
  gap: 0.8rem;
  align-items: end;
  max-width: 46rem;
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Once = styled.div`
  display: grid;
  gap: 0.4rem;
  margin: 0.9rem 0;
  code {
    font: 500 0.95rem ${fonts.code};
    overflow-wrap: anywhere;
    user-select: all;
  }
`;
const Title = styled.h2`
  margin-bottom: 0.6rem;
  font-size: 1.2rem;
`;
const Muted = styled.span`
  color: ${({ theme }) => theme.muted};
`;
const roleChoices = ROLES.map((id) => ({ id, label: roleWords[id] }));
const roleOf = (id: string): Role => ROLES.find((role) => role === id) ?? 'reader';

/** Who works here, with which role; inviting; closing an account. */
export function PeoplePart() {
  const { data, error } = usePeople();
  const change = useChangePerson();
  const withdraw = useWithdrawInvitation();
  const left = useLeftEntries();
  const problem = error ?? change.error ?? withdraw.error;
  return (
    <>
      {problem && <Notice kind="danger">{problem.message}</Notice>}
      <List aria-label="People">
        {data?.people.map((person) => (
          <PersonRow
            key={person.id}
            person={person}
            left={left.filter(({ personId }) => personId === person.id)}
            onChange={(what) => change.mutate({ id: person.id, ...what })}
          />
        ))}
      </List>
      <Title>Invite someone</Title>
      <InviteForm />
      {data && data.invitations.length > 0 && (
        <List aria-label="Open invitations">
          {data.invitations.map(({ id, name, role, expiresAt }) => (
            <Row key={id}>
              <b>{name}</b>
              <Muted>{roleWords[role]}, invited</Muted>
              <Muted>until {dayAndTime(expiresAt)}</Muted>
              <Button onPress={() => withdraw.mutate(id)}>Withdraw</Button>
            </Row>
          ))}
        </List>
      )}
    </>
  );
}

function PersonRow({
  person: { id, login, name, role, isActive },
  left,
  onChange,
}: {
  readonly person: Person;
  /** What this person left on this device, not stored. */
  readonly left: readonly Batch[];
  readonly onChange: (change: { role?: Role; isActive?: boolean }) => void;
}) {
  const me = useMe();
  return (
    <Row $isClosed={!isActive}>
      <b>
        {name}
        {id === me.id ? ' (you)' : ''}
      </b>
      <Muted>
        {login}
        {isActive ? '' : ', closed'}
      </Muted>
      <Select
        isLabelHidden
        label={`Role of ${name}`}
        value={role}
        choices={roleChoices}
        onChange={(next) => onChange({ role: roleOf(next) })}
      />
      <Button
        onPress={() => onChange({ isActive: !isActive })}
        aria-label={`${isActive ? 'Close' : 'Open'} the account of ${name}`}
      >
        {isActive ? 'Close account' : 'Open again'}
      </Button>
      {left.length > 0 && id !== me.id && <LeftEntries name={name} isActive={isActive} left={left} />}
    </Row>
  );
}

interface LeftEntriesProps {
  readonly name: string;
  readonly isActive: boolean;
  readonly left: readonly Batch[];
}

/** Who signs in no more sends nothing any more: the lead saves it, or opens the account again. */
function LeftEntries({ name, isActive, left }: LeftEntriesProps) {
  const count = entryCount(left);
  const it = plural(count, 'it', 'them');
  return (
    <Left>
      <span>
        {counted(count, 'entry', 'entries')} of {name} on this device {plural(count, 'is', 'are')} not stored.{' '}
        {isActive
          ? `${plural(count, 'It is', 'They are')} sent when ${name} signs in here.`
          : `Open the account again to have ${it} sent, or save ${it}.`}
      </span>
      <SaveEntries
        name={name.split(' ')[0]?.toLowerCase() ?? 'left'}
        label={`Save the entries of ${name} as a file`}
        content={{ by: name, batches: left.map(({ caseId, events, refused }) => ({ case: caseId, events, refused })) }}
      />
    </Left>
  );
}

function InviteForm() {
  const invite = useInvite();
  const [name, setName] = useState('');
  const [role, setRole] = useState<Role>('technician');
  const [isAsked, setIsAsked] = useState(false);
  const clear = () => {
    setName('');
    setIsAsked(false);
  };
  return (
    <>
      <Invite
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          setIsAsked(true);
          if (name.trim()) invite.mutate({ name, role }, { onSuccess: clear });
        }}
      >
        <Field
          label="Name"
          value={name}
          onChange={setName}
          maxLength={80}
          error={isAsked && !name.trim() ? 'Required.' : undefined}
        />
        <Select
          label="Role of the new person"
          value={role}
          choices={roleChoices}
          onChange={(id) => setRole(roleOf(id))}
        />
        <Button type="submit" $kind="primary" isDisabled={invite.isPending}>
          Make a link
        </Button>
      </Invite>
      <Once>
        {invite.error && <Notice kind="danger">{invite.error.message}</Notice>}
        {invite.data ? (
          <Notice kind="plain">
            <span>
              Give this link to the person. It is shown only now and works once, until{' '}
              {dayAndTime(invite.data.expiresAt)}.
              <br />
              <code>{`${window.location.origin}/join#${invite.data.code}`}</code>
            </span>
          </Notice>
        ) : (
          <Muted>
            {roleWords[role]}: {roleMeaning[role]}.
          </Muted>
        )}
      </Once>
    </>
  );
}
