import { useEffect, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import type { Diagnosis } from '../../../core/diagnosis';
import type { LinkId } from '../../../core/startup';
import { Button } from '../../components/Button';
import { caseNumber } from '../../components/format';
import { TopBar } from '../../shell/TopBar';
import { fonts } from '../../theme/tokens';
import { Chain } from './Chain';
import { SaveNotice } from './SaveNotice';

const Frame = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: auto auto auto minmax(0, 1fr);
  height: 100dvh;
  @media (max-width: 1000px) {
    height: auto;
    min-height: 100dvh;
  }
`;
const Under = styled.div`
  display: grid;
  min-height: 0;
  border-top: 1px solid ${({ theme }) => theme.line};
`;
const Number = styled.span`
  font: 700 1.05rem ${fonts.code};
`;
const Machine = styled.strong`
  flex: 1;
  min-width: 6rem;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
`;

interface CaseRoomProps {
  readonly caseId: string;
  readonly number: number;
  readonly machine: string;
  /** What the room is called in the title of the window. */
  readonly room: string;
  readonly links: Diagnosis['links'];
  readonly onLeave: () => void;
  readonly children: ReactNode;
}

/** A room of a case besides its tests: the case's number and machine and its chain on top, the work below. */
export function CaseRoom({ caseId, number, machine, room, links, onLeave, children }: CaseRoomProps) {
  const [link, setLink] = useState<LinkId | null>(null);
  useEffect(() => {
    document.title = `${room} · ${caseNumber(number)} ${machine} · Jovial Probe`;
  }, [room, number, machine]);
  return (
    <Frame>
      <TopBar>
        <Number>{caseNumber(number)}</Number>
        <Machine title={machine}>{machine}</Machine>
        <Button onPress={onLeave}>Back to the tests</Button>
      </TopBar>
      <SaveNotice caseId={caseId} />
      <Chain links={links} chosen={link} onChoose={setLink} />
      <Under>{children}</Under>
    </Frame>
  );
}
