import { useRef } from 'react';
import { Button } from 'react-aria-components';
import styled from 'styled-components';
import { slotOf, type Change, type Part } from '../../../../core/machine';
import type { CaseState, PartResult } from '../../../../core/casework';
import { Button as PlainButton } from '../../../components/Button';
import { percent } from '../../../components/format';
import { fonts } from '../../../theme/tokens';
import { worthShowing } from '../plan/PlanShapes';
import { identityWords } from '../../../../core/record';
import { standing } from '../plan/plan-words';

const Parts = styled.ul`
  display: grid;
`;
const Row = styled(Button)<{ $isTinted: boolean }>`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 4.9rem;
  gap: 0.6rem;
  align-items: center;
  width: 100%;
  min-height: 32px;
  padding: 0.1rem 0.5rem;
  line-height: 1.3;
  text-align: left;
  cursor: pointer;
  border: 0;
  border-left: 5px solid
    ${({ theme, $isTinted }) =>
      $isTinted ? `color-mix(in srgb, ${theme.suspicionFill} var(--edge), ${theme.ground})` : 'transparent'};
  background: ${({ theme, $isTinted }) =>
    $isTinted ? `color-mix(in srgb, ${theme.suspicionSoft} var(--depth), ${theme.ground})` : 'transparent'};
  &[data-hovered] {
    background: ${({ theme }) => theme.panel};
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
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
const Whole = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  margin-top: 0.5rem;
`;

/** How deep the hue of suspicion is, as variables of the row. */
const depthOf = (share: number) =>
  ({
    '--edge': `${Math.round(30 + 70 * share)}%`,
    '--depth': `${Math.round(25 + 75 * share)}%`,
  }) as React.CSSProperties;

const outside = new Set(['outlet', 'cord', 'adapter', 'monitor', 'display-cable', 'keyboard', 'usb-device']);

/** The machine's parts: how each stands, and how likely the fault is at it. Press one to change it for the next start. */
export function MachineList({
  state,
  shares,
  results,
  canMove,
  onPress,
  onChange,
}: {
  readonly state: CaseState;
  readonly shares: Readonly<Record<string, number>>;
  readonly results: readonly PartResult[];
  readonly canMove: boolean;
  readonly onPress: (part: Part, at: Element) => void;
  readonly onChange: (changes: readonly Change[]) => void;
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
  const toSurface = configuration.surface === 'bench' ? 'case' : 'bench';
  const toSettings = configuration.settings === 'defaults' ? 'as-found' : 'defaults';
  return (
    <>
      {groups.map(([title, parts]) => (
        <div key={title}>
          <Group>{title}</Group>
          <Parts>
            {parts.map((part) => (
              <li key={part.id}>
                <PartRow
                  part={part}
                  state={state}
                  share={shares[part.id] ?? 0}
                  result={results.find((one) => one.part.id === part.id) ?? null}
                  onPress={onPress}
                />
              </li>
            ))}
          </Parts>
        </div>
      ))}
      <Group>{configuration.settings === 'defaults' ? 'Settings are at defaults' : 'Settings are as found'}</Group>
      <Whole>
        <PlainButton isDisabled={!canMove} onPress={() => onChange([{ kind: 'surface', to: toSurface }])}>
          {toSurface === 'bench' ? 'Put the board on the bench' : 'Put the board in the case'}
        </PlainButton>
        <PlainButton isDisabled={!canMove} onPress={() => onChange([{ kind: 'settings', to: toSettings }])}>
          {toSettings === 'defaults' ? 'Set to defaults' : 'Set back as found'}
        </PlainButton>
      </Whole>
    </>
  );
}

function PartRow({
  part,
  state,
  share,
  result,
  onPress,
}: {
  readonly part: Part;
  readonly state: CaseState;
  readonly share: number;
  readonly result: PartResult | null;
  readonly onPress: (part: Part, at: Element) => void;
}) {
  const row = useRef<HTMLButtonElement>(null);
  const slot = part.kind === 'module' ? slotOf(state.configuration, part) : null;
  const words = standing(state.configuration, part);
  const noted = state.partFacts[part.id];
  return (
    <Row
      ref={row}
      $isTinted={share >= 0.02}
      style={depthOf(share)}
      onPress={() => row.current && onPress(part, row.current)}
    >
      <span>
        {part.name}
        {slot && !words && <Slot> in {slot.replace('slot-', '')}</Slot>}
        {result?.result === 'proven' && <Slot> ✓ proven</Slot>}
        {noted && <Slot>{identityWords(noted).map((word) => ` · ${word}`)}</Slot>}
        {typeof result?.paid === 'number' && <Slot> · paid {result.paid}</Slot>}
      </span>
      <span>{words && <Away>{words}</Away>}</span>
      <Share>{share >= worthShowing ? percent(share) : ''}</Share>
    </Row>
  );
}
