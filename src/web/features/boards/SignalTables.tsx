import { useState } from 'react';
import { useWatch, type Control, type UseFormReturn } from 'react-hook-form';
import { codesFromCsv, codesToCsv } from '../../../core/firmware';
import { beepColumns, codeColumns, lightColumns, lightsRunChoices, speakerChoices } from './board-columns';
import type { BoardDraft } from './board-draft';
import { codeDraft } from './board-draft';
import { codeOf } from './board-of-draft';
import { CsvTools } from './CsvTools';
import { Chosen, Line, Lines, Section } from './form-parts';
import { RowsEditor } from './RowsEditor';

interface SignalTablesProps {
  readonly control: Control<BoardDraft>;
  readonly form: UseFormReturn<BoardDraft>;
}

/** What the board shows with its lights and its display and sounds, and what it means by it. */
export function SignalTables({ control, form }: SignalTablesProps) {
  const speaker = useWatch({ control, name: 'speaker.has' });
  return (
    <>
      <Section>
        <h2>Stage lights, in the order in which they lie</h2>
        <RowsEditor
          control={control}
          name="stageLights"
          columns={lightColumns}
          empty={{ label: '', link: 'processor', colour: '', stays: '', blinks: '', rightOfTen: '' }}
          add="Add a light"
        />
        <Lines>
          <Line control={control} name="lightsPlace.where" label="Where they are on the board" />
          <Chosen control={control} name="lightsPlace.run" label="Their row runs" choices={lightsRunChoices} />
        </Lines>
      </Section>
      <Codes control={control} form={form} />
      <Section>
        <h2>Beeps</h2>
        <RowsEditor
          control={control}
          name="beeps"
          columns={beepColumns}
          empty={{ pattern: '', meaning: '', stage: '', repeats: false }}
          add="Add a pattern"
        />
        <Lines>
          <Chosen control={control} name="speaker.has" label="Speaker" choices={speakerChoices} />
          {speaker === 'header' && <Line control={control} name="speaker.header" label="Header for a speaker" />}
        </Lines>
      </Section>
    </>
  );
}

function Codes({ control, form }: SignalTablesProps) {
  /** A table that was read from a file is drawn again. */
  const [reads, setReads] = useState(0);
  return (
    <Section>
      <h2>Codes on the display</h2>
      <RowsEditor
        key={reads}
        control={control}
        name="codes"
        columns={codeColumns}
        empty={{ code: '', meaning: '', stage: '', waitSeconds: '' }}
        add="Add a code"
      />
      <CsvTools
        what="codes"
        onRead={(text) => {
          const read = codesFromCsv(text);
          if (!read.ok) return read.problems;
          form.setValue('codes', read.codes.map(codeDraft), { shouldDirty: true });
          setReads(reads + 1);
          return [];
        }}
        onWrite={() => {
          const { model, codes } = form.getValues();
          return { csv: codesToCsv(codes.map(codeOf)), of: model };
        }}
      />
    </Section>
  );
}
