import { LogOut } from 'lucide-react';
import type { RefObject } from 'react';
import { Dialog } from 'react-aria-components';
import { Link } from 'react-router';
import styled from 'styled-components';
import { useSignOut } from '../api/session';
import { Button } from '../components/Button';
import { PopoverSheet } from '../components/Sheet';
import { useMe } from './me';
import { roleWords } from './role-words';

const Account = styled.div`
  display: grid;
  gap: 0.5rem;
  max-width: 18rem;
  span {
    font-size: 0.92rem;
    color: ${({ theme }) => theme.muted};
  }
  a {
    padding: 0.5rem 0;
  }
`;

/** Who is signed in, with the way to their account and out. */
export function AccountSheet({
  trigger,
  onClose,
}: {
  readonly trigger: RefObject<HTMLButtonElement | null>;
  readonly onClose: () => void;
}) {
  const { name, role, shop } = useMe();
  const signOut = useSignOut();
  return (
    <PopoverSheet triggerRef={trigger} isOpen onOpenChange={(isOpen) => !isOpen && onClose()} placement="bottom end">
      <Dialog aria-label="Your account">
        <Account>
          <strong>{name}</strong>
          <span>
            {roleWords[role]}, {shop.name}
          </span>
          <Link to="/account" onClick={onClose}>
            Password and sessions
          </Link>
          <Button onPress={() => signOut.mutate({ everywhere: false })}>
            <LogOut size={18} aria-hidden /> Sign out
          </Button>
          {signOut.error && <span role="alert">{signOut.error.message}</span>}
        </Account>
      </Dialog>
    </PopoverSheet>
  );
}
