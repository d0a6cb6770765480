import type { Options } from 'react-hotkeys-hook';

/** Letters typed into a text are letters; on a slider, a box or a button they are keys of the station. */
const isTyping = (event: KeyboardEvent): boolean => {
  const { target } = event;
  if (target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement) return true;
  return target instanceof HTMLInputElement && !['range', 'checkbox', 'radio', 'button', 'file'].includes(target.type);
};

export const PAGE_KEYS: Options = {
  enableOnFormTags: true,
  ignoreEventWhen: (event) => isTyping(event) || event.ctrlKey || event.metaKey || event.altKey,
};
