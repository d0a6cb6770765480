import type { Formula } from '../../../core/formula/index.ts';
import { basisInShort, IronSettings, Piece, pieceOf, USUAL_STEP } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { useHere } from './Here.tsx';

type Props = { readonly session: Session; readonly formula: Formula };

const GREASE = {
  'every-load': 'Grease both plates thinly, every load.',
  'first-load': 'Grease both plates before the first load.',
  'every-pocket': 'Coat every pocket thinly.',
  film: 'A film of fat before the first load.',
  none: '',
} as const;

/** A card to hang beside each iron: how we do it here, by what its loads have taught. Only on paper, on a page of their own. */
export const IronCards = ({ session, formula }: Props) => {
  const rows = useHere(session, formula);
  if (rows.length === 0) return null;
  return (
    <section aria-label="Iron cards" data-appearance="light" className="hidden break-before-page grid-cols-2 text-black print:grid">
      {rows.map(({ iron, answer, grease }) => (
        <article key={iron.id} aria-label={iron.name} className="break-inside-avoid border border-dashed border-black/50 p-5">
          <p className="text-[11pt]">How we do it here: {formula.name}</p>
          <h2 className="mt-1 flex items-center gap-3 text-[20pt] leading-tight">
            <Piece {...pieceOf(iron, USUAL_STEP)} size={60} /> {iron.name}
          </h2>
          <IronSettings answer={answer} iron={iron} kit={session.kit} />
          <p className="mt-2 text-[11pt]">
            {GREASE[grease]} Onto a rack, never a stack. Open away from you: steam burns. These figures are {basisInShort(answer.basis)}.
          </p>
        </article>
      ))}
    </section>
  );
};
