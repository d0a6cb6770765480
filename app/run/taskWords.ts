import type { Task } from '../../core/run/index.ts';
import { describeStored } from '../../words/index.ts';

/** What a hand does, in words: "Pour Deep A, load 2". */
export const taskWords = ({ act, iron, load, code }: Task): string => {
  if (act === 'prepare') {
    const words = describeStored(code ?? '');
    return words.charAt(0).toUpperCase() + words.slice(1);
  }
  const at = `${iron ?? ''}${load === null ? '' : `, load ${load}`}`;
  return { 'switch-on': `Switch on ${at}`, pour: `Pour ${at}`, 'take-out': `Open ${at}, onto the rack`, serve: 'Serve' }[act];
};
