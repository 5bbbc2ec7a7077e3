/** Handling that may remove a fault by itself, besides its own repair. */
export type HandlingAct = 'reseat' | 'reset' | 'clean' | 'drain' | 'wait' | 'flash';
