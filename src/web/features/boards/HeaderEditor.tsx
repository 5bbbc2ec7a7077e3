import { Trash2 } from 'lucide-react';
import { useWatch, type FieldPath, type UseFormReturn } from 'react-hook-form';
import styled from 'styled-components';
import { Button } from '../../components/Button';
import { TextCell } from '../../components/Cell';
import type { BoardDraft } from './board-draft';

const Box = styled.div`
  display: grid;
  gap: 0.5rem;
  padding-bottom: 0.8rem;
  border-bottom: 1px solid ${({ theme }) => theme.line};
`;
const Line = styled.div`
  display: grid;
  grid-template-columns: minmax(7rem, 1fr) minmax(10rem, 2fr) 5rem 5rem auto;
  gap: 0.5rem;
  align-items: start;
  @media (max-width: 760px) {
    grid-template-columns: 1fr 1fr;
  }
  span {
    font-size: 0.9rem;
    color: ${({ theme }) => theme.muted};
  }
`;
const Pins = styled.div<{ $columns: number }>`
  display: grid;
  grid-template-columns: repeat(${({ $columns }) => $columns}, minmax(5.5rem, 8rem));
  gap: 0.3rem;
  overflow-x: auto;
`;

const most = 40;
const countOf = (typed: string): number => {
  const count = Number(typed);
  return Number.isInteger(count) && count >= 1 ? Math.min(count, most) : 0;
};

/** A header with its pins, laid out as they lie on the board; an empty place has no pin. */
export function HeaderEditor({
  form,
  index,
  onRemove,
}: {
  readonly form: UseFormReturn<BoardDraft>;
  readonly index: number;
  readonly onRemove: () => void;
}) {
  const { control } = form;
  const header = useWatch({ control, name: `headers.${index}` });
  const [rows, columns] = [countOf(header.rows), countOf(header.columns)];
  const cell = (key: 'name' | 'purpose' | 'rows' | 'columns', words: string) => (
    <label>
      <span>{words}</span>
      <TextCell control={control} name={`headers.${index}.${key}`} label={`${words}, header ${index + 1}`} />
    </label>
  );
  return (
    <Box>
      <Line>
        {cell('name', 'Name')}
        {cell('purpose', 'For')}
        {cell('rows', 'Rows')}
        {cell('columns', 'Pins a row')}
        <Button $kind="quiet" aria-label={`Take out header ${index + 1}`} onPress={onRemove}>
          <Trash2 size={17} aria-hidden />
        </Button>
      </Line>
      {rows * columns > 0 && rows * columns <= 80 && (
        <Pins $columns={columns}>
          {Array.from({ length: rows * columns }, (_, i) => {
            const [row, column] = [Math.floor(i / columns), i % columns];
            return (
              <TextCell
                key={`${row}-${column}`}
                control={control}
                name={`headers.${index}.labels.${row}.${column}` as FieldPath<BoardDraft>}
                label={`Header ${index + 1}, row ${row + 1}, pin ${column + 1}`}
              />
            );
          })}
        </Pins>
      )}
    </Box>
  );
}
