import { useEffect, useRef, useState } from 'react';
import { suggestPhases, thinTrace, type WallReading } from '../../../core/power';
import { useLatest } from '../../components/use-latest';
import { useMeterStore } from '../../device/meter/meter-store';
import type { DraftTrace } from '../../stores/power-draft-store';

const everyMs = 1000;
/** As many readings as an entry of the log may hold. */
const maxReadings = 2000;

export interface WallRecording {
  readonly isRunning: boolean;
  readonly start: () => void;
  /** Ends it, and suggests what its phases are. */
  readonly stop: () => void;
}

/** Takes the watts of the connected meter every second; it ends by itself when the meter is gone, and keeps what it has. */
export function useWallRecording(onTrace: (trace: DraftTrace) => void): WallRecording {
  const take = useMeterStore((store) => store.take);
  const isConnected = useMeterStore(({ stage }) => stage === 'connected');
  const [wanted, setWanted] = useState(false);
  const readings = useRef<WallReading[]>([]);
  const show = useLatest((phases: DraftTrace['phases']) =>
    onTrace({ name: 'recorded from the meter', readings: thinTrace(readings.current, maxReadings), phases }),
  );
  const isRunning = wanted && isConnected;
  useEffect(() => {
    if (!isRunning) return;
    const from = performance.now();
    const read = async () => {
      const seconds = Math.round((performance.now() - from) / 100) / 10;
      const watts = await take('watts');
      if (watts === null) return;
      readings.current.push({ seconds, watts: Math.max(0, Math.round(10 * watts) / 10) });
      show([]);
    };
    const timer = setInterval(() => void read(), everyMs);
    void read();
    return () => {
      clearInterval(timer);
      // Another meter later begins another recording.
      setWanted(false);
      if (readings.current.length > 0) show(suggestPhases(readings.current));
    };
  }, [isRunning, take, show]);
  return {
    isRunning,
    start: () => {
      readings.current = [];
      setWanted(true);
    },
    stop: () => setWanted(false),
  };
}
