import { zodResolver } from '@hookform/resolvers/zod';
import { AudioLines, Eye } from 'lucide-react';
import { Controller, useForm, type Control } from 'react-hook-form';
import { Dialog, DialogTrigger, Heading } from 'react-aria-components';
import { Link } from 'react-router';
import styled from 'styled-components';
import { outcomeOfSigns, START_OUTCOME_LABELS, type StartSigns } from '../../../../core/startup';
import { Button } from '../../../components/Button';
import { CheckGrid } from '../../../components/ChoiceGrid';
import { capitalized, uncapitalized } from '../../../components/format';
import { Field } from '../../../components/Field';
import { Select } from '../../../components/Select';
import { ModalSheet, Overlay } from '../../../components/Sheet';
import { useDesk, useDeskStore } from '../../../stores/desk-store';
import { signsInWords } from '../../../../core/record';
import { draftOfSigns, emptySeen, seenDraftSchema, signsOfDraft, type SeenDraft } from './seen-draft';

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 0.8rem;
  margin: -0.2rem 0 0.3rem -0.5rem;
`;
const Small = styled(Button)`
  min-height: 34px;
  padding: 0.2rem 0.5rem;
  font-weight: 600;
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;
const Form = styled.form`
  display: grid;
  gap: 0.8rem;
`;
const Fields = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  @media (max-width: 560px) {
    grid-template-columns: minmax(0, 1fr);
  }
  gap: 0.5rem 0.8rem;
  align-items: start;
`;
const WideSheet = styled(ModalSheet)`
  width: min(42rem, 94vw);
`;
const Foot = styled.div`
  display: flex;
  gap: 0.6rem;
`;

/** Everything else that a start showed: it is noted first, and goes into the log with the outcome that is pressed. */
export function MoreSeen({ caseId, isUnderLoad }: { readonly caseId: string; readonly isUnderLoad: boolean }) {
  const { seen } = useDesk(caseId);
  const change = useDeskStore((store) => store.change);
  return (
    <Row>
      <Small $kind="quiet" as={Link} {...{ to: `/cases/${caseId}/signals` }}>
        <AudioLines size={18} aria-hidden /> Lights, codes, beeps
      </Small>
      <DialogTrigger>
        <Small $kind="quiet">
          <Eye size={18} aria-hidden /> {seen ? 'Change what else was seen' : 'More was seen'}
        </Small>
        <Overlay isDismissable>
          <WideSheet>
            <Dialog>
              {({ close }) => (
                <SeenForm
                  seen={seen}
                  isUnderLoad={isUnderLoad}
                  onKeep={(signs) => {
                    close();
                    change(caseId, { seen: signs });
                  }}
                />
              )}
            </Dialog>
          </WideSheet>
        </Overlay>
      </DialogTrigger>
      {seen && (
        <span role="status">
          {capitalized(signsInWords(seen).join('; '))}. By itself:{' '}
          {uncapitalized(START_OUTCOME_LABELS[outcomeOfSigns(seen)])}.
        </span>
      )}
    </Row>
  );
}

const answerChoices = [
  { id: 'none', label: 'Not tried' },
  { id: 'answers', label: 'It starts again' },
  { id: 'silent', label: 'No answer' },
];
const messageChoices = (['message-fan', 'message-usb', 'message-keyboard', 'message-settings', 'no-boot'] as const).map(
  (id) => ({ id, label: START_OUTCOME_LABELS[id] }),
);

function SeenForm({
  seen,
  isUnderLoad,
  onKeep,
}: {
  readonly seen: StartSigns | null;
  readonly isUnderLoad: boolean;
  readonly onKeep: (signs: StartSigns | null) => void;
}) {
  const { control, handleSubmit } = useForm<SeenDraft>({
    defaultValues: seen ? draftOfSigns(seen) : emptySeen,
    resolver: zodResolver(seenDraftSchema),
  });
  const keep = handleSubmit((draft) => onKeep(signsOfDraft(draft, seen)));
  return (
    <Form noValidate onSubmit={(event) => void keep(event)}>
      <Heading slot="title">What else did this start show?</Heading>
      <Fields>
        <Typed control={control} name="restarts" label="Restarts by itself" />
        <Typed
          control={control}
          name="cutOutAfter"
          label={isUnderLoad ? 'Seconds under load' : 'Off after, in seconds'}
        />
        <Controller
          control={control}
          name="answersAgain"
          render={({ field }) => (
            <Select
              label="The button afterwards"
              value={field.value}
              choices={answerChoices}
              onChange={field.onChange}
            />
          )}
        />
      </Fields>
      <Controller
        control={control}
        name="messages"
        render={({ field }) => (
          <CheckGrid
            label="Further messages on the screen"
            choices={messageChoices}
            values={field.value}
            onChange={(ids) => field.onChange(ids)}
          />
        )}
      />
      <Foot>
        <Button type="submit" $kind="primary">
          Keep it for the outcome
        </Button>
        {seen && <Button onPress={() => onKeep(signsOfDraft(emptySeen, seen))}>Nothing of this was seen</Button>}
      </Foot>
    </Form>
  );
}

interface TypedProps {
  readonly control: Control<SeenDraft>;
  readonly name: 'restarts' | 'cutOutAfter';
  readonly label: string;
}

const Typed = ({ control, name, label }: TypedProps) => (
  <Controller
    control={control}
    name={name}
    render={({ field, fieldState }) => (
      <Field label={label} value={field.value} onChange={field.onChange} error={fieldState.error?.message} />
    )}
  />
);
