import { useState } from 'react';
import { amountSchema } from '../../../contracts';
import { CHARGE_KINDS, type ChargeKind, type EventBody } from '../../../core/casework';
import { plainAmount, type Estimate, type WorkTime } from '../../../core/money';
import { chargeWords } from '../../../core/record';
import { Field } from '../../components/Field';
import { FormSheet } from '../../components/FormSheet';
import { minutesInWords } from '../../components/format';
import { amountTyped } from '../../components/PartFields';
import { Select } from '../../components/Select';

interface SheetProps {
  readonly onRecord: (body: EventBody) => void;
  readonly onClose: () => void;
}

const noAmount = 'expected an amount with at most two decimals, for instance 12.50';
const isAmount = (text: string): boolean => amountSchema.safeParse(amountTyped(text)).success;

/** Something besides work and parts. */
export function ChargeSheet({ onRecord, onClose }: SheetProps) {
  const [of, setOf] = useState<ChargeKind>('service');
  const [name, setName] = useState('');
  const [amount, setAmount] = useState('');
  const [wasTried, setTried] = useState(false);
  const errors = {
    name: name.trim() === '' ? 'Enter what it is for.' : undefined,
    amount: isAmount(amount) ? undefined : noAmount,
  };
  return (
    <FormSheet
      title="Charge or deposit"
      submit="Note it"
      onClose={onClose}
      onSubmit={() => {
        setTried(true);
        if (!errors.name && !errors.amount)
          onRecord({ kind: 'charge-noted', of, name: name.trim(), amount: amountTyped(amount) });
      }}
    >
      <Select
        label="What"
        value={of}
        choices={CHARGE_KINDS.map((id) => ({ id, label: chargeWords[id] }))}
        onChange={(id) => setOf(id as ChargeKind)}
      />
      <Field
        label="For what"
        value={name}
        onChange={setName}
        error={wasTried ? errors.name : undefined}
        maxLength={120}
      />
      <Field
        label={of === 'deposit' ? 'Amount' : 'Amount without tax'}
        value={amount}
        onChange={setAmount}
        error={wasTried ? errors.amount : undefined}
        maxLength={12}
      />
    </FormSheet>
  );
}

/** What the owner is told that it will cost: begun with what the odds say. */
export function EstimateSheet({ estimate, onRecord, onClose }: SheetProps & { readonly estimate: Estimate }) {
  const [low, setLow] = useState(plainAmount(estimate.low));
  const [high, setHigh] = useState(plainAmount(estimate.high));
  const [words, setWords] = useState('');
  const [wasTried, setTried] = useState(false);
  const isOrdered = Number(amountTyped(low)) <= Number(amountTyped(high));
  const errors = {
    low: !isAmount(low) ? noAmount : isOrdered ? undefined : 'expected no more than the other end',
    high: isAmount(high) ? undefined : noAmount,
  };
  return (
    <FormSheet
      title="Estimate for the owner"
      submit="Note that it was given"
      onClose={onClose}
      onSubmit={() => {
        setTried(true);
        if (errors.low || errors.high) return;
        const said = words.trim();
        onRecord({
          kind: 'estimate-given',
          low: amountTyped(low),
          high: amountTyped(high),
          ...(said ? { words: said } : {}),
        });
      }}
    >
      <Field
        label="From, with tax"
        value={low}
        onChange={setLow}
        error={wasTried ? errors.low : undefined}
        maxLength={12}
      />
      <Field
        label="To, with tax"
        value={high}
        onChange={setHigh}
        error={wasTried ? errors.high : undefined}
        maxLength={12}
      />
      <Field label="What was said with it" value={words} onChange={setWords} rows={2} maxLength={400} />
    </FormSheet>
  );
}

/** The minutes of one person, where the log does not say them rightly. */
export function TimeSheet({ time, onRecord, onClose }: SheetProps & { readonly time: WorkTime }) {
  const [minutes, setMinutes] = useState(String(Math.round(time.minutes)));
  const [reason, setReason] = useState('');
  const [wasTried, setTried] = useState(false);
  const errors = {
    minutes: /^\d{1,5}$/.test(minutes.trim()) ? undefined : 'expected whole minutes, 0 to 99999',
    reason: reason.trim() === '' ? 'Enter why the log is not right.' : undefined,
  };
  return (
    <FormSheet
      title={`Work of ${time.person}`}
      submit="Correct it"
      onClose={onClose}
      onSubmit={() => {
        setTried(true);
        if (!errors.minutes && !errors.reason)
          onRecord({
            kind: 'time-corrected',
            person: time.person,
            minutes: Number(minutes.trim()),
            reason: reason.trim(),
          });
      }}
    >
      <Field
        label="Minutes"
        hint={`By the log ${minutesInWords(Math.round(time.logged))}.`}
        value={minutes}
        onChange={setMinutes}
        error={wasTried ? errors.minutes : undefined}
        maxLength={5}
      />
      <Field
        label="Why"
        value={reason}
        onChange={setReason}
        error={wasTried ? errors.reason : undefined}
        maxLength={400}
      />
    </FormSheet>
  );
}
