import { lazy, Suspense } from 'react';
import { Navigate, Outlet } from 'react-router';
import styled from 'styled-components';
import { useSession } from '../api/session';
import { Notice } from '../components/Notice';
import { DoorPage } from './doors/DoorPage';
import { Inside } from './Inside';
import { ServerProgress } from './ServerProgress';

/** Loaded on demand: a user who is signed in never needs its forms. */
const SignInPage = lazy(async () => ({ default: (await import('./doors/SignInPage')).SignInPage }));

/** Only if it takes long: a word that flashes by is noise. */
const Waiting = styled.p`
  padding: 20vh 1rem;
  text-align: center;
  visibility: hidden;
  animation: appear 0s 1.2s forwards;
  @keyframes appear {
    to {
      visibility: visible;
    }
  }
`;

/** Lets in who is signed in; everybody else signs in first and then sees what was asked for. */
export function Doors() {
  const { data, error } = useSession();
  if (!data)
    return error ? (
      <DoorPage title="Jovial Probe">
        <Notice kind="danger">{error.message}</Notice>
      </DoorPage>
    ) : (
      <Waiting role="status">Waiting for the server …</Waiting>
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
