import type { PieceLook } from './Piece.tsx';
import { Piece } from './Piece.tsx';

type Props = {
  /** What was expected. */
  readonly look: PieceLook;
  /** The picture of what came out: a JPEG, base64. */
  readonly jpeg: string;
  /** What the picture shows, for a screen reader. */
  readonly label: string;
};

/** What was expected, drawn, and beside it the picture of what came out, equally large. */
export const ExpectedBeside = ({ look, jpeg, label }: Props) => (
  <div className="grid min-h-0 min-w-0 flex-1 grid-cols-2 gap-3">
    <figure className="flex min-h-0 min-w-0 flex-col items-center gap-1">
      <div className="grid min-h-0 w-full flex-1 place-items-center [&>svg]:size-full">
        <Piece {...look} count={1} size={300} />
      </div>
      <figcaption className="text-lg text-quiet">expected</figcaption>
    </figure>
    <figure className="flex min-h-0 min-w-0 flex-col items-center gap-1">
      <img src={`data:image/jpeg;base64,${jpeg}`} alt={label} className="min-h-0 w-full flex-1 rounded-xl object-contain" />
      <figcaption className="text-lg font-semibold">actual</figcaption>
    </figure>
  </div>
);
