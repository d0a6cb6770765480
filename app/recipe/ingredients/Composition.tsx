import type { Composition as Parts } from '../../../core/matter/index.ts';
import { sugars } from '../../../core/matter/index.ts';

type Layer = { readonly name: string; readonly share: number; readonly fill: string };

/** Quiet mineral hues: brown tones mean browning and nothing else. */
const layersOf = (c: Parts): Layer[] => [
  { name: 'water', share: c.water + c.alcohol, fill: '#b9cbd2' },
  { name: 'starch', share: c.starch, fill: '#e4e6de' },
  { name: 'fat', share: c.fat, fill: '#dcdcae' },
  { name: 'sugars', share: sugars(c), fill: '#ffffff' },
  { name: 'protein', share: c.protein, fill: '#c9c2d1' },
  { name: 'fibre', share: c.fibre, fill: '#b7c7b1' },
  { name: 'salt, ash, acid', share: c.salt + c.ash + c.acid, fill: '#8f9a9c' },
];

const LABEL_PX = 21;
const HEIGHT_PX = 300;

/** What the bowl is made of, as a column with its names beside it; names are moved apart where layers are thin. */
export const Composition = ({ composition }: { readonly composition: Parts }) => {
  const layers = layersOf(composition);
  let edge = 0;
  const placed = layers.map((layer) => {
    const top = edge;
    edge += layer.share * HEIGHT_PX;
    return { ...layer, top, middle: top + (layer.share * HEIGHT_PX) / 2, label: 0 };
  });
  let least = 0;
  for (const layer of placed) {
    layer.label = Math.max(least, layer.middle - LABEL_PX / 2);
    least = layer.label + LABEL_PX;
  }
  const over = Math.max(0, least - HEIGHT_PX);
  for (let i = placed.length - 1, most = HEIGHT_PX; i >= 0 && over > 0; i--) {
    const layer = placed[i];
    if (layer === undefined) continue;
    layer.label = Math.min(layer.label, most - LABEL_PX);
    most = layer.label;
  }
  return (
    <section aria-label="What it is made of">
      <h2 className="text-[17px]">
        Made of <span className="font-sans text-[15px] font-normal text-quiet">% by mass</span>
      </h2>
      <div className="relative mt-2" style={{ height: HEIGHT_PX }}>
        <div className="absolute inset-y-0 left-0 w-20 overflow-hidden rounded-md border-2 border-ink" aria-hidden>
          {placed.map((layer) => (
            <div
              key={layer.name}
              className="border-b border-ink/50 last:border-0"
              style={{ height: layer.share * HEIGHT_PX, background: layer.fill }}
            />
          ))}
        </div>
        <svg aria-hidden className="absolute inset-y-0 left-20" width="16" height={HEIGHT_PX}>
          {placed.map((layer) => (
            <path key={layer.name} d={`M0 ${layer.middle}L14 ${layer.label + LABEL_PX / 2}`} stroke="#7d8a88" fill="none" />
          ))}
        </svg>
        <dl>
          {placed.map((layer) => (
            <div
              key={layer.name}
              className="absolute left-[100px] flex gap-1.5 text-[15px] leading-none whitespace-nowrap"
              style={{ top: layer.label + 3 }}
            >
              <dt>{layer.name}</dt>
              <dd className="font-bold">{(100 * layer.share).toFixed(1)}</dd>
            </div>
          ))}
        </dl>
      </div>
    </section>
  );
};
