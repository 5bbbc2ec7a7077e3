/**
 * Why there is neither microphone nor camera, in words; null where the browser has them. It lends them in a secure context
 * only: over a shop's plain network a recording or a video can be opened instead.
 */
export const noMediaDevices = (): string | null =>
  'mediaDevices' in navigator
    ? null
    : 'The browser lends microphone and camera only over HTTPS or on the machine that runs Jovial Probe.';
