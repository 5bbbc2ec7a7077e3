import { useEffect, useState } from 'react';
import { useBoardDetail } from '../../api/boards';
import { Button } from '../../components/Button';
import { TopBar } from '../../shell/TopBar';
import { emptySignals, type SignalsDraft } from '../../stores/signals-draft';
import type { ChosenBoard } from './BoardChoice';
import { Quiet, Tools } from './parts';
import { SignalsRoom } from './SignalsRoom';

/** Lights, codes and beeps of any board, looked up without a case: nothing is written. */
export function SignalsPage() {
  const [board, setBoard] = useState<ChosenBoard | null>(null);
  const [draft, setDraft] = useState<SignalsDraft>(emptySignals);
  const { data } = useBoardDetail(board?.id ?? null);
  useEffect(() => {
    document.title = 'Signals · Jovial Probe';
  }, []);
  return (
    <>
      <TopBar />
      <SignalsRoom
        board={board ? (data?.board ?? null) : null}
        choice={{ board, onChoose: setBoard }}
        draft={draft}
        onChange={(change) => setDraft((before) => ({ ...before, ...change }))}
        expected={[]}
        at={null}
        forecast={null}
        actions={() => (
          <div>
            <Tools>
              <Button onPress={() => setDraft(emptySignals)}>Clear all</Button>
            </Tools>
            <Quiet>Nothing here is written down. In a case, its starts have the same room.</Quiet>
          </div>
        )}
      />
    </>
  );
}
