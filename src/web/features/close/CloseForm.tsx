import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect, useRef, useState } from 'react';
import { Controller, useForm, useWatch, type Control } from 'react-hook-form';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import * as z from 'zod';
import {
  closingDiagnosis,
  ENDINGS,
  lastCheck,
  proofOfCause,
  type CaseState,
  type CheckPoint,
  type Ending,
  type EventBody,
} from '../../../core/casework';
import { PART_VERDICTS, type Confirmation, type Diagnosis } from '../../../core/diagnosis';
import { Button } from '../../components/Button';
import { ChoiceGrid } from '../../components/ChoiceGrid';
import { Field } from '../../components/Field';
import { listOf, percent } from '../../components/format';
import { ConsentSheet } from '../case-log/ConsentSheet';
import { SaveNotice } from '../case-log/SaveNotice';
import { useCaseActions } from '../case-log/use-case-actions';
import { LastCheck } from './LastCheck';
import { ProofStrip } from './ProofStrip';
import { SparesStillOut } from './SparesStillOut';

const Form = styled.form`
  display: grid;
  gap: 1.5rem;
  max-width: 54rem;
`;
const Foot = styled.div`
  display: flex;
  gap: 0.8rem;
`;

const endingWords: Readonly<Record<Ending, string>> = {
  repaired: 'Repaired',
  'work-around': 'Workaround, agreed with the owner',
  'nothing-wrong': 'Nothing was wrong',
  'parts-tested': 'Parts tested',
  returned: 'Returned under warranty',
  'given-up': 'Given up',
};

const notListed = 'not-listed';
const suspectsListed = 5;

const schema = z.object({
  ending: z.enum(ENDINGS),
  fault: z.string(),
  cause: z.string().trim().min(1, 'Enter what it was.').max(400, 'At most 400 characters.'),
  done: z
    .string()
    .trim()
    .min(1, 'Enter what was done; a bare "no luck" helps nobody.')
    .max(2000, 'At most 2000 characters.'),
});
type CloseDraft = z.infer<typeof schema>;

/** What was done so far that fixes something, in the order of the log. */
function repairsInWords(state: CaseState): string {
  const repairs = state.entries.flatMap(({ event, trial, struckBy }) =>
    event.kind === 'trial-done' && trial?.repair && struckBy === null && event.outcome !== 'could-not'
      ? [trial.repair.title]
      : [],
  );
  return [...new Set(repairs)].map((title) => `${title}.`).join(' ');
}

/** What the advice and the likeliest repair suggest. */
function usualEnding({ advice, proving, suspects: [top] }: Diagnosis): Ending {
  if (proving) return 'parts-tested';
  if (advice.kind === 'nothing-seen') return 'nothing-wrong';
  return top?.repair.id.startsWith('leave-') ? 'work-around' : 'repaired';
}

const mostWords = 400;

/** The list that a bench test ends in, as far as it fits in one field; the whole list stands on the closed case. */
function verdictsInWords({ machine }: CaseState, { verdicts }: NonNullable<Diagnosis['proving']>): string {
  const lines = PART_VERDICTS.flatMap(([verdict, words]) => {
    const names = machine.parts.filter(({ id }) => verdicts[id] === verdict).map(({ name }) => name);
    return names.length === 0 ? [] : [`${words}: ${listOf(names)}.`];
  });
  const text = lines.join(' ');
  return text.length <= mostWords ? text : `${text.slice(0, mostWords - 1)}…`;
}

const proofWords: Readonly<Record<Confirmation, string>> = {
  suggested: 'Only calculated. Nothing in the log made the fault go away and come back.',
  supported: 'The fault went away with the change. It was not brought back.',
  proven: 'The fault went away with the change, came back without it, and went away again.',
};

interface CloseFormProps {
  readonly caseId: string;
  readonly state: CaseState;
  readonly diagnosis: Diagnosis;
}

/** The form's values, and how they are recorded. */
function useCloseForm({ caseId, state, diagnosis }: CloseFormProps, known: Diagnosis['suspects']) {
  const [top] = known;
  const form = useForm<CloseDraft>({
    defaultValues: {
      ending: usualEnding(diagnosis),
      fault: diagnosis.proving ? notListed : (top?.fault ?? notListed),
      cause: diagnosis.proving ? verdictsInWords(state, diagnosis.proving) : (top?.title ?? ''),
      done: repairsInWords(state) || (diagnosis.proving ? 'Tested on the bench.' : ''),
    },
    resolver: zodResolver(schema),
  });
  const actions = useCaseActions(caseId);
  const navigate = useNavigate();
  const back = () => void navigate(`/cases/${caseId}`);
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const ending = useWatch({ control: form.control, name: 'ending' });
  const points = lastCheck(state, ending);
  const submit = form.handleSubmit(async ({ fault: id, ...rest }) => {
    const saved = await actions.record({
      kind: 'case-closed',
      // Where nothing was wrong there was no cause.
      fault: id === notListed || rest.ending === 'nothing-wrong' ? null : id,
      ...rest,
      diagnosis: closingDiagnosis(diagnosis),
      ...(points.length > 0 ? { lastCheck: resultOf(points, ticked) } : {}),
      ...(state.sparesOut.length > 0 ? { stillLent: state.sparesOut.map(({ item }) => item) } : {}),
    });
    if (saved) back();
  });
  const check = { points, ticked, onTick: setTicked };
  return { form, submit, back, check, actions, isSaving: actions.isSaving };
}

