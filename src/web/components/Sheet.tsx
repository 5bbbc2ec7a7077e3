import { Modal, ModalOverlay, Popover } from 'react-aria-components';
import styled from 'styled-components';

/** A small sheet that hangs from the button that opened it. */
export const PopoverSheet = styled(Popover)`
  width: 20rem;
  padding: 1rem;
  border: 1px solid ${({ theme }) => theme.muted};
  border-radius: 8px;
  background: ${({ theme }) => theme.panel};
  color: ${({ theme }) => theme.ink};
`;

/** Dims what lies behind a sheet. */
export const Overlay = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  display: grid;
  place-items: center;
  background: rgb(0 0 0 / 45%);
  z-index: 10;
`;

/** A sheet over the screen; it scrolls by itself. */
export const ModalSheet = styled(Modal)`
  width: min(34rem, 94vw);
  max-height: 88vh;
  overflow: auto;
  padding: 1.2rem;
  border-radius: 8px;
  background: ${({ theme }) => theme.ground};
  color: ${({ theme }) => theme.ink};
`;
