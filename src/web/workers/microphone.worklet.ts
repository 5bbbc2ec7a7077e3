/** Hands on what the microphone takes, as it is: runs in the browser's audio thread. */

declare class AudioWorkletProcessor {
  readonly port: MessagePort;
}
declare function registerProcessor(name: string, processor: typeof AudioWorkletProcessor): void;

class Taker extends AudioWorkletProcessor {
  process([input]: readonly (readonly Float32Array[])[]): boolean {
    const samples = input?.[0];
    if (samples) this.port.postMessage(samples.slice());
    return true;
  }
}
registerProcessor('taker', Taker);

export {};
