import { asText } from '../../components/Cell';
import { Controller, type Control, type FieldPath } from 'react-hook-form';
import styled from 'styled-components';
import { TickCell } from '../../components/Cell';
import { Field } from '../../components/Field';
import { Select } from '../../components/Select';
import { phaseColumns } from './board-columns';
import type { BoardDraft } from './board-draft';
import { RowsEditor } from './RowsEditor';

export const Section = styled.section`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.7rem;
  h2 {
    font-size: 1.15rem;
  }
`;
export const Lines = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 0.8rem 1rem;
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
export const Ticked = styled.label`
  display: inline-flex;
  align-items: center;
  gap: 0.6rem;
  min-height: 44px;
  font-weight: 600;
`;
/** One of a few choices of a board. */
export const Chosen = ({
  control,
  name,
  label,
  choices,
}: {
  readonly control: Control<BoardDraft>;
  readonly name: FieldPath<BoardDraft>;
  readonly label: string;
  readonly choices: readonly { readonly id: string; readonly label: string }[];
}) => (
  <Controller
    control={control}
    name={name}
    render={({ field }) => (
      <Select label={label} value={asText(field.value)} choices={choices} onChange={field.onChange} />
    )}
  />
);

/** One line of text of a board. */
export function Line({
  control,
  name,
  label,
  hint,
}: {
  readonly control: Control<BoardDraft>;
  readonly name: FieldPath<BoardDraft>;
  readonly label: string;
  readonly hint?: string;
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <Field
          label={label}
          value={asText(field.value)}
          onChange={field.onChange}
          onBlur={field.onBlur}
          error={fieldState.error?.message}
          hint={hint}
        />
      )}
    />
  );
}

const severities = [
  { id: 'note', label: 'It reads it' },
  { id: 'warning', label: 'It may not read it' },
  { id: 'bad', label: 'It cannot read it' },
];

/** What the board makes of a kind of stick. */
const Picked = ({
  control,
  name,
  label,
}: {
  readonly control: Control<BoardDraft>;
  readonly name: 'flash.noTable' | 'flash.largePartition';
  readonly label: string;
}) => (
  <Controller
    control={control}
    name={name}
    render={({ field }) => <Select label={label} value={field.value} choices={severities} onChange={field.onChange} />}
  />
);

/** How the board flashes itself, shown where it can. */
export function FlashFields({
  control,
  hasFlash,
}: {
  readonly control: Control<BoardDraft>;
  readonly hasFlash: boolean;
}) {
  return (
    <Section>
      <h2>Bare-board flash</h2>
      <Ticked>
        <TickCell control={control} name="hasFlash" label="The board can flash itself without a processor" />
        The board can flash itself without a processor
      </Ticked>
      {hasFlash && (
        <>
          <Lines>
            <Line control={control} name="flash.fileName" label="Exact file name on the stick" />
            <Line
              control={control}
              name="flash.otherFileNames"
              label="Other accepted names"
              hint="Separated by semicolons."
            />
            <Line control={control} name="flash.port" label="Port" />
            <Line control={control} name="flash.button" label="Button" />
            <Line control={control} name="flash.plugs" label="Plugs that must be in" hint="Separated by semicolons." />
            <Line control={control} name="flash.holdSeconds" label="Hold the button (s)" />
            <Line control={control} name="flash.harmlessLights" label="Lights to ignore" />
            <Line control={control} name="flash.gaveUpWithinSeconds" label="Failed if it stops within (s)" />
            <Line control={control} name="flash.worstSeconds" label="Overdue after (s)" />
          </Lines>
          <Lines>
            <Picked control={control} name="flash.noTable" label="Stick without a partition table" />
            <Picked control={control} name="flash.largePartition" label="Partition over 32 GiB" />
          </Lines>
          <Ticked>
            <TickCell control={control} name="flash.shortNamesOnly" label="It reads 8.3 names only" />
            It reads 8.3 names only
          </Ticked>
          <Ticked>
            <TickCell control={control} name="flash.alone" label="The image has to be alone on the stick" />
            The image has to be alone on the stick
          </Ticked>
          <RowsEditor
            control={control}
            name="flash.phases"
            columns={phaseColumns}
            empty={{ phase: 'writing', light: 'blink', periodSeconds: '', fromSeconds: '', toSeconds: '' }}
            add="Add a phase"
          />
        </>
      )}
    </Section>
  );
}
