import { useState } from 'react';
import { useParams } from 'react-router';
import { CONSENT_KINDS, CONSENT_WAYS, type ConsentKind, type ConsentWay } from '../../../core/casework';
import { consentKindWords, consentWayWords } from '../../../core/record';
import { Button } from '../../components/Button';
import { ChoiceGrid } from '../../components/ChoiceGrid';
import { Field } from '../../components/Field';
import { FormSheet } from '../../components/FormSheet';
import { capitalized } from '../../components/format';
import { Select } from '../../components/Select';
import { newId } from '../../stores/new-id';
import { SignatureField } from './attachments/SignatureField';
import { useAddFiles } from './attachments/use-attachments';
import type { NewEvent } from './use-case-actions';

interface ConsentText {
  readonly words: string;
  readonly shown: string;
  readonly upTo: string;
}

interface ConsentSheetProps {
  /** What is asked for; null lets the person choose. */
  readonly asked: ConsentKind | null;
  readonly onNote: (consent: NewEvent) => void;
  readonly onClose: () => void;
}

/** What somebody agreed to or refused: in which words, by which way, and what was shown as proof. */
export function ConsentSheet({ asked, onNote, onClose }: ConsentSheetProps) {
  const [to, setTo] = useState<ConsentKind>(asked ?? 'data-may-be-lost');
  const [way, setWay] = useState<ConsentWay>('in-person');
  const [text, setText] = useState<ConsentText>({ words: '', shown: '', upTo: '' });
  const signing = useSigning();
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const type = (field: keyof ConsentText) => (value: string) => {
    setText((before) => ({ ...before, [field]: value }));
    setErrors({});
  };
  const note = (isAgreed: boolean) => {
    const found = problemsOf(to, isAgreed, text);
    setErrors(found);
    if (Object.keys(found).length > 0) return;
    const id = newId();
    onNote({
      id,
      kind: 'consent-noted',
      to,
      isAgreed,
      way,
      words: text.words.trim(),
      ...(to === 'password-clearing' && text.shown.trim() ? { shown: text.shown.trim() } : {}),
      ...(to === 'over-limit' && isAgreed ? { upTo: Number(text.upTo.trim().replace(',', '.')) } : {}),
    });
    if (way === 'in-person') signing.send(id);
  };
  return (
    <FormSheet
      title={asked ? consentKindWords[asked] : 'What was agreed'}
      submit="Agreed"
      actions={<Button onPress={() => note(false)}>Refused</Button>}
      onSubmit={() => note(true)}
      onClose={onClose}
    >
      <ConsentFields
        draft={{ to, way, text }}
        asked={asked}
        errors={errors}
        onTo={setTo}
        onWay={setWay}
        onType={type}
      />
      {way === 'in-person' && signing.field}
    </FormSheet>
  );
}

/** A signature of the owner under what was agreed, where somebody wants one. */
function useSigning() {
  const { id: caseId = '' } = useParams();
  const { add } = useAddFiles();
  const [isOpen, setOpen] = useState(false);
  const [signature, setSignature] = useState<File | null>(null);
  return {
    send: (of: string) => {
      if (signature) void add(caseId, [signature], { of, name: 'Signature', signs: { paper: 'consent', by: 'owner' } });
    },
    field: isOpen ? (
      <SignatureField label="Signature of the owner" onDrawn={setSignature} />
    ) : (
      <Button onPress={() => setOpen(true)}>Sign on the screen</Button>
    ),
  };
}

interface ConsentFieldsProps {
  readonly draft: { readonly to: ConsentKind; readonly way: ConsentWay; readonly text: ConsentText };
  readonly asked: ConsentKind | null;
  readonly errors: Readonly<Record<string, string>>;
  readonly onTo: (to: ConsentKind) => void;
  readonly onWay: (way: ConsentWay) => void;
  readonly onType: (field: keyof ConsentText) => (value: string) => void;
}

/** What belongs to the kind of consent that is noted. */
function ConsentFields({ draft: { to, way, text }, asked, errors, onTo, onWay, onType }: ConsentFieldsProps) {
  return (
    <>
      {!asked && (
        <Select
          label="To what"
          value={to}
          choices={CONSENT_KINDS.map((id) => ({ id, label: consentKindWords[id] }))}
          onChange={(id) => onTo(id as ConsentKind)}
        />
      )}
      <ChoiceGrid
        label="How"
        columns={3}
        choices={CONSENT_WAYS.map((id) => ({ id, label: capitalized(consentWayWords[id]) }))}
        value={way}
        onChange={(id) => onWay(id as ConsentWay)}
      />
      <Field
        label="In which words"
        hint="And who it was, where it was not the owner."
        value={text.words}
        onChange={onType('words')}
        error={errors.words}
        rows={2}
        maxLength={400}
      />
      {to === 'password-clearing' && (
        <Field
          label="What was shown as proof of ownership"
          hint="You saw it: the entry bears your name."
          value={text.shown}
          onChange={onType('shown')}
          error={errors.shown}
          maxLength={200}
        />
      )}
      {to === 'over-limit' && (
        <Field label="It may cost now up to" value={text.upTo} onChange={onType('upTo')} error={errors.upTo} />
      )}
    </>
  );
}

function problemsOf(to: ConsentKind, isAgreed: boolean, { words, shown, upTo }: ConsentText): Record<string, string> {
  const found: Record<string, string> = {};
  if (words.trim() === '') found.words = 'Enter what was said.';
  if (to === 'password-clearing' && isAgreed && shown.trim() === '') found.shown = 'Enter what was shown.';
  if (to === 'over-limit' && isAgreed && !/^\d{1,6}([.,]\d{1,2})?$/.test(upTo.trim()))
    found.upTo = 'Enter an amount, for instance 120.';
  return found;
}
