import type { MeterQuantity } from '../../../core/power';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import { useLatest } from '../../components/use-latest';
import { useMeterName, useMeterStore } from '../../device/meter/meter-store';
import { useCaseKeys } from './use-case-keys';

interface FromMeterProps {
  readonly quantity?: Extract<MeterQuantity, 'volts' | 'amps'>;
  /** In volts or amperes, to four decimals; `meter` is what the meter calls itself. */
  readonly onValue: (value: number, meter: string) => void;
}

/** The reading of the connected meter, by a press or by M; nothing where none is connected. Why there is none, it says. */
export function FromMeter({ quantity = 'volts', onValue }: FromMeterProps) {
  const meter = useMeterName();
  const take = useMeterStore((store) => store.take);
  const problem = useMeterStore((store) => store.problem);
  const read = useLatest(async () => {
    const value = await take(quantity);
    if (value !== null && meter) onValue(Number(value.toFixed(4)), meter);
  });
  useCaseKeys(
    useLatest((key: string) => {
      if (key !== 'm' || !meter) return false;
      void read();
      return true;
    }),
  );
  return (
    <>
      {meter && <Button onPress={() => void read()}>M · from the meter</Button>}
      {problem && <Notice kind="danger">{problem}</Notice>}
    </>
  );
}
