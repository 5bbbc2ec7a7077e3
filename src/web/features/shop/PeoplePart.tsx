import { useState } from 'react';
import styled from 'styled-components';
import { ROLES, type Person, type Role } from '../../../contracts';
import { useChangePerson, useInvite, usePeople, useWithdrawInvitation } from '../../api/people';
import { useMe } from '../../shell/me';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { dayAndTime } from '../../components/format';
import { Notice } from '../../components/Notice';
import { Select } from '../../components/Select';
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
  const problem = error ?? change.error ?? withdraw.error;
  return (
    <>
      {problem && <Notice kind="danger">{problem.message}</Notice>}
      <List aria-label="People">
        {data?.people.map((person) => (
          <PersonRow key={person.id} person={person} onChange={(what) => change.mutate({ id: person.id, ...what })} />
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
  onChange,
}: {
  readonly person: Person;
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
    </Row>
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
