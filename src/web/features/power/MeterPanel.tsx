import { memo, useState } from 'react';
import styled from 'styled-components';
import { Button } from '../../components/Button';
import { Select } from '../../components/Select';
import { decimal } from '../../components/format';
import { useMeterStore } from '../../device/meter/meter-store';
import { BAUD_RATES, hasSerial } from '../../device/meter/serial-transport';
import { METER_MOODS, type MeterMood } from '../../device/meter/simulated-meter';
import { parseFigure } from './parse-figures';
import { Fields, Quiet, Tools } from './room-parts';
import { ValueCell } from './ValueCell';

const Space = styled.div`
  display: grid;
  gap: 0.5rem;
  margin-bottom: 0.6rem;
`;

const Whole = styled.div`
  grid-column: 1 / -1;
`;

const moodWords: Readonly<Record<MeterMood, string>> = {
  answers: 'answers as it should',
  silent: 'does not answer',
  garbage: 'answers garbage',
  'over-range': 'is out of its range',
  unplugged: 'is unplugged',
};
const units = { volts: 'V', amps: 'A', watts: 'W' } as const;

/** Connecting a meter that speaks SCPI: at a serial port, or the simulated one. */
export const MeterPanel = memo(function MeterPanel() {
  const { stage, identity, isSimulated, last, connectSerial, connectSimulated, disconnect } = useMeterStore();
  const [baud, setBaud] = useState<string>('9600');
  return (
    <Space>
      {stage === 'connected' ? (
        <Tools>
          <Quiet role="status">
            {identity?.maker} {identity?.model}
            {last && (
              <>
                : <code>{decimal(last.value, 3)}</code> {units[last.quantity]}
              </>
            )}
          </Quiet>
          <Button onPress={() => void disconnect()}>Disconnect</Button>
        </Tools>
      ) : (
        <Tools>
          {hasSerial() && (
            <>
              <Select
                label="Baud rate"
                isLabelHidden
                value={baud}
                choices={BAUD_RATES.map((rate) => ({ id: String(rate), label: `${rate} baud` }))}
                onChange={setBaud}
              />
              <Button isDisabled={stage === 'connecting'} onPress={() => void connectSerial(Number(baud))}>
                Connect a meter
              </Button>
            </>
          )}
          <Button isDisabled={stage === 'connecting'} onPress={() => void connectSimulated()}>
            Use the simulated meter
          </Button>
          {stage === 'connecting' && <Quiet role="status">Asking who is there …</Quiet>}
        </Tools>
      )}
      {isSimulated && stage === 'connected' && <SimulatedBench />}
    </Space>
  );
});

/** What lies at the probes of the simulated meter, and how it behaves. */
function SimulatedBench() {
  const { bench, setBench } = useMeterStore();
  const figure = (text: string, of: keyof typeof units, unit: string) => {
    const read = parseFigure(text, { min: of === 'watts' ? 0 : -60, max: 5000, unit });
    if (!read.ok) return read.message;
    setBench({ [of]: read.value ?? 0 });
    return null;
  };
  return (
    <Fields>
      <ValueCell
        label="It measures, V"
        shown={String(bench.volts)}
        onEnter={(text) => figure(text, 'volts', 'volts')}
      />
      <ValueCell
        label="It measures, A"
        shown={String(bench.amps)}
        onEnter={(text) => figure(text, 'amps', 'amperes')}
      />
      <ValueCell
        label="At the wall, W"
        shown={String(bench.watts)}
        onEnter={(text) => figure(text, 'watts', 'watts')}
      />
      <Whole>
        <Select
          label="The simulated meter"
          value={bench.mood}
          choices={METER_MOODS.map((id) => ({ id, label: moodWords[id] }))}
          onChange={(mood) => setBench({ mood: mood as MeterMood })}
        />
      </Whole>
    </Fields>
  );
}
