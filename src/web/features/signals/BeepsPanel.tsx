import { FileUp, Mic, Square } from 'lucide-react';
import { useCallback, useState, type ReactNode } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import type { BoardSpeaker } from '../../../core/firmware';
import { patternInWords } from '../../../core/signals';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { clock, counted } from '../../components/format';
import { noMediaDevices } from '../../components/media-devices';
import { Notice } from '../../components/Notice';
import { useLatest } from '../../components/use-latest';
import type { SignalsDraft } from '../../stores/signals-draft';
import { useCaseKeys } from '../case-log/use-case-keys';
import { Head, Quiet, Tools } from './parts';
import { HeardBeepsLine } from './HeardBeepsLine';
import { TapPad, TappedLine } from './TapPad';
import { useEar, type Ear } from './use-ear';
import { useMicrophone, type Microphone } from './use-microphone';
import { useTapping } from './use-tapping';
import { Waveform } from './Waveform';

const Typed = styled.div`
  display: grid;
  grid-template-columns: minmax(12rem, 20rem) auto;
  align-items: end;
  gap: 0.6rem;
  margin-top: 0.5rem;
  @media (max-width: 560px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

interface BeepsPanelProps {
  readonly draft: SignalsDraft;
  readonly onChange: (change: Partial<SignalsDraft>) => void;
  readonly speaker: BoardSpeaker | null;
}

/** Beeps: heard by the microphone or in a recording, tapped along, or typed. What was heard counts once it is taken. */
export function BeepsPanel({ draft, onChange, speaker }: BeepsPanelProps) {
  const ear = useEar();
  const microphone = useMicrophone(ear.hearSamples);
  const tapping = useTapping();
  const [isTyping, setTyping] = useState(false);
  const take = (beeps: string) => {
    onChange({ beeps, isSilent: false });
    ear.forget();
    tapping.clear();
  };
  const listen = useLatest(() => {
    if (microphone.isListening) {
      microphone.stop();
      return;
    }
    tapping.clear();
    ear.forget();
    microphone.start();
  });
  useCaseKeys(useListenKey(listen));
  const { heard } = ear;
  const problem = ear.problem ?? microphone.problem;
  return (
    <section aria-label="Beeps">
      <Head>
        <h2>Beeps</h2>
        <span>tap: hold the space bar as long as the tone · listen: H</span>
      </Head>
      {heard ? (
        <>
          <Waveform outline={heard.outline} beeps={heard.heard.beeps} seconds={heard.seconds} />
          <HeardBeepsLine heard={heard.heard} isListening={microphone.isListening} onTake={take} />
        </>
      ) : (
        <>
          <TapPad tapping={tapping} isListening={microphone.isListening} />
          {tapping.taps.length > 0 && <TappedLine tapping={tapping} onTake={take} />}
        </>
      )}
      {problem && <Notice kind="danger">{problem}</Notice>}
      <Ways draft={draft} onChange={onChange} ear={ear} microphone={microphone} onListen={listen}>
        <Button aria-expanded={isTyping} onPress={() => setTyping(!isTyping)}>
          Type them
        </Button>
      </Ways>
      {isTyping && <TypedBeeps beeps={draft.beeps} onChange={(beeps) => onChange({ beeps, isSilent: false })} />}
      <SpeakerWords speaker={speaker} beeps={draft.beeps} />
    </section>
  );
}

interface WaysProps extends Pick<BeepsPanelProps, 'draft' | 'onChange'> {
  readonly ear: Ear;
  readonly microphone: Microphone;
  readonly onListen: () => void;
  readonly children: ReactNode;
}

/** The ways to let beeps be heard, and that a speaker is silent. */
function Ways({ draft, onChange, ear, microphone, onListen, children }: WaysProps) {
  const { isListening } = microphone;
  return (
    <Tools>
      <Button $kind={isListening ? 'primary' : 'plain'} onPress={onListen} isDisabled={noMediaDevices() !== null}>
        {isListening ? <Square size={16} aria-hidden /> : <Mic size={17} aria-hidden />}
        {isListening ? `Stop · ${clock(Math.round(ear.heard?.seconds ?? 0))}` : 'Listen'}
      </Button>
      <FileTrigger
        acceptedFileTypes={['.wav', 'audio/wav', 'audio/x-wav']}
        onSelect={(files) => {
          const file = files?.[0];
          if (file) ear.hearFile(file);
        }}
      >
        <Button>
          <FileUp size={17} aria-hidden /> Open a recording
        </Button>
      </FileTrigger>
      {children}
      <Button
        aria-pressed={draft.isSilent}
        onPress={() => onChange({ isSilent: !draft.isSilent, ...(draft.isSilent ? {} : { beeps: '' }) })}
      >
        {draft.isSilent ? '✓ A speaker is on, and silent' : 'A speaker is on, and silent'}
      </Button>
      {(ear.heard || ear.problem) && !isListening && (
        <Button $kind="quiet" onPress={ear.forget}>
          Forget it
        </Button>
      )}
    </Tools>
  );
}

const useListenKey = (listen: () => void) =>
  useCallback(
    (key: string) => {
      if (key !== 'h' || noMediaDevices() !== null) return false;
      listen();
      return true;
    },
    [listen],
  );

function TypedBeeps({ beeps, onChange }: { readonly beeps: string; readonly onChange: (beeps: string) => void }) {
  const [text, setText] = useState(beeps);
  const isRight = (signs: string) => /^[SLsl ]*$/.test(signs);
  return (
    <Typed>
      <Field
        label="Beeps"
        value={text}
        maxLength={48}
        autoFocus
        hint="S for a short tone, L for a long one."
        error={isRight(text) ? undefined : 'Enter only S, L and spaces.'}
        onChange={(next) => {
          setText(next);
          if (isRight(next)) onChange(next.toUpperCase());
        }}
      />
    </Typed>
  );
}

function SpeakerWords({ speaker, beeps }: { readonly speaker: BoardSpeaker | null; readonly beeps: string }) {
  if (beeps.trim())
    return (
      <Quiet>
        Taken: {patternInWords(beeps)} ({counted(beeps.replace(/\s/g, '').length, 'tone')}).
      </Quiet>
    );
  if (speaker?.fitted === false)
    return (
      <Quiet>
        This board comes without a speaker: with the power off, plug one onto {speaker.header ?? 'its header'}. Without
        one its silence says nothing.
      </Quiet>
    );
  return <Quiet>{noMediaDevices() ?? 'Silence says something only where a speaker is on the board.'}</Quiet>;
}
