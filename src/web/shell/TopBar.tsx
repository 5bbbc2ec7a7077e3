import { Moon, Sun, UserRound } from 'lucide-react';
import { lazy, Suspense, useRef, useState, type ReactNode } from 'react';
import { Link, NavLink } from 'react-router';
import styled from 'styled-components';
import { Button } from '../components/Button';
import { useThemeStore } from '../stores/theme-store';
import { useMay, useMe } from './me';

/** Loaded when it is first opened. */
const AccountSheet = lazy(async () => ({ default: (await import('./AccountSheet')).AccountSheet }));

const Bar = styled.header`
  display: flex;
  align-items: center;
  gap: 0.6rem;
  min-height: 50px;
  padding: 0 1rem;
  @media (max-width: 900px) {
    flex-wrap: wrap;
    gap: 0 0.5rem;
  }
  border-bottom: 1px solid ${({ theme }) => theme.line};
`;
const Home = styled(Link)`
  flex: 1 0 auto;
  max-width: max-content;
  @media (max-width: 900px) {
    max-width: none;
  }
  font-weight: 700;
  text-decoration: none;
  white-space: nowrap;
  display: flex;
  align-items: center;
  min-height: 44px;
`;
const Middle = styled.div`
  display: flex;
  align-items: center;
  gap: 0.45rem;
  flex: 1;
  min-width: 0;
  @media (max-width: 900px) {
    flex: 1 0 100%;
    order: 1;
    flex-wrap: wrap;
    gap: 0 0.5rem;
  }
`;
const Nav = styled.nav`
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem;
`;
const Room = styled(NavLink)`
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 0.8rem;
  text-decoration: none;
  border-bottom: 3px solid transparent;
  &.active {
    border-bottom-color: ${({ theme }) => theme.strong};
    font-weight: 700;
  }
`;
const Small = styled(Button)`
  padding: 0.3rem 0.6rem;
  font-weight: 500;
`;
/** On a crowded bar the icon stands alone; its button has the words as its name. */
const Word = styled.span<{ $crowded: boolean }>`
  @media (max-width: 1500px) {
    display: ${({ $crowded }) => ($crowded ? 'none' : 'inline')};
  }
`;

/** The bar on top of every screen: home, what the screen adds, who works here, and the theme. */
export function TopBar({ children }: { readonly children?: ReactNode }) {
  const themeName = useThemeStore((store) => store.name);
  const toggle = useThemeStore((store) => store.toggle);
  const isCrowded = children !== undefined;
  return (
    <Bar>
      <Home to="/">Jovial Probe</Home>
      <Middle>{children ?? <Rooms />}</Middle>
      <Person isCrowded={isCrowded} />
      <Small $kind="quiet" onPress={toggle} aria-label={themeName === 'day' ? 'Dim theme' : 'Day theme'}>
        {themeName === 'day' ? <Moon size={18} aria-hidden /> : <Sun size={18} aria-hidden />}
        <Word $crowded={isCrowded}>{themeName === 'day' ? 'Dim' : 'Day'}</Word>
      </Small>
    </Bar>
  );
}

const rooms = [
  ['/', 'Queue'],
  ['/boards', 'Board book'],
  ['/shelf', 'Shelf'],
  ['/signals', 'Signals'],
  ['/power', 'Power'],
  ['/firmware', 'Firmware'],
] as const;

/** The rooms of the program, on every screen that is not a case. */
function Rooms() {
  const isLead = useMay('manage-people');
  return (
    <Nav aria-label="Rooms">
      {[...rooms, ...(isLead ? ([['/shop', 'Shop']] as const) : [])].map(([to, name]) => (
        <Room key={to} to={to} end={to === '/'}>
          {name}
        </Room>
      ))}
    </Nav>
  );
}

function Person({ isCrowded }: { readonly isCrowded: boolean }) {
  const { name } = useMe();
  const trigger = useRef<HTMLButtonElement>(null);
  const [isOpen, setIsOpen] = useState(false);
  return (
    <>
      <Small
        ref={trigger}
        $kind="quiet"
        aria-label={`You are ${name}. Account`}
        aria-haspopup="dialog"
        aria-expanded={isOpen}
        onPress={() => setIsOpen(!isOpen)}
      >
        <UserRound size={18} aria-hidden />
        <Word $crowded={isCrowded}>{name}</Word>
      </Small>
      {isOpen && (
        <Suspense>
          <AccountSheet trigger={trigger} onClose={() => setIsOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
