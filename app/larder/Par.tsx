import type { KeepItem } from '../../core/keep/index.ts';
import { piecesKept } from '../../core/keep/index.ts';
import { NumberEntry } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { commands, useDo } from '../store/index.ts';

const MOST = 5000;
const WEEK = [0, 0, 0, 0, 0, 0, 0];

/** How many are wanted in the freezer of each, and what is to be made next. */
export const Par = ({ session, items }: { readonly session: Session; readonly items: readonly KeepItem[] }) => {
  const carryOut = useDo();
  const kept = piecesKept(items, 'freezer');
  const pars = session.kit.pars ?? [];
  const shown = session.formulas.filter(({ id, name }) => kept.has(name) || (pars.find((par) => par.id === id)?.freezer ?? 0) > 0);
  if (shown.length === 0) return null;
  const set = (id: string, freezer: number): void =>
    void carryOut(
      commands.changeKit((kit) => {
        const before = kit.pars?.find((par) => par.id === id) ?? { id, pieces: WEEK, most_g: null };
        return { ...kit, pars: [...(kit.pars ?? []).filter((par) => par.id !== id), { ...before, freezer }] };
      }),
    );
  return (
    <section aria-label="In the freezer">
      <h2 className="text-xl">In the freezer, and how many there should be</h2>
      <ul>
        {shown.map(({ id, name }) => {
          const there = kept.get(name) ?? 0;
          const wanted = pars.find((par) => par.id === id)?.freezer ?? 0;
          return (
            <li key={id} className="flex flex-wrap items-end gap-x-4 border-b border-line py-1 [&>span]:pb-2.5" data-par={id}>
              <span className="min-w-52">
                <b>{name}</b>, {there} there
              </span>
              <NumberEntry
                narrow
                label="to have"
                value={wanted}
                min={0}
                max={MOST}
                whole
                onChange={(value) => value !== null && set(id, value)}
              />
              <span data-short={Math.max(0, wanted - there)}>
                {wanted > there ? (
                  <>
                    <b>{wanted - there}</b> to make next
                  </>
                ) : wanted > 0 ? (
                  'enough'
                ) : (
                  ''
                )}
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
};
