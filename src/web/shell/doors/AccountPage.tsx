import { useState } from 'react';
import styled from 'styled-components';
import { useChangePassword, useSignOut } from '../../api/session';
import { useMe } from '../me';
import { Page } from '../Page';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import { roleMeaning, roleWords } from '../role-words';
import { DoorForm } from './DoorForm';

const Parts = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 27rem) minmax(0, 1fr);
  gap: 2rem 3rem;
  h2 {
    margin-bottom: 0.7rem;
    font-size: 1.2rem;
  }
  p {
    margin-bottom: 0.8rem;
  }
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

/** One's own account: password, and leaving. */
export function AccountPage() {
  const me = useMe();
  const change = useChangePassword();
  const signOut = useSignOut();
  const [round, setRound] = useState(0);
  return (
    <Page title={me.name}>
      <Parts>
        <section>
          <h2>Password</h2>
          {change.isSuccess && <Notice kind="plain">Changed. Your other sessions were signed out.</Notice>}
          <DoorForm
            key={round}
            fields={[
              { name: 'current', label: 'Current password', secret: 'current-password' },
              { name: 'next', label: 'New password', secret: 'new-password', hint: 'At least 10 characters.' },
            ]}
            submit="Change the password"
            isBusy={change.isPending}
            error={change.error}
            onSubmit={(values) => change.mutate(values, { onSuccess: () => setRound(round + 1) })}
          />
        </section>
        <section>
          <h2>
            {roleWords[me.role]} at {me.shop.name}
          </h2>
          <p>
            Your sign-in name: {me.login}. A {roleWords[me.role].toLowerCase()}: {roleMeaning[me.role]}.
          </p>
          <p>A session ends after twelve hours without use, and after a week at the latest.</p>
          <Button onPress={() => signOut.mutate({ everywhere: true })}>Sign out everywhere</Button>
        </section>
        <p>
          <a href="/third-party-notices.txt" target="_blank" rel="noreferrer">
            Licences of the packages used
          </a>
        </p>
      </Parts>
    </Page>
  );
}
