import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useAcceptInvitation, useInvitation } from '../../api/session';
import { dayAndTime } from '../../components/format';
import { Notice } from '../../components/Notice';
import { roleMeaning, roleWords } from '../role-words';
import { DoorForm } from './DoorForm';
import { DoorPage } from './DoorPage';

/** Follows an invitation. Its code stands behind the #, so that no server and no log ever sees it in an address. */
export function InvitationPage() {
  const [code] = useState(() => window.location.hash.slice(1));
  const invitation = useInvitation(code);
  const accept = useAcceptInvitation();
  const navigate = useNavigate();
  if (invitation.isPending) return null;
  if (!invitation.data)
    return (
      <DoorPage title="This invitation is no longer valid">
        <p>It was used or withdrawn, or is more than three days old. Ask a lead of your shop for a new one.</p>
        <p>
          <Link to="/">Sign in</Link>
        </p>
      </DoorPage>
    );
  const { name, role, shop, expiresAt } = invitation.data;
  return (
    <DoorPage title={`Welcome, ${name}`}>
      <p>
        {shop} invites you as {roleWords[role].toLowerCase()}: {roleMeaning[role]}.
      </p>
      <Notice kind="plain">Good until {dayAndTime(expiresAt)}, for one account.</Notice>
      <DoorForm
        fields={[
          { name: 'login', label: 'Sign-in name', hint: 'Lower-case letters and digits.', autoComplete: 'username' },
          { name: 'password', label: 'Password', secret: 'new-password', hint: 'At least 10 characters.' },
        ]}
        submit="Join"
        isBusy={accept.isPending}
        error={accept.error}
        onSubmit={(values) => accept.mutate({ code, ...values }, { onSuccess: () => void navigate('/') })}
      />
    </DoorPage>
  );
}
