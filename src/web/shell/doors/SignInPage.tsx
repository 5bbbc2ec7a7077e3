import styled from 'styled-components';
import type { Session } from '../../../contracts';
import { useSignIn } from '../../api/session';
import { Button } from '../../components/Button';
import { counted, plural } from '../../components/format';
import { Notice } from '../../components/Notice';
import { entryCount, useLeftEntries, useLeftFileCount } from '../../device/left-entries';
import { roleWords } from '../role-words';
import { DoorForm } from './DoorForm';
import { DoorPage } from './DoorPage';

const Demo = styled.section`
  display: grid;
  gap: 0.5rem;
  padding-top: 1.1rem;
  border-top: 1px solid ${({ theme }) => theme.line};
  h2 {
    font-size: 1rem;
  }
`;
const Account = styled(Button)`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 0.8rem;
  width: 100%;
  padding: 0.4rem 0.9rem;
  text-align: left;
  small {
    font-weight: 400;
    font-size: 0.9rem;
    color: ${({ theme }) => theme.muted};
  }
`;

/** Name and password; with demo data, the accounts that it brings. */
export function SignInPage({ demoAccounts }: { readonly demoAccounts: Session['demoAccounts'] }) {
  const signIn = useSignIn();
  return (
    <DoorPage title="Sign in">
      <DoorForm
        fields={[
          { name: 'login', label: 'Sign-in name', autoComplete: 'username' },
          { name: 'password', label: 'Password', secret: 'current-password' },
        ]}
        submit="Sign in"
        isBusy={signIn.isPending}
        error={signIn.error}
        onSubmit={(values) => signIn.mutate(values)}
      />
      <LeftHere />
      {demoAccounts.length > 0 && (
        <Demo aria-labelledby="demo-accounts">
          <h2 id="demo-accounts">Demo accounts</h2>
          {demoAccounts.map(({ login, password, name, role }) => (
            <Account key={login} isDisabled={signIn.isPending} onPress={() => signIn.mutate({ login, password })}>
              <span>
                {name}, {roleWords[role].toLowerCase()}
              </span>
              <small>{login}</small>
              <small>{password}</small>
            </Account>
          ))}
        </Demo>
      )}
    </DoorPage>
  );
}

/** What somebody left on this device, and who sends it. */
function LeftHere() {
  const entries = entryCount(useLeftEntries());
  const files = useLeftFileCount();
  const left = entries + files;
  if (left === 0) return null;
  const what = [
    ...(entries > 0 ? [counted(entries, 'entry', 'entries')] : []),
    ...(files > 0 ? [counted(files, 'photo or file', 'photos and files')] : []),
  ];
  return (
    <Notice kind="plain">
      {what.join(' and ')} on this device {plural(left, 'is', 'are')} not stored yet.{' '}
      {plural(left, 'It waits', 'They wait')} for the person who left {plural(left, 'it', 'them')} to sign in.
    </Notice>
  );
}
