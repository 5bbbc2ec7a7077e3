import { listOf } from '../../components/format';
import { useState } from 'react';
import styled from 'styled-components';
import type { BoardBookFile } from '../../../contracts';
import { acceptedNames, inWords, type BareFlash, type Release } from '../../../core/firmware';
import { Toggles } from '../../components/Toggles';
import { fonts } from '../../theme/tokens';
import { lightWords, phaseWords, resetWords } from './board-columns';
import { Fact, Facts } from './facts';
import { HeaderDrawing } from './HeaderDrawing';
import { SignalFacts } from './SignalFacts';

const Grid = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.35fr) minmax(0, 1fr);
  gap: 1.6rem 2.2rem;
  align-items: start;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
  h2 {
    margin-bottom: 0.4rem;
    font-size: 1.1rem;
  }
`;
const Stack = styled.div`
  display: grid;
  gap: 1.4rem;
`;
const Tabs = styled.div`
  margin-bottom: 0.5rem;
`;
const Releases = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid ${({ theme }) => theme.line};
  li {
    display: grid;
    grid-template-columns: 5.5rem 6.5rem minmax(0, 1fr);
    gap: 0 0.8rem;
    padding: 0.45rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
  strong {
    font-family: ${fonts.code};
    overflow-wrap: anywhere;
  }
`;
const Muted = styled.span`
  color: ${({ theme }) => theme.muted};
`;

/** A board as it is read: releases on the left, what the bench needs on the right. */
export function BoardSheet({ board }: { readonly board: BoardBookFile }) {
  const { flash, resets, memorySlots, sharing, headers } = board;
  return (
    <Grid>
      <Stack>
        <RevisionReleases board={board} />
        {headers?.map((header) => (
          <section key={header.name}>
            <h2>
              {header.name} <Muted>· {header.purpose}</Muted>
            </h2>
            <HeaderDrawing header={header} />
          </section>
        ))}
      </Stack>
      <Stack>
        <section>
          <h2>At the bench</h2>
          <Facts>
            <MenuFacts board={board} />
            <Fact name="Menu flash">{board.menuFlash === false ? 'no' : 'yes'}</Fact>
            <Fact name="Second image">{board.secondImage ?? 'none'}</Fact>
            {memorySlots && (
              <Fact name="Memory slots are filled">{memorySlots.map(({ name }) => name).join(', then ')}</Fact>
            )}
            {sharing?.map(({ filled, switchesOff }) => (
              <Fact key={filled} name={`${filled} filled`}>
                disables {listOf(switchesOff)}
              </Fact>
            ))}
          </Facts>
        </section>
        {resets && (
          <section>
            <h2>Settings reset</h2>
            <Facts>
              {resets.map(({ how, where, seconds }) => (
                <Fact key={how + where} name={resetWords[how]}>
                  {where}, {inWords(seconds)}
                </Fact>
              ))}
            </Facts>
          </section>
        )}
        <SignalFacts board={board} />
        {flash && <FlashFacts flash={flash} />}
      </Stack>
    </Grid>
  );
}

/** How its menu is reached, and what its first start takes. */
function MenuFacts({ board }: { readonly board: BoardBookFile }) {
  return (
    <>
      <Fact name="Setup key">
        {board.setupKey ? <code>{board.setupKey}</code> : 'not known'}
        {board.menuPath && `, then ${board.menuPath}`}
      </Fact>
      {board.completePc && <Fact name="Complete PC">of {board.completePc}: images come from there</Fact>}
      {board.firstStart && (
        <Fact name="First start">
          {inWords(board.firstStart.usualSeconds)}, at most {inWords(board.firstStart.worstSeconds)}
        </Fact>
      )}
    </>
  );
}

const maxShown = 60;

function RevisionReleases({ board: { revisions } }: { readonly board: BoardBookFile }) {
  const [chosen, setChosen] = useState(revisions.length - 1);
  const revision = revisions[chosen] ?? revisions[0];
  if (!revision) return null;
  const newestFirst = [...revision.releases].reverse();
  return (
    <section>
      <h2>Releases</h2>
      <Tabs>
        <Toggles
          label="Revision"
          value={String(chosen)}
          onChange={(id) => setChosen(Number(id))}
          choices={revisions.map((one, i) => ({ id: String(i), label: `Revision ${one.revision}` }))}
        />
      </Tabs>
      <p>
        <Muted>Supported by its first firmware:</Muted> {listOf(revision.processors) || 'not noted'}
      </p>
      <Releases aria-label={`Releases of revision ${revision.revision}, newest first`}>
        {newestFirst.slice(0, maxShown).map((release) => (
          <li key={release.version}>
            <strong>{release.version}</strong>
            <Muted>{release.date}</Muted>
            <span>{releaseWords(release)}</span>
          </li>
        ))}
      </Releases>
      {newestFirst.length > maxShown && <Muted>and {newestFirst.length - maxShown} older ones</Muted>}
    </section>
  );
}

/** A release in one line. */
function releaseWords(release: Release): string {
  const words = [
    release.preRelease ? 'Pre-release.' : '',
    release.security ? 'Security.' : '',
    release.irreversible ? 'Cannot be undone.' : '',
    release.minimumPredecessor ? `Needs ${release.minimumPredecessor} first.` : '',
    release.processorsAdded?.length ? `Adds ${listOf(release.processorsAdded)}.` : '',
    release.fixes?.length ? `Fixes: ${release.fixes.join('; ')}.` : '',
    release.notes ?? '',
  ];
  return words.filter((word) => word !== '').join(' ') || '–';
}

function FlashFacts({ flash }: { readonly flash: BareFlash }) {
  return (
    <section>
      <h2>Bare-board flash</h2>
      <Facts>
        <Fact name="File on the stick">
          <code>{acceptedNames(flash).join(', ')}</code>
        </Fact>
        <Fact name="Port">{flash.port}</Fact>
        <Fact name="Button">
          {flash.button}, {inWords(flash.holdSeconds)}
        </Fact>
        <Fact name="Plugs">{listOf(flash.plugs)}</Fact>
        {flash.phases.map(({ phase, light, periodSeconds, fromSeconds, toSeconds }) => (
          <Fact key={phase} name={phaseWords[phase]}>
            {lightWords[light].toLowerCase()}
            {periodSeconds ? ` every ${periodSeconds} s` : ''}
            {toSeconds ? `, for ${inWords(fromSeconds ?? 0)} to ${inWords(toSeconds)}` : ''}
          </Fact>
        ))}
        <Fact name="Failed if">it stops within {inWords(flash.gaveUpWithinSeconds)}</Fact>
        <Fact name="Overdue after">{inWords(flash.worstSeconds)}</Fact>
        {flash.harmlessLights && <Fact name="To be ignored">{flash.harmlessLights}</Fact>}
      </Facts>
    </section>
  );
}
