import { lazy, Suspense } from 'react';
import { Navigate, Outlet } from 'react-router';
import { useSession } from '../api/session';
import { Notice } from '../components/Notice';
import { Progress } from '../components/Progress';
import { DoorPage } from './doors/DoorPage';
import { Inside } from './Inside';
import { ServerProgress } from './ServerProgress';

/** Loaded on demand: a user who is signed in never needs its forms. */
const SignInPage = lazy(async () => ({ default: (await import('./doors/SignInPage')).SignInPage }));

/** Lets in who is signed in; everybody else signs in first and then sees what was asked for. */
export function Doors() {
  const { data, error } = useSession();
  if (!data)
    return error ? (
      <DoorPage title="Jovial Probe">
        <Notice kind="danger">{error.message}</Notice>
      </DoorPage>
    ) : (
      <Progress words="Waiting for the server" />
    );
  if (data.needsSetUp) return <Navigate to="/set-up" replace />;
  if (!data.me)
    return (
      <Suspense>
        <SignInPage demoAccounts={data.demoAccounts} />
      </Suspense>
    );
  return (
    <Inside key={data.me.id} me={data.me}>
      <ServerProgress />
      <Outlet />
    </Inside>
  );
}
