import { memo } from 'react';
import { ChevronDown } from 'lucide-react';
import { Button, Disclosure, DisclosurePanel } from 'react-aria-components';
import styled from 'styled-components';
import type { CountedCure, Diagnosis, JointView, StartCount, SuspectView } from '../../../../core/diagnosis';
import type { CaseState } from '../../../../core/casework';
import { LINKS, type LinkId } from '../../../../core/startup';
import { percent, counted } from '../../../components/format';
import { ProofTurns } from '../../case-log/ProofTurns';
import { fonts } from '../../../theme/tokens';
import { ColumnHead } from '../column';
import { EvidenceList } from './EvidenceList';
import { draftEventId } from '../../case-log/case-view';

const Head = styled(Button)`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 1rem;
  gap: 0.1rem 0.5rem;
  align-items: baseline;
  width: 100%;
  min-height: 44px;
  padding: 0.35rem 0 0.3rem;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
  svg {
    align-self: center;
    color: ${({ theme }) => theme.muted};
  }
  &[aria-expanded='true'] svg {
    transform: rotate(180deg);
  }
`;
const Title = styled.span`
  font-weight: 600;
  line-height: 1.2;
`;
const Aside = styled.span`
  color: ${({ theme }) => theme.muted};
  font-weight: 400;
  font-style: italic;
`;
const Share = styled.span`
  font: 700 0.92rem ${fonts.code};
  white-space: nowrap;
`;
const Bar = styled.span`
  grid-column: 1 / -1;
  height: 7px;
  background: ${({ theme }) => theme.sunk};
  &::before {
    content: '';
    display: block;
    height: 100%;
    width: var(--share);
    background: repeating-linear-gradient(
      45deg,
      ${({ theme }) => theme.suspicion} 0 3px,
      ${({ theme }) => theme.suspicionFill} 3px 7px
    );
  }
`;
const Item = styled.li`
  border-bottom: 1px solid ${({ theme }) => theme.line};
`;

const About = styled.p`
  padding-bottom: 0.3rem;
  font-size: 0.9rem;
  line-height: 1.3;
`;

/** The bar's width as a variable of its own: a class for each number would pile up. */
const widthOf = (share: number) => ({ '--share': `${Math.max(0.5, 100 * share)}%` }) as React.CSSProperties;

const shown = 5;
const alwaysShown = 2;
const worthShowing = 0.01;
const linksNamed = 3;

/** Ranked suspects, the rest as one; press one for the evidence for and against it. */
export const Suspects = memo(function Suspects({
  diagnosis,
  state,
  link,
}: {
  readonly diagnosis: Diagnosis;
  readonly state: CaseState;
  readonly link: LinkId | null;
}) {
  const fitting = diagnosis.suspects.filter((suspect) => !link || suspect.link === link);
  const listed = fitting
    .filter(({ somethingElse }) => !somethingElse || link)
    .filter(({ probability }, rank) => rank < alwaysShown || probability >= worthShowing)
    .slice(0, shown);
  const others = fitting.filter((suspect) => !listed.includes(suspect));
  const trials = state.steps.filter(({ id }) => id !== draftEventId).length;
  const chosen = LINKS.find(({ id }) => id === link);
  return (
    <div>
      <ColumnHead>
        <h2>{chosen ? `Suspects at ${chosen.name.toLowerCase()}` : 'Suspects'}</h2>
        <span>after {counted(trials, 'entry', 'entries')}</span>
      </ColumnHead>
      {chosen && (
        <About>
          {chosen.needs} Passed when: {chosen.passedWhen.charAt(0).toLowerCase() + chosen.passedWhen.slice(1)}
        </About>
      )}
      <ul>
        {listed.map((suspect, rank) => (
          <Item key={suspect.fault}>
            <Suspect suspect={suspect} state={state} />
            {rank === 0 && suspect.cure && <About>{wordsOfCure(suspect.cure)}</About>}
            {rank === 0 && !suspect.cure && suspect.proofTurns >= 2 && (
              <ProofTurns turns={suspect.proofTurns} isShort />
            )}
          </Item>
        ))}
        {!link && diagnosis.together.map((one) => <Together key={one.faults.join(' ')} joint={one} />)}
        <Others others={others} isAtOneLink={link !== null} />
      </ul>
    </div>
  );
});

/** What cannot be undone is proven by counting starts. */
function wordsOfCure({ before, after, probability }: CountedCure): string {
  const of = ({ worked, failed }: StartCount) => `${worked} of ${worked + failed}`;
  const earlier = before.worked + before.failed === 0 ? '' : `, ${of(before)} before`;
  return `Repaired, and it cannot be undone. Worked ${of(after)} since${earlier}: ${percent(probability)} sure that it holds.`;
}

/** Two of the suspects as one cause. */
function Together({ joint: { title, reason, titles, probability } }: { readonly joint: JointView }) {
  return (
    <Item>
      <Head as="div">
        <Title>Both at once: {title.charAt(0).toLowerCase() + title.slice(1)}</Title>
        <Share>{percent(probability)}</Share>
        <span />
        <Bar style={widthOf(probability)} />
      </Head>
      <About>
        {titles.join(' + ')}. {reason}
      </About>
    </Item>
  );
}

/** Whatever is not listed, as what it is: very many together, each of them unlikely. */
function Others({ others, isAtOneLink }: { readonly others: readonly SuspectView[]; readonly isAtOneLink: boolean }) {
  const together = Math.min(1, sumOf(others));
  const byLink = LINKS.map(({ id, name }) => ({ name, share: sumOf(others.filter((suspect) => suspect.link === id)) }))
    .filter(({ share }) => share >= worthShowing)
    .sort((a, b) => b.share - a.share)
    .slice(0, linksNamed);
  return (
    <Item>
      <Head as="div">
        <Title>{counted(others.length, 'other', 'others')} together</Title>
        <Share>{percent(together)}</Share>
        <span />
        <Bar style={widthOf(together)} />
      </Head>
      {!isAtOneLink && byLink.length > 0 && (
        <About>
          {byLink.map(({ name, share }) => `${name} ${percent(share)}`.replaceAll(' ', '\u00a0')).join(' · ')}
        </About>
      )}
    </Item>
  );
}

const sumOf = (suspects: readonly SuspectView[]): number =>
  suspects.reduce((sum, { probability }) => sum + probability, 0);

function Suspect({ suspect, state }: { readonly suspect: SuspectView; readonly state: CaseState }) {
  return (
    <Disclosure>
      <Head slot="trigger">
        <Title>
          {suspect.title}
          {suspect.isRepaired && <Aside> repaired</Aside>}
        </Title>
        <Share>{percent(suspect.probability)}</Share>
        <ChevronDown size={16} aria-hidden />
        <Bar style={widthOf(suspect.probability)} />
      </Head>
      <DisclosurePanel>
        <EvidenceList suspect={suspect} state={state} />
      </DisclosurePanel>
    </Disclosure>
  );
}
