import { Wrench } from 'lucide-react';
import { useState } from 'react';
import { Dialog, DialogTrigger, Heading } from 'react-aria-components';
import type { TrialView, Lacking } from '../../../../core/diagnosis';
import { kindInWords, type PartKind } from '../../../../core/machine';
import { useShelfLacks } from '../../../api/shelf';
import { Button } from '../../../components/Button';
import { CheckGrid } from '../../../components/ChoiceGrid';
import { HeadButton } from './HeadButton';
import { HeadSheet } from './HeadSheet';

const unique = <T extends string>(values: readonly T[]): T[] => [...new Set(values)].sort();
const choicesOf = (ids: readonly string[]) => ids.map((id) => ({ id, label: id.replaceAll('-', ' ') }));

/** What is not at hand: trials that need it are not proposed. */
export function ToolsAndSpares({
  trials,
  lacking,
  onSet,
}: {
  readonly trials: readonly TrialView[];
  readonly lacking: Lacking;
  readonly onSet: (lacking: { tools: string[]; spares: PartKind[] }) => void;
}) {
  const count = lacking.tools.length + lacking.spares.length;
  return (
    <DialogTrigger>
      <HeadButton
        $kind="quiet"
        aria-label={count === 0 ? 'Tools and spares missing' : `Tools and spares missing: ${count}`}
      >
        <Wrench size={16} aria-hidden /> {count === 0 ? 'Tools' : `${count} missing`}
      </HeadButton>
      <HeadSheet placement="bottom end">
        <Dialog>
          {({ close }) => (
            <LackingForm
              tools={unique([...trials.flatMap((trial) => trial.tools), ...lacking.tools])}
              spares={unique([...trials.flatMap((trial) => trial.spares), ...lacking.spares])}
              lacking={lacking}
              onSet={(set) => {
                close();
                onSet(set);
              }}
            />
          )}
        </Dialog>
      </HeadSheet>
    </DialogTrigger>
  );
}

function LackingForm({
  tools,
  spares,
  lacking,
  onSet,
}: {
  readonly tools: readonly string[];
  readonly spares: readonly string[];
  readonly lacking: Lacking;
  readonly onSet: (lacking: { tools: string[]; spares: PartKind[] }) => void;
}) {
  const shelfLacks = useShelfLacks();
  const [noTools, setNoTools] = useState<readonly string[]>(lacking.tools);
  const [noSpares, setNoSpares] = useState<readonly string[]>(lacking.spares);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onSet({ tools: [...noTools], spares: [...noSpares] as PartKind[] });
      }}
    >
      <Heading slot="title">Tools and spares missing</Heading>
      <p>Tick what is missing. Tests that need it are left out; others are suggested.</p>
      <CheckGrid label="Tools" choices={choicesOf(tools)} values={noTools} onChange={setNoTools} />
      <CheckGrid label="Known-good spares" choices={choicesOf(spares)} values={noSpares} onChange={setNoSpares} />
      {shelfLacks.length > 0 && (
        <p>Not on the shelf either: {shelfLacks.map((kind) => kindInWords(kind)).join(', ')}.</p>
      )}
      <Button type="submit" $kind="primary">
        Continue without these
      </Button>
    </form>
  );
}
