import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import { useLatest } from '../../components/use-latest';
import { useMeterName, useMeterStore } from '../../device/meter/meter-store';
import { useCaseKeys } from './use-case-keys';

interface FromMeterProps {
  /** In volts, to a tenth of a millivolt; `meter` is what the meter calls itself. */
  readonly onVolts: (volts: number, meter: string) => void;
}

/** The reading of the connected meter, by a press or by M; nothing where none is connected. Why there is none, it says. */
export function FromMeter({ onVolts }: FromMeterProps) {
  const meter = useMeterName();
  const take = useMeterStore((store) => store.take);
  const problem = useMeterStore((store) => store.problem);
  const read = useLatest(async () => {
    const volts = await take('volts');
    if (volts !== null && meter) onVolts(Number(volts.toFixed(4)), meter);
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
