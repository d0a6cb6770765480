export const minutes = (seconds: number): number => Math.round(seconds / 60);

/** "a minute", "22 minutes". */
export const minuteWords = (seconds: number): string => (minutes(seconds) === 1 ? 'a minute' : `${minutes(seconds)} minutes`);
