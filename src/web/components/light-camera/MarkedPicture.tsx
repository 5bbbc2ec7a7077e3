import type { KeyboardEvent, PointerEvent, RefObject } from 'react';
import styled from 'styled-components';
import type { Mark } from './use-light-camera';

const Picture = styled.div<{ $shown: boolean }>`
  position: relative;
  display: ${({ $shown }) => ($shown ? 'block' : 'none')};
  margin: 0.6rem 0;
  background: #000;
  cursor: crosshair;
  video {
    display: block;
    width: 100%;
    max-height: 46vh;
    object-fit: fill;
  }
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    pointer-events: none;
  }
`;
const startRadius = 0.02;

interface MarkedPictureProps {
  readonly video: RefObject<HTMLVideoElement | null>;
  readonly isShown: boolean;
  readonly marks: Readonly<Record<string, Mark>>;
  readonly chosen: string;
  readonly onMark: (mark: Mark) => void;
}

const steps: Readonly<Record<string, readonly [x: number, y: number, grow: number]>> = {
  ArrowLeft: [-0.01, 0, 1],
  ArrowRight: [0.01, 0, 1],
  ArrowUp: [0, -0.01, 1],
  ArrowDown: [0, 0.01, 1],
  '+': [0, 0, 1.25],
  '-': [0, 0, 0.8],
};

/** The picture: a press marks the chosen light there; arrows move a mark, plus and minus change its size. */
export function MarkedPicture({ video, isShown, marks, chosen, onMark }: MarkedPictureProps) {
  const press = ({ currentTarget, clientX, clientY }: PointerEvent<HTMLDivElement>) => {
    // Before the first picture nothing has its place: it would be marked beside the light.
    if (!video.current?.videoWidth) return;
    const { left, top, width, height } = currentTarget.getBoundingClientRect();
    onMark({
      x: (clientX - left) / width,
      y: (clientY - top) / height,
      radius: marks[chosen]?.radius ?? startRadius,
    });
  };
  const move = (event: KeyboardEvent) => {
    const step = steps[event.key];
    if (!step) return;
    event.preventDefault();
    const { x, y, radius } = marks[chosen] ?? { x: 0.5, y: 0.5, radius: startRadius };
    onMark({
      x: Math.min(1, Math.max(0, x + step[0])),
      y: Math.min(1, Math.max(0, y + step[1])),
      radius: Math.min(0.2, Math.max(0.006, radius * step[2])),
    });
  };
  return (
    <Picture
      $shown={isShown}
      tabIndex={0}
      role="application"
      aria-label={`Picture. Press on the light ${chosen}, or move its mark by the arrow keys.`}
      onPointerDown={press}
      onKeyDown={move}
    >
      <video ref={video} muted playsInline />
      <svg aria-hidden>
        {Object.entries(marks).map(([label, { x, y, radius }]) => (
          <g key={label}>
            <circle
              cx={`${100 * x}%`}
              cy={`${100 * y}%`}
              r={`${100 * radius}%`}
              fill="none"
              stroke="#fff"
              strokeWidth={label === chosen ? 3 : 1.5}
            />
            <text x={`${100 * x}%`} y={`${100 * y}%`} dx={14} dy={-10} fill="#fff" stroke="#000" paintOrder="stroke">
              {label}
            </text>
          </g>
        ))}
      </svg>
    </Picture>
  );
}
