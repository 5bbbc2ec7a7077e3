import { Plus } from 'lucide-react';
import styled from 'styled-components';
import {
  CONSUMER_KINDS,
  consumerId,
  LOADS,
  type ConsumerKind,
  type PowerSheet,
  type SheetConsumer,
} from '../../../core/power';
import { Button } from '../../components/Button';
import { Select } from '../../components/Select';
import { useLatest } from '../../components/use-latest';
import { ConsumerRow } from './ConsumerRow';
import { consumerKindWords } from './power-words';
import { Table, Tools, Wide } from './room-parts';
import { edited, editConsumer, newId, removeConsumer, type Edited } from './sheet-edits';

const Compact = styled(Table)`
  min-width: 44rem;
  td:first-child {
    min-width: 8.5rem;
  }
  td:nth-child(2) {
    width: 4rem;
  }
  td:nth-child(3) {
    width: 8.6rem;
  }
  td:nth-child(n + 4):nth-child(-n + 6) {
    width: 6.6rem;
  }
  td:nth-child(7) {
    width: 6.5rem;
  }
`;
const AddRow = styled(Tools)`
  margin-top: 0.5rem;
`;

interface ConsumersTableProps {
  readonly sheet: PowerSheet;
  readonly onEdit: (next: Edited) => string | null;
}

/** Everything that draws, each figure with its source: usual ones are replaced by typing over them. */
export function ConsumersTable({ sheet, onEdit }: ConsumersTableProps) {
  const change = useLatest((index: number, part: Partial<SheetConsumer>) => onEdit(editConsumer(sheet, index, part)));
  const remove = useLatest((index: number, id: string) => void onEdit(removeConsumer(sheet, index, id)));
  const add = (kind: ConsumerKind) =>
    onEdit(
      edited(sheet, {
        consumers: [...sheet.consumers, { id: newId(sheet.consumers, kind), kind, name: consumerKindWords[kind] }],
      }),
    );
  return (
    <>
      <Wide tabIndex={0} role="region" aria-label="What draws">
        <Compact>
          <thead>
            <tr>
              <th scope="col">Part</th>
              <th scope="col">How many</th>
              <th scope="col">Maker’s watts</th>
              {LOADS.map((load) => (
                <th key={load} scope="col">
                  {load}, W each
                </th>
              ))}
              <th scope="col">Source</th>
              <th scope="col" aria-label="Remove" />
            </tr>
          </thead>
          <tbody>
            {sheet.consumers.map((one, index) => (
              <ConsumerRow
                key={consumerId(sheet.consumers, index)}
                one={one}
                id={consumerId(sheet.consumers, index)}
                index={index}
                isOnly={sheet.consumers.length === 1}
                onChange={change}
                onRemove={remove}
              />
            ))}
          </tbody>
        </Compact>
      </Wide>
      <AddRow>
        <Select
          label="Add what draws"
          isLabelHidden
          value=""
          choices={[
            { id: '', label: 'Add what draws …' },
            ...CONSUMER_KINDS.map((id) => ({ id, label: consumerKindWords[id] })),
          ]}
          onChange={(kind) => kind !== '' && add(kind as ConsumerKind)}
        />
        <Button $kind="quiet" onPress={() => add('other')}>
          <Plus size={17} aria-hidden /> Something else
        </Button>
      </AddRow>
    </>
  );
}
