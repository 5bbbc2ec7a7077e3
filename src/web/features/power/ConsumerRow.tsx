import { X } from 'lucide-react';
import { memo } from 'react';
import styled from 'styled-components';
import { LOADS, planOf, type FigureSource, type Load, type SheetConsumer } from '../../../core/power';
import { Button } from '../../components/Button';
import { Select } from '../../components/Select';
import { parseFigure, parseRange } from './parse-figures';
import { consumerKindWords, rangeInWords, rangeToType, sourceWords } from './power-words';
import { ValueCell } from './ValueCell';

const Maker = styled.div`
  display: flex;
  gap: 0.3rem;
`;

const watts = { max: 5000, unit: 'watts' };

interface ConsumerRowProps {
  readonly one: SheetConsumer;
  readonly id: string;
  readonly index: number;
  readonly isOnly: boolean;
  readonly onChange: (index: number, change: Partial<SheetConsumer>) => string | null;
  readonly onRemove: (index: number, id: string) => void;
}

/** What one part draws, each figure in its cell: what is usual stands there until something is typed over it. */
export const ConsumerRow = memo(function ConsumerRow(props: ConsumerRowProps) {
  const { one, id, index, isOnly, onChange, onRemove } = props;
  const name = one.name ?? consumerKindWords[one.kind];
  const set = (change: Partial<SheetConsumer>) => onChange(index, change);
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
          onEnter={(text) => enterCount(text, set)}
        />
      </td>
      <td>
        <MakersFigures one={one} name={name} onSet={set} />
      </td>
      <Draws one={one} name={name} onSet={set} />
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

function enterCount(text: string, set: CellsProps['onSet']): string | null {
  const read = parseFigure(text, { min: 1, max: 64, unit: 'how many' });
  if (!read.ok) return read.message;
  return Number.isInteger(read.value ?? 1) ? set({ count: read.value ?? undefined }) : 'expected a whole number';
}

interface CellsProps {
  readonly one: SheetConsumer;
  readonly name: string;
  readonly onSet: (change: Partial<SheetConsumer>) => string | null;
}

type MakersFigure = 'baseWatts' | 'boostWatts' | 'boardWatts';

const figuresOf: Readonly<
  Partial<Record<SheetConsumer['kind'], readonly (readonly [MakersFigure, string, string])[]>>
> = {
  processor: [
    ['baseWatts', 'Base power', 'base'],
    ['boostWatts', 'Boost power', 'boost'],
  ],
  'graphics-card': [['boardWatts', 'Board power', 'board power']],
};

/** The power that the maker gives: of processors and cards the draws follow from it. */
function MakersFigures({ one, name, onSet }: CellsProps) {
  const enter = (text: string, of: MakersFigure) => {
    const read = parseFigure(text, watts);
    return read.ok ? onSet({ [of]: read.value ?? undefined }) : read.message;
  };
  return (
    <Maker>
      {(figuresOf[one.kind] ?? []).map(([of, label, placeholder]) => (
        <ValueCell
          key={of}
          label={`${label} of ${name}`}
          isBare
          shown={one[of] === undefined ? '' : String(one[of])}
          placeholder={placeholder}
          onEnter={(text) => enter(text, of)}
        />
      ))}
    </Maker>
  );
}

/** Its draws at each load, and where they are from. */
function Draws({ one, name, onSet }: CellsProps) {
  const draw = planOf({ consumers: [one] }).consumers[0]?.draw;
  const enter = (text: string, load: Load) => {
    const read = parseRange(text, watts);
    return read.ok ? onSet({ [load]: read.value ?? undefined }) : read.message;
  };
  const hasOwn = LOADS.some((load) => one[load] !== undefined);
  return (
    <>
      {LOADS.map((load) => (
        <td key={load}>
          <ValueCell
            label={`${load} of ${name}, watts`}
            isBare
            shown={rangeToType(one[load])}
            placeholder={draw ? rangeInWords(draw[load]) : ''}
            onEnter={(text) => enter(text, load)}
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
            onChange={(source) => onSet({ source: source as Exclude<FigureSource, 'usual'> })}
          />
        ) : (
          sourceWords[draw?.source ?? 'usual']
        )}
      </td>
    </>
  );
}
