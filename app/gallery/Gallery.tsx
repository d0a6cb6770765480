import { Droplet, Flame, Power } from 'lucide-react';
import type { ReactNode } from 'react';
import { useState } from 'react';
import type { Iron } from '../../core/plate/index.ts';
import { PRESET_IRONS } from '../../core/plate/index.ts';
import { ActButton, LinkButton } from '../ui/parts/Act.tsx';
import { Disclosure } from '../ui/parts/Disclosure.tsx';
import { Chips, Shelf, Tabs } from '../ui/parts/Choice.tsx';
import { ClockRing } from '../ui/parts/ClockRing.tsx';
import { ColourScale } from '../ui/parts/ColourScale.tsx';
import { Basis, Figure } from '../ui/parts/Figure.tsx';
import { Bowl, Dial, LidClock, Scoops } from '../ui/parts/Instruments.tsx';
import { LidRing } from '../ui/parts/LidRing.tsx';
import type { PieceLook } from '../ui/parts/Piece.tsx';
import { Piece, pieceOf } from '../ui/parts/Piece.tsx';

const SHAPES = ['deep-round', 'thin-square-4', 'ball-pan', 'wafer', 'mini'] as const;
const presetIron = (id: string): Iron => PRESET_IRONS.find((iron) => iron.id === id) ?? PRESET_IRONS[0]!;
const lookOf = (id: string, step: number): PieceLook => {
  return pieceOf(presetIron(id), step);
};
const ROUND = lookOf('deep-round', 4);
const FOUR = lookOf('thin-square-4', 4);

const MIN = 60_000;
const SERVE = 75 * MIN;
const turnOf = (at: number): number => (at / (60 * MIN)) % 1;
const timeOf = (at: number): string => `${6 + Math.floor(at / (60 * MIN))}:${String(Math.floor((at % (60 * MIN)) / MIN)).padStart(2, '0')}`;

const Part = ({ name, children }: { readonly name: string; readonly children: ReactNode }) => (
  <section aria-label={name} className="border-t border-line py-6">
    <h2 className="mb-4 text-2xl">{name}</h2>
    <div className="flex flex-wrap items-center gap-8">{children}</div>
  </section>
);

const Morning = () => (
  <ClockRing
    until={SERVE}
    serveAt={SERVE}
    arcs={[
      { from: 18 * MIN, to: 37 * MIN, kind: 'mix' },
      { from: 37 * MIN, to: 43 * MIN, kind: 'heat' },
      { from: 43 * MIN, to: SERVE, kind: 'cook' },
    ]}
    spokes={[
      { at: 47 * MIN, pieces: [FOUR] },
      { at: 49 * MIN, pieces: [ROUND, FOUR] },
      { at: 55 * MIN, pieces: [ROUND, ROUND, FOUR] },
      { at: 61 * MIN, pieces: [FOUR, ROUND, ROUND] },
      { at: 66 * MIN, pieces: [ROUND, FOUR] },
    ]}
    marks={[
      { at: 37 * MIN, icon: <Power className="size-4" /> },
      { at: 43 * MIN, icon: <Droplet className="size-4" /> },
    ]}
    turnOf={turnOf}
    timeOf={timeOf}
    now={52 * MIN}
    served={ROUND}
    label="Breakfast for 36 at 7:15: switch on at 6:37, first pour at 6:43, eleven loads"
    centre={
      <>
        <p className="figure text-7xl">36</p>
        <p className="text-lg">pieces in 11 loads</p>
      </>
    }
  />
);

/** Every part in every state, for whoever builds a screen and for the browser's tests; it isn't in the built application. */
export const Gallery = () => {
  const [step, setStep] = useState(4);
  const [irons, setIrons] = useState<readonly string[]>(['deep-round']);
  return (
    <main className="mx-auto max-w-6xl px-6 py-8">
      <h1 className="text-4xl">Gallery of parts</h1>
      <Part name="Piece">
        {SHAPES.map((id) => (
          <Piece key={id} {...lookOf(id, step)} size={96} label={`${id}, step ${step}`} />
        ))}
        <Piece {...lookOf('deep-round', 4)} actual={6} size={96} label="expected step 4, came out at 6" />
        <Piece {...lookOf('deep-round', 1)} size={96} label="the palest" />
      </Part>
      <Part name="Colour scale">
        <div className="w-full">
          <ColourScale label="Colour" value={step} expected={4} onChange={setStep} />
        </div>
      </Part>
      <Part name="Figures">
        <Figure label="Switch on" value="6:37" note="Thin four first" icon={<Power aria-hidden className="size-6 text-act" />} />
        <Figure label="Batter" value="5,245" unit="g" note="1.8 × your recipe" size="small" />
        <Figure label="Open after" value="5:28" note="good between 4:52 and 6:10" size="huge" />
        <Basis loads={3} words="From 3 loads" />
        <Basis loads={0} words="Estimate: nothing cooked on this iron yet" />
      </Part>
      <Part name="Instruments">
        <Dial mark={3} marks={6} label="Dial at 3 of 6" />
        <Dial mark={2.5} marks={5} label="Dial between 2 and 3 of 5" />
        <Scoops count={2} label="Two ladles" />
        <Scoops count={1.5} label="One and a half ladles" />
        <LidClock best_s={328} good_s={[292, 370]} label="Open after 5:28" />
        <Bowl share={0.6} label="A bowl, six tenths full" />
        <Bowl share={0.3} line={0.7} label="A bowl, to be filled to the line" />
      </Part>
      <Part name="Lid ring">
        {[120, 328, 420].map((elapsed_s) => (
          <div key={elapsed_s} className="w-56">
            <LidRing elapsed_s={elapsed_s} best_s={328} good_s={[292, 370]} label={`${elapsed_s} s since the lid was closed`}>
              <Piece {...lookOf('deep-round', Math.min(8, 1 + elapsed_s / 90))} size={96} />
            </LidRing>
          </div>
        ))}
      </Part>
      <Part name="Clock ring">
        <Morning />
      </Part>
      <Part name="Buttons">
        <ActButton icon={<Flame aria-hidden className="size-7" />}>Start cooking</ActButton>
        <ActButton bench>Poured</ActButton>
        <ActButton disabled>Nothing to do</ActButton>
        <LinkButton>More choices</LinkButton>
        <LinkButton disabled>Undo</LinkButton>
        <Disclosure title="How safe is this plan?">
          <p>One load more is cooked on Deep B.</p>
        </Disclosure>
      </Part>
      <Part name="Choices">
        <Chips
          label="Irons"
          chips={SHAPES.map((id) => ({ value: id, name: presetIron(id).name, picture: <Piece {...lookOf(id, 4)} size={32} /> }))}
          chosen={irons}
          onToggle={(id) => setIrons((before) => (before.includes(id) ? before.filter((other) => other !== id) : [...before, id]))}
        />
        <Tabs
          label="Recipe"
          tabs={[
            { name: 'Ingredients', panel: <p>As written.</p> },
            { name: 'Weigh', panel: <p>One after another.</p> },
            { name: 'Mix', panel: <p>Step by step.</p> },
          ]}
        />
      </Part>
      <Part name="Shelf">
        <div className="w-full">
          <Shelf name="Freezer">
            <Piece {...ROUND} size={64} label="9 pieces" />
            <Piece {...FOUR} size={64} label="4 pieces" />
          </Shelf>
        </div>
      </Part>
    </main>
  );
};
