import type { PracticeRecord } from '../../../core/practice/index.ts';
import { levelProgress, LEVELS } from '../../../core/practice/index.ts';

/** All levels as a row of pockets: filled once landed, with the fewest loads it took. */
export const ExerciseProgress = ({
  records,
  chosen,
  onChoose,
}: {
  readonly records: readonly PracticeRecord[];
  readonly chosen: string;
  readonly onChoose: (levelId: string) => void;
}) => (
  <section aria-label="Levels" className="mt-2">
    <ul className="grid grid-cols-8 gap-2 max-lg:grid-cols-4 max-sm:grid-cols-2">
      {LEVELS.map(({ id, name, goodLoads }) => {
        const { best, played } = levelProgress(id, records);
        return (
          <li key={id}>
            <button
              type="button"
              aria-current={id === chosen}
              className={`flex h-full min-h-24 w-full flex-col justify-between rounded-md border-2 p-2 text-left ${id === chosen ? 'border-act bg-sheet' : 'border-transparent bg-sheet hover:border-line'}`}
              onClick={() => onChoose(id)}
            >
              <span className="font-semibold leading-tight">{name}</span>
              <span className="flex items-baseline justify-between text-sm text-quiet">
                <b className={`figure text-2xl ${best !== null && best <= goodLoads ? 'text-act' : 'text-ink'}`}>
                  {best ?? (played > 0 ? '…' : '–')}
                </b>
                good in {goodLoads}
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  </section>
);
