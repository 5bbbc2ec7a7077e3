import { ClipboardList } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Dialog, DialogTrigger, Heading } from 'react-aria-components';
import { CIRCUMSTANCES, type Circumstance } from '../../../../core/faults';
import { ownerTries, type EventBody } from '../../../../core/casework';
import type { Machine } from '../../../../core/machine';
import { START_OUTCOMES, START_OUTCOME_LABELS } from '../../../../core/startup';
import { Button } from '../../../components/Button';
import { CheckGrid, ChoiceGrid } from '../../../components/ChoiceGrid';
import { Select } from '../../../components/Select';
import { ConsentSheet } from '../../case-log/ConsentSheet';
import { circumstanceWords } from '../../../../core/record';
import { HeadButton } from './HeadButton';
import { HeadSheet } from './HeadSheet';

interface KnownFactsProps {
  readonly machine: Machine;
  readonly known: readonly Circumstance[];
  readonly onSet: (body: EventBody) => void;
}

/** What is known of the case besides its parts: it can be learned at any time, and counts from then on. */
export function KnownFacts({ machine, known, onSet }: KnownFactsProps) {
  const [asksConsent, setAsksConsent] = useState(false);
  if (asksConsent) {
    const note = (consent: EventBody) => {
      setAsksConsent(false);
      onSet(consent);
    };
    return <ConsentSheet asked={null} onNote={note} onClose={() => setAsksConsent(false)} />;
  }
  return (
    <DialogTrigger>
      <HeadButton $kind="quiet" aria-label={`What is known: ${known.length}`}>
        <ClipboardList size={16} aria-hidden /> Known
      </HeadButton>
      <HeadSheet placement="bottom end">
        <Dialog>
          {({ close }) => {
            const set = (body: EventBody) => {
              close();
              onSet(body);
            };
            return (
              <>
                <KnownForm known={known} onSet={set} />
                {!machine.onBench && <OwnerTryForm machine={machine} onSet={set} />}
                <Button onPress={() => setAsksConsent(true)}>Note what the owner agreed to</Button>
              </>
            );
          }}
        </Dialog>
      </HeadSheet>
    </DialogTrigger>
  );
}

const choices = CIRCUMSTANCES.map((id) => ({ id, label: circumstanceWords[id] }));
const sources = [
  { id: 'bench', label: 'Found at the bench' },
  { id: 'owner', label: 'The owner says so' },
];

function KnownForm({ known, onSet }: Omit<KnownFactsProps, 'machine'>) {
  const [picked, setPicked] = useState<readonly string[]>(known);
  const [source, setSource] = useState('bench');
  const isChanged = picked.length !== known.length || picked.some((id) => !known.includes(id as Circumstance));
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onSet({
          kind: 'circumstances-set',
          circumstances: CIRCUMSTANCES.filter((id) => picked.includes(id)),
          source: source === 'owner' ? 'owner' : 'bench',
        });
      }}
    >
      <Heading slot="title">What is known</Heading>
      <p>
        It counts from now on. After liquid, smoke or a tripped breaker nothing is powered until it has been looked at.
      </p>
      <CheckGrid label="Besides the parts" choices={choices} values={picked} onChange={setPicked} />
      <ChoiceGrid label="Where from" choices={sources} value={source} onChange={setSource} />
      <Button type="submit" $kind="primary" isDisabled={!isChanged}>
        Note it
      </Button>
    </form>
  );
}

const results = [
  { id: 'not-sure', label: 'Nobody can say' },
  ...START_OUTCOMES.map((id) => ({ id, label: START_OUTCOME_LABELS[id] })),
];

/** What the owner tried at home counts less than what is seen at the bench. */
function OwnerTryForm({ machine, onSet }: Omit<KnownFactsProps, 'known'>) {
  const tries = useMemo(() => ownerTries(machine), [machine]);
  const [trial, setTrial] = useState('');
  const [outcome, setOutcome] = useState('not-sure');
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        const result = START_OUTCOMES.find((id) => id === outcome) ?? 'not-sure';
        onSet({ kind: 'owner-tried', trial, outcome: result });
      }}
    >
      <h2>What the owner tried</h2>
      <p>It counts less than what you see yourself. Who opened the case may also have left something loose.</p>
      <Select
        label="Tried"
        value={trial}
        choices={[{ id: '', label: 'Choose' }, ...tries.map((one) => ({ id: one.trial, label: one.label }))]}
        onChange={setTrial}
      />
      <Select label="It did then" value={outcome} choices={results} onChange={setOutcome} />
      <Button type="submit" isDisabled={trial === ''}>
        Note what was tried
      </Button>
    </form>
  );
}
