import { shortMinutes } from '../../../components/format';
import { memo, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Allowed } from '../../../shell/Allowed';
import { Button } from 'react-aria-components';
import styled from 'styled-components';
import type { CaseState, EventBody } from '../../../../core/casework';
import type { StrategyPrice, TrialView } from '../../../../core/diagnosis';
import { Button as PlainButton } from '../../../components/Button';
import { SearchBox } from '../../../components/SearchBox';
import { fonts } from '../../../theme/tokens';
import { groupTrials, noInformation } from './group-trials';
import { KnownFacts } from './KnownFacts';
import { ToolsAndSpares } from './ToolsAndSpares';
import { useCaseKeys } from '../../case-log/use-case-keys';
import { ColumnHead } from '../column';
import { OrderChoice } from './OrderChoice';

const Pick = styled(Button)`
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 0.6rem;
  width: 100%;
  min-height: 44px;
  padding: 0.25rem 0.2rem;
  border: 0;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  background: none;
  text-align: left;
  line-height: 1.2;
  cursor: pointer;
  &[data-hovered] {
    background: ${({ theme }) => theme.panel};
  }
  span:last-child {
    font: 500 0.85rem ${fonts.code};
    text-align: right;
  }
`;
const Block = styled.div`
  margin-top: 0.6rem;
`;

const Head = styled(ColumnHead)`
  flex-wrap: wrap;
  align-items: center;
  gap: 0 0.6rem;
  margin-bottom: 0;
`;
const Ways = styled.span`
  display: flex;
  flex-wrap: wrap;
  margin: 0 -0.5rem;
`;
const Buys = styled.div`
  height: 3px;
  margin-top: -3px;
  background: ${({ theme }) => theme.strong};
  opacity: 0.7;
`;
const Kind = styled.h3`
  margin-top: 0.7rem;
  font-size: 0.92rem;
  color: ${({ theme }) => theme.muted};
`;
const More = styled(PlainButton)`
  padding: 0.2rem;
  font-weight: 500;
`;

const shown = 6;

/** What a trial takes, or why it is not worth it now. */
function worthWords({ blocked, lacks, bits, minutes }: TrialView): string {
  if (blocked !== null) return 'not\u00a0now';
  if (lacks.length > 0) return 'missing';
  if (bits < noInformation) return 'no new information';
  return shortMinutes(minutes);
}

interface TrialListProps {
  readonly trials: readonly TrialView[];
  readonly onPick: (id: string) => void;
}

/** Trials with their minutes; the bar below each is what it would tell, against the one that tells most. */
function TrialList({ trials, onPick }: TrialListProps) {
  const most = Math.max(noInformation, ...trials.map(({ bits }) => bits));
  return (
    <ul>
      {trials.map((trial) => (
        <li key={trial.id}>
          <Pick onPress={() => onPick(trial.id)}>
            <span>{trial.title}</span>
            <span>{worthWords(trial)}</span>
          </Pick>
          {trial.bits >= noInformation && <Buys style={{ width: `${(100 * trial.bits) / most}%` }} aria-hidden />}
        </li>
      ))}
    </ul>
  );
}

/** Every trial by its kind, with a search; what has no new information now is folded away. */
function AllTrials({ trials, onPick }: TrialListProps) {
  const [search, setSearch] = useState('');
  const [isUnfolded, setUnfolded] = useState(false);
  const { groups, folded } = useMemo(() => groupTrials(trials, search), [trials, search]);
  const top = useRef<HTMLDivElement>(null);
  useEffect(() => {
    top.current?.scrollIntoView({ block: 'start' });
  }, []);
  const pick = (id: string) => {
    // It closes now: the column stands at its suspects again.
    const column = top.current?.closest('section');
    if (column) column.scrollTop = 0;
    onPick(id);
  };
  return (
    <>
      <div ref={top} />
      <SearchBox value={search} onChange={setSearch} placeholder="Find a test" autoFocus />
      {groups.map((one) => (
        <section key={one.group} aria-label={one.group}>
          <Kind>{one.group}</Kind>
          <TrialList trials={one.trials} onPick={pick} />
        </section>
      ))}
      {groups.length === 0 && folded.length === 0 && <p>No test has these words.</p>}
      {folded.length > 0 && (
        <More $kind="quiet" aria-expanded={isUnfolded} onPress={() => setUnfolded(!isUnfolded)}>
          {isUnfolded ? 'Fold these away' : `${folded.length} without new information`}
        </More>
      )}
      {isUnfolded && <TrialList trials={folded} onPick={pick} />}
    </>
  );
}

/** Other trials, each with its minutes; a trial without new information says so. */
export const Alternatives = memo(function Alternatives({
  trials,
  inHand,
  state,
  prices,
  onPick,
  onRecord,
}: {
  readonly trials: readonly TrialView[];
  /** The trial on the card: what it needs may be lacking as well. */
  readonly inHand: TrialView | null;
  readonly state: CaseState;
  readonly prices: readonly StrategyPrice[] | null;
  readonly onPick: (id: string) => void;
  readonly onRecord: (body: EventBody) => void;
}) {
  const [all, setAll] = useState(false);
  const find = useCallback((key: string) => {
    if (key === '/') setAll(true);
    return key === '/';
  }, []);
  useCaseKeys(find);
  return (
    <Block>
      <Head>
        <h2>Other tests</h2>
        <Allowed action="write-cases">
          <Ways>
            <KnownFacts machine={state.machine} known={state.circumstances} onSet={onRecord} />
            <ToolsAndSpares
              trials={inHand ? [inHand, ...trials] : trials}
              lacking={state.lacking}
              onSet={(set) => onRecord({ kind: 'lacking-set', ...set })}
            />
            <OrderChoice
              strategy={state.strategy}
              prices={prices}
              onChoose={(strategy) => onRecord({ kind: 'strategy-chosen', strategy })}
            />
          </Ways>
        </Allowed>
      </Head>
      {all ? (
        <AllTrials
          trials={trials}
          onPick={(id) => {
            setAll(false);
            onPick(id);
          }}
        />
      ) : (
        <TrialList trials={trials.slice(0, shown)} onPick={onPick} />
      )}
      {trials.length > shown && (
        <More $kind="quiet" onPress={() => setAll(!all)}>
          {all ? 'Show fewer' : `Show all ${trials.length}`}
        </More>
      )}
    </Block>
  );
});
