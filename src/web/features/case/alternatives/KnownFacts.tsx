import { ClipboardList } from 'lucide-react';
import { useState } from 'react';
import { Dialog, DialogTrigger, Heading } from 'react-aria-components';
import { CIRCUMSTANCES, type Circumstance } from '../../../../core/faults';
import type { EventBody } from '../../../../core/casework';
import { Button } from '../../../components/Button';
import { CheckGrid, ChoiceGrid } from '../../../components/ChoiceGrid';
import { circumstanceWords } from '../../case-log/circumstance-words';
import { HeadButton } from './HeadButton';
import { HeadSheet } from './HeadSheet';

interface KnownFactsProps {
  readonly known: readonly Circumstance[];
  readonly onSet: (body: EventBody) => void;
}

/** What is known of the case besides its parts: it can be learned at any time, and counts from then on. */
export function KnownFacts({ known, onSet }: KnownFactsProps) {
  return (
    <DialogTrigger>
      <HeadButton $kind="quiet" aria-label={`What is known: ${known.length}`}>
        <ClipboardList size={16} aria-hidden /> Known
      </HeadButton>
      <HeadSheet placement="bottom end">
        <Dialog>
          {({ close }) => (
            <KnownForm
              known={known}
              onSet={(body) => {
                close();
                onSet(body);
              }}
            />
          )}
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

function KnownForm({ known, onSet }: KnownFactsProps) {
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
