import { Plus } from 'lucide-react';
import type { Kit } from '../../core/kit/index.ts';
import { newId } from '../store/index.ts';
import { NumberEntry } from '../ui/index.ts';
import type { PartProps } from './Measures.tsx';

/** Fuses, with the irons that hang on them. */
export const Circuits = ({ kit, onSave }: PartProps) => {
  const add = (): void =>
    onSave((now) => ({
      ...now,
      circuits: [...now.circuits, { id: newId(), name: `Circuit ${now.circuits.length + 1}`, current_A: 16, voltage_V: 230 }],
    }));
  const change = (id: string, changes: Partial<Kit['circuits'][number]>): void =>
    onSave((now) => ({ ...now, circuits: now.circuits.map((circuit) => (circuit.id === id ? { ...circuit, ...changes } : circuit)) }));
  return (
    <section aria-label="Circuits">
      <h2 className="text-xl">Circuits</h2>
      <p className="text-[15px] text-quiet">All irons on one circuit count against it. Wiring is work for a licensed electrician.</p>
      <ul className="mt-2 flex flex-col gap-2">
        {kit.circuits.map((circuit) => (
          <li key={circuit.id} className="flex flex-wrap items-end gap-4">
            <b className="w-40 self-center">{circuit.name}</b>
            <NumberEntry
              label="Ampere"
              value={circuit.current_A}
              min={1}
              max={125}
              onChange={(value) => value !== null && change(circuit.id, { current_A: value })}
            />
            <NumberEntry
              label="Volt"
              value={circuit.voltage_V}
              min={90}
              max={480}
              onChange={(value) => value !== null && change(circuit.id, { voltage_V: value })}
            />
          </li>
        ))}
      </ul>
      <button type="button" className="button-plain mt-2" disabled={kit.circuits.length >= 20} onClick={add}>
        <Plus aria-hidden className="size-5" /> Add a circuit
      </button>
    </section>
  );
};
