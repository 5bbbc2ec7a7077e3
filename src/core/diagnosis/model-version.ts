/** The catalogue and its weights; numbers from another model may differ. */
export const MODEL_VERSION = '17';
