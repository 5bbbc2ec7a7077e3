import { Plus, X } from 'lucide-react';
import { memo } from 'react';
import styled from 'styled-components';
import {
  CONSUMER_KINDS,
  consumerId,
  LOADS,
  planOf,
  type ConsumerKind,
  type FigureSource,
  type Load,
  type PowerSheet,
  type SheetConsumer,
} from '../../../core/power';
import { Button } from '../../components/Button';
import { Select } from '../../components/Select';
import { useLatest } from '../../components/use-latest';
import { parseFigure, parseRange } from './parse-figures';
import { consumerKindWords, rangeInWords, rangeToType, sourceWords } from './power-words';
import { Table, Tools, Wide } from './room-parts';
import { edited, editConsumer, newId, removeConsumer, type Edited } from './sheet-edits';
import { ValueCell } from './ValueCell';

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
const Maker = styled.div`
  display: flex;
  gap: 0.3rem;
`;
const AddRow = styled(Tools)`
  margin-top: 0.5rem;
`;

const watts = { max: 5000, unit: 'watts' };

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

interface RowProps {
  readonly one: SheetConsumer;
  readonly id: string;
  readonly index: number;
  readonly isOnly: boolean;
  readonly onChange: (index: number, change: Partial<SheetConsumer>) => string | null;
  readonly onRemove: (index: number, id: string) => void;
}

/** What counts for one part, whatever else is in the machine. */
const drawOf = (one: SheetConsumer) => planOf({ consumers: [one] }).consumers[0]?.draw;

const ConsumerRow = memo(function ConsumerRow({ one, id, index, isOnly, onChange, onRemove }: RowProps) {
  const name = one.name ?? consumerKindWords[one.kind];
  const draw = drawOf(one);
  const set = (change: Partial<SheetConsumer>) => onChange(index, change);
  const figure = (text: string, of: 'baseWatts' | 'boostWatts' | 'boardWatts') => {
    const read = parseFigure(text, watts);
    return read.ok ? set({ [of]: read.value ?? undefined }) : read.message;
  };
  const range = (text: string, load: Load) => {
    const read = parseRange(text, watts);
    return read.ok ? set({ [load]: read.value ?? undefined }) : read.message;
  };
  const hasOwn = LOADS.some((load) => one[load] !== undefined);
  return (
    <tr id={`consumer-${id}`}>
      <td>
        <ValueCell
          label={`Name of ${name}`}
          isBare
          isText
          shown={one.name ?? ''}
          placeholder={consumerKindWords[one.kind]}
          onEnter={(text) => set({ name: text.trim() === '' ? undefined : text })}
        />
      </td>
      <td>
        <ValueCell
          label={`How many of ${name}`}
          isBare
          shown={String(one.count ?? 1)}
          onEnter={(text) => {
            const read = parseFigure(text, { min: 1, max: 64, unit: 'how many' });
            if (!read.ok) return read.message;
            return Number.isInteger(read.value ?? 1)
              ? set({ count: read.value ?? undefined })
              : 'expected a whole number';
          }}
        />
      </td>
      <td>
        <Maker>
          {one.kind === 'processor' && (
            <>
              <ValueCell
                label={`Base power of ${name}`}
                isBare
                shown={written(one.baseWatts)}
                placeholder="base"
                onEnter={(text) => figure(text, 'baseWatts')}
              />
              <ValueCell
                label={`Boost power of ${name}`}
                isBare
                shown={written(one.boostWatts)}
                placeholder="boost"
                onEnter={(text) => figure(text, 'boostWatts')}
              />
            </>
          )}
          {one.kind === 'graphics-card' && (
            <ValueCell
              label={`Board power of ${name}`}
              isBare
              shown={written(one.boardWatts)}
              placeholder="board power"
              onEnter={(text) => figure(text, 'boardWatts')}
            />
          )}
        </Maker>
      </td>
      {LOADS.map((load) => (
        <td key={load}>
          <ValueCell
            label={`${load} of ${name}, watts`}
            isBare
            shown={rangeToType(one[load])}
            placeholder={draw ? rangeInWords(draw[load]) : ''}
            onEnter={(text) => range(text, load)}
          />
        </td>
      ))}
      <td>
        {hasOwn ? (
          <Select
            label={`Source of ${name}`}
            isLabelHidden
            value={one.source ?? 'own'}
            choices={(['own', 'maker', 'measured'] as const).map((source) => ({
              id: source,
              label: sourceWords[source],
            }))}
            onChange={(source) => set({ source: source as Exclude<FigureSource, 'usual'> })}
          />
        ) : (
          sourceWords[draw?.source ?? 'usual']
        )}
      </td>
      <td>
        {!isOnly && (
          <Button $kind="quiet" aria-label={`Remove ${name}`} onPress={() => onRemove(index, id)}>
            <X size={17} aria-hidden />
          </Button>
        )}
      </td>
    </tr>
  );
});

const written = (value: number | undefined): string => (value === undefined ? '' : String(value));
