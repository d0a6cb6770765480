import { useState } from 'react';
import type { Formula } from '../../../core/formula/index.ts';
import type { Revise } from './revise.ts';
import { revised } from './revise.ts';

/** As long as a name may be. */
export const titleOf = (name: string | null): string | null => (name === null || name.trim() === '' ? null : name.trim().slice(0, 120));

export const NameLine = ({ formula, onRevise }: { readonly formula: Formula; readonly onRevise: Revise }) => {
  const [name, setName] = useState(formula.name);
  return (
    <label className="flex items-center gap-2 text-[15px] text-quiet">
      Name
      <input
        className="min-h-10 flex-1 border-b border-line bg-transparent px-1 font-semibold text-ink focus:bg-sheet"
        value={name}
        maxLength={120}
        onChange={(event) => setName(event.target.value)}
        onBlur={() =>
          name.trim() === '' ? setName(formula.name) : name !== formula.name && onRevise((now) => revised(now, { name: name.trim() }))
        }
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      />
    </label>
  );
};
