/** Bumped whenever a prediction may differ: stored predictions say which model made them, and what was found with another one isn't taken. */
export const MODEL_VERSION = 'plate-4';
