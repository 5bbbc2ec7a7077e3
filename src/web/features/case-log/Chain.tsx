import { memo } from 'react';
import { Button } from 'react-aria-components';
import styled, { useTheme } from 'styled-components';
import type { LinkStanding } from '../../../core/diagnosis';
import { LINKS, type LinkId } from '../../../core/startup';
import { percent, shortPercent } from '../../components/format';
import { fonts } from '../../theme/tokens';

const Row = styled.div`
  display: grid;
  grid-template-columns: repeat(12, minmax(0, 1fr));
  gap: 3px;
  padding: 0.5rem 1rem 0.2rem;
  @media (max-width: 900px) {
    grid-template-columns: repeat(6, minmax(0, 1fr));
  }
  @media (max-width: 480px) {
    grid-template-columns: repeat(4, minmax(0, 1fr));
  }
`;
const LinkButton = styled(Button)`
  display: grid;
  gap: 2px;
  padding: 0;
  border: 0;
  background: none;
  cursor: pointer;
  text-align: center;
  border-bottom: 4px solid transparent;
  &[aria-pressed='true'] {
    border-bottom-color: ${({ theme }) => theme.suspicion};
  }
`;
const Block = styled.span`
  position: relative;
  display: block;
  height: 42px;
  @media (max-width: 480px) {
    height: 30px;
  }
  svg {
    display: block;
    width: 100%;
    height: 100%;
  }
`;
const Share = styled.span`
  position: absolute;
  inset: 0;
  display: grid;
  place-items: center;
  span {
    padding: 0 0.35rem;
    border-radius: 3px;
    background: ${({ theme }) => theme.panel};
    font: 700 0.85rem ${fonts.code};
    white-space: nowrap;
    @media (max-width: 600px) {
      padding: 0 0.15rem;
      font-size: 0.75rem;
    }
  }
`;
const Name = styled.span`
  font-size: 0.85rem;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
`;

const stateWords = {
  proven: 'proven',
  failing: 'failing',
  suspected: 'suspected',
  'not-reached': 'not reached',
} as const;

/** The start-up chain: where the fault can be. Press a link to see only its suspects. */
export const Chain = memo(function Chain({
  links,
  chosen,
  onChoose,
}: {
  readonly links: readonly LinkStanding[];
  readonly chosen: LinkId | null;
  readonly onChoose: (link: LinkId | null) => void;
}) {
  return (
    <Row role="group" aria-label="Start-up chain">
      {LINKS.map(({ id, name }) => {
        const standing = links.find(({ link }) => link === id);
        const state = standing?.state ?? 'not-reached';
        const share = standing?.probability ?? 0;
        const shown = state === 'suspected' || state === 'failing';
        return (
          <LinkButton
            key={id}
            aria-label={`${name}: ${stateWords[state]}${shown ? `, ${percent(share)}` : ''}`}
            aria-pressed={chosen === id}
            onPress={() => onChoose(chosen === id ? null : id)}
          >
            <Block>
              <LinkShape state={state} share={share} id={id} />
              {shown && (
                <Share>
                  <span>{shortPercent(share)}</span>
                </Share>
              )}
            </Block>
            <Name>{name}</Name>
          </LinkButton>
        );
      })}
    </Row>
  );
});

const outline = '1,1 90,1 99,21 90,41 1,41 10,21';

/** A stroke keeps its width however wide the block is stretched. */
const stroke = { vectorEffect: 'non-scaling-stroke' } as const;

interface LinkShapeProps {
  readonly state: LinkStanding['state'];
  readonly share: number;
  readonly id: string;
}

/** Proven: solid with a tick. Failing: a block with a cut. Suspected: hatching denser with probability. */
function LinkShape({ state, share, id }: LinkShapeProps) {
  const theme = useTheme();
  const gap = 12 - 8 * Math.min(1, share);
  const hatch = `hatch-${id}`;
  return (
    <svg viewBox="0 0 100 42" preserveAspectRatio="none" aria-hidden>
      <defs>
        <pattern id={hatch} width={gap} height={gap} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width={gap} height={gap} fill={theme.suspicionSoft} />
          <rect width={2.4} height={gap} fill={theme.suspicionFill} />
        </pattern>
      </defs>
      <LinkMark state={state} hatch={hatch} />
    </svg>
  );
}

function LinkMark({ state, hatch }: { readonly state: LinkStanding['state']; readonly hatch: string }) {
  const theme = useTheme();
  switch (state) {
    case 'proven':
      return (
        <>
          <polygon points={outline} fill={theme.strong} />
          <path d="M43 21l6 7 11-14" fill="none" stroke={theme.onStrong} strokeWidth="3" {...stroke} />
        </>
      );
    case 'not-reached':
      return <polygon points={outline} fill="none" stroke={theme.muted} strokeDasharray="4 3" {...stroke} />;
    case 'suspected':
      return (
        <polygon points={outline} fill={`url(#${hatch})`} stroke={theme.suspicion} strokeWidth="1.5" {...stroke} />
      );
    case 'failing':
      return (
        <>
          <polygon points={outline} fill={theme.suspicionFill} stroke={theme.suspicion} strokeWidth="2" {...stroke} />
          <path d="M16 0L28 42" stroke={theme.ground} strokeWidth="5" {...stroke} />
        </>
      );
  }
}
