import { Square, Volume2 } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Button } from './Button';
import { playBeeps } from './play-beeps';

/** Sounds a pattern of beeps as a board would; one that repeats twice. A second press ends it. */
export function PlayBeeps({ pattern, repeats }: { readonly pattern: string; readonly repeats: boolean }) {
  const [isPlaying, setPlaying] = useState(false);
  const stop = useRef<(() => void) | null>(null);
  const end = () => {
    stop.current?.();
    stop.current = null;
    setPlaying(false);
  };
  useEffect(() => () => stop.current?.(), []);
  const play = () => {
    const { stop: stopSound, seconds } = playBeeps(pattern, repeats ? 2 : 1);
    const timer = setTimeout(end, 1000 * seconds + 300);
    stop.current = () => {
      clearTimeout(timer);
      stopSound();
    };
    setPlaying(true);
  };
  return (
    <Button
      $kind="quiet"
      aria-label={isPlaying ? `Stop the beeps ${pattern}` : `Play the beeps ${pattern}`}
      aria-pressed={isPlaying}
      onPress={() => (isPlaying ? end() : play())}
    >
      {isPlaying ? <Square size={16} aria-hidden /> : <Volume2 size={17} aria-hidden />}
      {isPlaying ? 'Stop' : 'Play'}
    </Button>
  );
}
