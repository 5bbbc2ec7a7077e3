import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { fieldProblems, parseSafely, worthSchema } from '../../../contracts';
import { DECISIONS, type CaseState, type Decision, type EventBody, type Worth } from '../../../core/casework';
import type { Diagnosis } from '../../../core/diagnosis';
import { decide, plainAmount, type DecisionOption, type Rates } from '../../../core/money';
import { decisionWords } from '../../../core/record';
import { useShopSettings } from '../../api/shop';
import { Button } from '../../components/Button';
import { ChoiceGrid } from '../../components/ChoiceGrid';
import { Field } from '../../components/Field';
import { FormSheet } from '../../components/FormSheet';
import { amountTyped } from '../../components/PartFields';
import { Allowed } from '../../shell/Allowed';
import { Panel, PanelHead, Table } from './panel-parts';

const Fields = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(9rem, 1fr));
  align-items: start;
  gap: 0.7rem;
  margin-bottom: 0.6rem;
`;
const Tick = styled.label`
  display: flex;
  align-items: center;
  gap: 0.6rem;
  min-height: 44px;
  cursor: pointer;
  input {
    flex: none;
    width: 1.4rem;
    height: 1.4rem;
    accent-color: ${({ theme }) => theme.strong};
  }
`;
const Closed = styled.tr`
  color: ${({ theme }) => theme.muted};
`;
const Words = styled.p`
  margin-top: 0.5rem;
