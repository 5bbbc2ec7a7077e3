import type { ReactNode } from 'react';
import styled from 'styled-components';
import { placementOf, slotOf, type Part } from '../../../core/machine';
import type { CaseState } from '../../../core/casework';
import { percent } from '../../components/format';
import { fonts } from '../../theme/tokens';
import { Column, ColumnHead } from './column';

const Parts = styled.ul`
  display: grid;
`;
const Row = styled.li<{ $share: number }>`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 4.9rem;
  gap: 0.6rem;
  align-items: baseline;
  padding: 0.1rem 0.5rem;
  line-height: 1.35;
  border-left: 5px solid
    ${({ theme, $share }) =>
      $share >= 0.02
        ? `color-mix(in srgb, ${theme.suspicionFill} ${Math.round(30 + 70 * $share)}%, ${theme.ground})`
        : 'transparent'};
  background: ${({ theme, $share }) =>
    $share >= 0.02
      ? `color-mix(in srgb, ${theme.suspicionSoft} ${Math.round(25 + 75 * $share)}%, ${theme.ground})`
      : 'transparent'};
`;
const Away = styled.span`
  padding: 0 0.4rem;
  border: 1px dashed ${({ theme }) => theme.ink};
  border-radius: 3px;
  font-size: 0.85rem;
  font-weight: 600;
`;
const Share = styled.span`
  text-align: right;
  font: 600 0.85rem ${fonts.code};
  white-space: nowrap;
`;
const Group = styled.h3`
  margin: 0.35rem 0 0.1rem;
  font-size: 0.85rem;
  color: ${({ theme }) => theme.muted};
`;
const Slot = styled.span`
  color: ${({ theme }) => theme.muted};
`;

const outside = new Set(['outlet', 'cord', 'adapter', 'monitor', 'display-cable', 'keyboard', 'usb-device']);
const worthShowing = 0.01;

/** The machine's parts: how each stands, and how likely the fault is at it. */
export function MachineList({
  state,
  shares,
  children,
}: {
  readonly state: CaseState;
  readonly shares: Readonly<Record<string, number>>;
  /** What stands above the list. */
  readonly children?: ReactNode;
}) {
  const { machine, configuration } = state;
  const shown = machine.parts.filter(
    ({ id, kind }) => (kind !== 'slot' && kind !== 'channel') || (shares[id] ?? 0) >= worthShowing,
  );
  const groups: readonly [string, readonly Part[]][] = [
    ['Outside', shown.filter(({ kind }) => outside.has(kind))],
    [
      configuration.surface === 'bench' ? 'On the bench' : 'In the case',
      shown.filter(({ kind }) => !outside.has(kind)),
    ],
  ];
  return (
    <Column aria-label="Machine">
      <ColumnHead>
        <h2>Machine</h2>
        <span>fault at the part</span>
      </ColumnHead>
      {children}
      {groups.map(([title, parts]) => (
        <div key={title}>
          <Group>{title}</Group>
          <Parts>
            {parts.map((part) => (
              <PartRow key={part.id} part={part} state={state} share={shares[part.id] ?? 0} />
            ))}
          </Parts>
        </div>
      ))}
      {configuration.settings === 'defaults' && <Group>Settings are at defaults</Group>}
    </Column>
  );
}

function PartRow({ part, state, share }: { readonly part: Part; readonly state: CaseState; readonly share: number }) {
  const placement = placementOf(state.configuration, part.id);
  const slot = part.kind === 'module' ? slotOf(state.configuration, part) : null;
  const words = { 'as-found': null, out: 'out', spare: 'spare in', new: 'new', moved: 'moved' }[placement.state];
  return (
    <Row $share={share}>
      <span>
        {part.name}
        {slot && <Slot> in {slot.replace('slot-', '')}</Slot>}
      </span>
      <span>{words && <Away>{words}</Away>}</span>
      <Share>{share >= worthShowing ? percent(share) : ''}</Share>
    </Row>
  );
}
