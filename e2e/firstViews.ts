// What a door shows before anything is touched, at 1280 × 800: controls, numbers and words, rail and next line apart.
import type { Page } from '@playwright/test';

export type FirstView = { readonly controls: number; readonly numbers: number; readonly words: number };

/** Wanted of each door, at the most. */
export const MOST: FirstView = { controls: 14, numbers: 15, words: 90 };

/** Runs in the page: what can be seen without scrolling, but for what is inside of `apart`. */
const count = (apart: string | null): FirstView => {
  const main = document.querySelector('main') ?? document.body;
  const isSeen = (element: Element): boolean => {
    const { top, bottom, left, right, width, height } = element.getBoundingClientRect();
    const { visibility, opacity } = getComputedStyle(element);
    const isInSight = top < innerHeight && bottom > 0 && left < innerWidth && right > 0;
    const isApart = apart !== null && element.closest(apart) !== null;
    return width > 1 && height > 1 && isInSight && visibility !== 'hidden' && opacity !== '0' && !isApart;
  };
  const controls = [
    ...main.querySelectorAll('button, a[href], input, select, textarea, summary, [role="slider"], [role="button"], [role="listbox"]'),
  ].filter(isSeen);
  const texts: string[] = [];
  const walker = document.createTreeWalker(main, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node !== null; node = walker.nextNode())
    if (node.parentElement !== null && isSeen(node.parentElement)) texts.push(node.textContent ?? '');
  for (const input of controls)
    if (input instanceof HTMLInputElement && !['checkbox', 'radio', 'range'].includes(input.type)) texts.push(input.value);
  const text = texts.join(' ');
  return {
    controls: controls.length,
    numbers: (text.match(/\d[\d.,:⁄½¼¾]*/g) ?? []).length,
    words: (text.match(/\p{L}[\p{L}’'-]*/gu) ?? []).length,
  };
};

/** Of the page as it is. `apart`: a selector of what isn't counted. */
export const firstView = (page: Page, apart: string | null = null): Promise<FirstView> => page.evaluate(count, apart);