`;

type WorthDraft = Readonly<Record<'value' | 'another' | 'dayWithout' | 'partDays', string>>;

const fields = [
  { of: 'value', label: 'Worth when it runs' },
  { of: 'another', label: 'A like machine' },
  { of: 'dayWithout', label: 'A day without it' },
  { of: 'partDays', label: 'Days until a part' },
] as const satisfies readonly { readonly of: keyof WorthDraft; readonly label: string }[];

/** What was typed, as far as it can be read; and what cannot, by field. */
function worthOf(
  draft: WorthDraft,
  underWarranty: boolean,
): { readonly worth: Worth; readonly errors: Readonly<Record<string, string>> } {
  const { partDays, ...amounts } = draft;
  const typed = Object.fromEntries(
    Object.entries(amounts).flatMap(([of, text]) => (text.trim() === '' ? [] : [[of, amountTyped(text)]])),
  );
  const days = partDays.trim() === '' ? {} : { partDays: Number(amountTyped(partDays)) };
  const all = { ...typed, ...days, ...(underWarranty ? { underWarranty } : {}) };
  const read = parseSafely(worthSchema, all);
  if (read.success) return { worth: read.data, errors: {} };
  const errors = Object.fromEntries(fieldProblems(read.error).map(({ path, message }) => [String(path[0]), message]));
  const sound = Object.fromEntries(Object.entries(all).filter(([of]) => errors[of] === undefined));
  return { worth: sound, errors };
}

const draftOf = ({ value = '', another = '', dayWithout = '', partDays }: Worth = {}): WorthDraft => ({
  value,
  another,
  dayWithout,
  partDays: partDays === undefined ? '' : String(partDays),
});

interface DecidePanelProps {
  readonly state: CaseState;
  readonly diagnosis: Diagnosis;
  readonly onRecord: (body: EventBody) => void;
}

/** What each way of going on costs, and what the owner chose. */
export function DecidePanel(props: DecidePanelProps) {
  const { data } = useShopSettings();
  return data ? <Deciding {...props} rates={data.rates} /> : null;
}

function Deciding({ state, diagnosis, onRecord, rates }: DecidePanelProps & { readonly rates: Rates }) {
  const { decision } = state.money;
  const known = decision?.worth;
  const [draft, setDraft] = useState(() => draftOf(known));
  const [underWarranty, setUnderWarranty] = useState(known?.underWarranty ?? false);
  const [isOpen, setOpen] = useState(false);
  const { worth, errors } = useMemo(() => worthOf(draft, underWarranty), [draft, underWarranty]);
  const { options, breakEven } = useMemo(() => decide(diagnosis, { rates, worth }), [diagnosis, rates, worth]);
  return (
    <Panel aria-labelledby="parts-decide">
      <PanelHead>
        <h2 id="parts-decide">Deciding</h2>
        {state.stage !== 'closed' && (
          <Allowed action="write-cases">
            <Button onPress={() => setOpen(true)}>Note what was chosen</Button>
          </Allowed>
        )}
      </PanelHead>
      <WorthFields
        draft={draft}
        errors={errors}
        underWarranty={underWarranty}
        onDraft={setDraft}
        onWarranty={setUnderWarranty}
      />
      <Table>
        <tbody>
          {options.map((option) => (
            <OptionRow key={option.decision} option={option} currency={rates.currency} />
          ))}
        </tbody>
      </Table>
      {breakEven !== null && (
        <Words>
          Repair and another machine cost the same where the part costs {plainAmount(breakEven)} {rates.currency}{' '}
          without tax.
        </Words>
      )}
      {decision && (
        <Words>
          <strong>Chosen: {decisionWords[decision.choice].toLowerCase()}.</strong> {decision.words}
        </Words>
      )}
      {isOpen && (
        <ChoiceSheet
          first={options[0]?.decision ?? 'repair'}
          onClose={() => setOpen(false)}
          onChoose={(choice, words) => {
            setOpen(false);
            onRecord({ kind: 'decision-noted', choice, worth, ...(words ? { words } : {}) });
          }}
        />
      )}
    </Panel>
  );
}

interface WorthFieldsProps {
  readonly draft: WorthDraft;
  readonly errors: Readonly<Record<string, string>>;
  readonly underWarranty: boolean;
  readonly onDraft: (draft: WorthDraft) => void;
  readonly onWarranty: (underWarranty: boolean) => void;
}

/** What is known of the machine besides its fault. */
function WorthFields({ draft, errors, underWarranty, onDraft, onWarranty }: WorthFieldsProps) {
  return (
    <>
      <Fields>
        {fields.map(({ of, label }) => (
          <Field
            key={of}
            label={label}
            value={draft[of]}
            onChange={(text) => onDraft({ ...draft, [of]: text })}
            error={errors[of]}
            maxLength={12}
          />
        ))}
      </Fields>
      <Tick>
        <input type="checkbox" checked={underWarranty} onChange={({ target }) => onWarranty(target.checked)} />
        It is under warranty
      </Tick>
    </>
  );
}

function OptionRow({ option, currency }: { readonly option: DecisionOption; readonly currency: string }) {
  const { decision, low, high, daysLow, daysHigh, words, isOpen } = option;
  if (!isOpen)
    return (
      <Closed>
        <th scope="row">{decisionWords[decision]}</th>
        <td>{words}</td>
        <td data-figure />
      </Closed>
    );
  const days = daysLow === daysHigh ? `${daysLow} days` : `${daysLow}–${daysHigh} days`;
  const money = low === high ? plainAmount(low) : `${plainAmount(low)}–${plainAmount(high)}`;
  return (
    <tr>
      <th scope="row">{decisionWords[decision]}</th>
      <td>{words}</td>
      <td data-figure>
        {money} {currency}
        <br />
        {days}
      </td>
    </tr>
  );
}

interface ChoiceSheetProps {
  readonly first: Decision;
  readonly onChoose: (choice: Decision, words: string) => void;
  readonly onClose: () => void;
}

function ChoiceSheet({ first, onChoose, onClose }: ChoiceSheetProps) {
  const [choice, setChoice] = useState<Decision>(first);
  const [words, setWords] = useState('');
  return (
    <FormSheet
      title="What the owner chose"
      submit="Note it"
      onClose={onClose}
      onSubmit={() => onChoose(choice, words.trim())}
    >
      <ChoiceGrid
        label="Choice"
        columns={1}
        choices={DECISIONS.map((id) => ({ id, label: decisionWords[id] }))}
        value={choice}
        onChange={(id) => setChoice(id as Decision)}
      />
      <Field label="In which words" value={words} onChange={setWords} rows={2} maxLength={400} />
    </FormSheet>
  );
}
