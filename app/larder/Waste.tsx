import { DAY_MS } from '../../core/basis/index.ts';
import { useState } from 'react';
import type { KeepItem } from '../../core/keep/index.ts';
import { wasteSince } from '../../core/keep/index.ts';
import { wallNow } from '../clock/index.ts';
import { WASTE_WORDS } from './words.ts';

const WASTE_DAYS = 30;

/** What was thrown away lately, and why: the first thing to bake less of, or to put away sooner. */
export const Waste = ({ items }: { readonly items: readonly KeepItem[] }) => {
  const [now] = useState(wallNow);
  const waste = wasteSince(items, now - WASTE_DAYS * DAY_MS);
  return (
    waste.length > 0 && (
      <p data-figure="thrown away" data-exact={waste.reduce((sum, { things }) => sum + things, 0)}>
        Thrown away in {WASTE_DAYS} days:{' '}
        {waste.map(({ reason, things, pieces }) => `${pieces > 0 ? `${pieces} pieces` : `${things}`} ${WASTE_WORDS[reason]}`).join(', ')}.
      </p>
    )
  );
};
