import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { CaseState, EventBody } from '../../../core/casework';
import { kindInWords, type PartKind } from '../../../core/machine';
import { useShelf } from '../../api/shelf';
import { Button } from '../../components/Button';
import { Select } from '../../components/Select';
import { Allowed } from '../../shell/Allowed';
import { spareInWords, sparesToHave } from './spare-words';

const Line = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 0.7rem;
  margin: 0.5rem 0;
  select {
    max-width: 18rem;
  }
`;

interface SpareLineProps {
  readonly state: CaseState;
  /** The part that the spare stands in for. */
  readonly part: { readonly id: string; readonly kind: PartKind };
  readonly onLend: (lent: EventBody) => void;
}

/** Which spare of the shelf serves: the one that is here, or those to be had. Nothing where the shop lists no spares. */
export function SpareLine({ state, part, onLend }: SpareLineProps) {
  const { data } = useShelf();
  const [chosen, setChosen] = useState<string | null>(null);
  const here = state.sparesOut.find((spare) => spare.part === part.id);
  if (here)
    return (
      <Line>
        Spare here: <strong>{here.name}</strong>
      </Line>
    );
  if (!data || data.items.length === 0) return null;
  const choices = sparesToHave(data.items, part.kind);
  const item = choices.find(({ id }) => id === chosen) ?? choices[0];
  if (!item)
    return (
      <Line>
        <span>
          No spare {kindInWords(part.kind)} on <Link to="/shelf">the shelf</Link>.
        </span>
      </Line>
    );
  const { name, serial } = item.part;
  return (
    <Allowed action="write-cases">
      <Line>
        <Select
          label="Spare from the shelf"
          isLabelHidden
          value={item.id}
          choices={choices.map((one) => ({ id: one.id, label: spareInWords(one) }))}
          onChange={setChosen}
        />
        <Button
          onPress={() =>
            onLend({ kind: 'part-lent', item: item.id, name, part: part.id, ...(serial ? { serial } : {}) })
          }
        >
          Take it from the shelf
        </Button>
      </Line>
    </Allowed>
  );
}
