import { Navigate } from 'react-router';
import { useSession, useSetUp } from '../../api/session';
import { DoorForm } from './DoorForm';
import { DoorPage } from './DoorPage';

/** The first lead of a new installation, by the code that the program printed on its terminal. */
export function SetUpPage() {
  const { data } = useSession();
  const setUp = useSetUp();
  if (data && !data.needsSetUp) return <Navigate to="/" replace />;
  return (
    <DoorPage title="The first lead">
      <p>No accounts yet. The program printed a code on its terminal when it started; it works once.</p>
      <DoorForm
        fields={[
          { name: 'code', label: 'Code' },
          { name: 'shop', label: 'Name of the shop' },
          { name: 'name', label: 'Your name', hint: 'Shown beside each entry.' },
          { name: 'login', label: 'Sign-in name', autoComplete: 'username' },
          { name: 'password', label: 'Password', secret: 'new-password', hint: 'At least 10 characters.' },
        ]}
        submit="Start"
        isBusy={setUp.isPending}
        error={setUp.error}
        onSubmit={(values) => setUp.mutate(values)}
      />
    </DoorPage>
  );
}