/** What is done and what is accepted as open, in the words in which it was asked. */
function resultOf(points: readonly CheckPoint[], ticked: readonly string[]) {
  const isDone = ({ id, isShown }: CheckPoint) => isShown || ticked.includes(id);
  const words = (some: readonly CheckPoint[]) => some.map(({ label }) => label);
  return { done: words(points.filter(isDone)), accepted: words(points.filter((one) => !isDone(one))) };
}

/** How a case ends: what it was, how far that is proven, and what was done. */
export function CloseForm({ caseId, state, diagnosis }: CloseFormProps) {
  const known = diagnosis.suspects.filter(({ somethingElse }) => !somethingElse).slice(0, suspectsListed);
  const { form, submit, back, check, actions, isSaving } = useCloseForm({ caseId, state, diagnosis }, known);
  const [edited, setEdited] = useState(false);
  const sheet = useRef<HTMLFormElement>(null);
  // Where all is as it was, Enter closes the case.
  useEffect(() => sheet.current?.querySelector<HTMLElement>('input:checked')?.focus(), []);
  const fault = useWatch({ control: form.control, name: 'fault' });
  const proof = proofOfCause(state, fault === notListed ? null : fault);
  const pick = (id: string) => {
    form.setValue('fault', id);
    if (!edited) form.setValue('cause', known.find((s) => s.fault === id)?.title ?? '');
  };
  return (
    <Form ref={sheet} noValidate onSubmit={(event) => void submit(event)}>
      <Controller
        control={form.control}
        name="ending"
        render={({ field }) => (
          <ChoiceGrid
            label="How does it end?"
            columns={3}
            choices={ENDINGS.map((id) => ({ id, label: endingWords[id] }))}
            value={field.value}
            onChange={field.onChange}
          />
        )}
      />
      {!diagnosis.proving && (
        <ChoiceGrid
          label="What was it?"
          columns={1}
          choices={[
            ...known.map((s) => ({ id: s.fault, label: `${s.title} (${percent(s.probability)})` })),
            { id: notListed, label: 'Something not listed' },
          ]}
          value={fault}
          onChange={pick}
        />
      )}
      {!diagnosis.proving && <ProofStrip proof={proof} words={proofWords[proof]} />}
      <CloseWords control={form.control} onEdit={() => setEdited(true)} />
      <SparesStillOut state={state} onRecord={(body) => void actions.record(body)} />
      <LastCheck {...check} />
      <AskWorkaround check={check} onNote={(consent) => void actions.record(consent)} />
      <SaveNotice caseId={caseId} />
      <Foot>
        <Button type="submit" $kind="primary" isDisabled={isSaving}>
          Close the case
        </Button>
        <Button onPress={back}>Back to the bench</Button>
      </Foot>
    </Form>
  );
}

interface AskWorkaroundProps {
  readonly check: { readonly points: readonly CheckPoint[] };
  readonly onNote: (consent: EventBody) => void;
}

/** A workaround stays only where the owner agrees: that is noted here, where nobody noted it before. */
function AskWorkaround({ check: { points }, onNote }: AskWorkaroundProps) {
  const [isOpen, setOpen] = useState(false);
  const isAsked = points.some(({ id, isShown }) => id === 'workaround' && !isShown);
  if (!isAsked) return null;
  return (
    <div>
      <Button onPress={() => setOpen(true)}>Note that the owner agrees to the workaround</Button>
      {isOpen && (
        <ConsentSheet
          asked="workaround"
          onNote={(consent) => {
            setOpen(false);
            onNote(consent);
          }}
          onClose={() => setOpen(false)}
        />
      )}
    </div>
  );
}

function CloseWords({ control, onEdit }: { readonly control: Control<CloseDraft>; readonly onEdit: () => void }) {
  return (
    <>
      <Controller
        control={control}
        name="cause"
        render={({ field, fieldState }) => (
          <Field
            label="The cause, in words"
            value={field.value}
            onChange={(value) => {
              onEdit();
              field.onChange(value);
            }}
            error={fieldState.error?.message}
          />
        )}
      />
      <Controller
        control={control}
        name="done"
        render={({ field, fieldState }) => (
          <Field
            label="What was done"
            rows={3}
            value={field.value}
            onChange={field.onChange}
            error={fieldState.error?.message}
          />
        )}
      />
    </>
  );
}
