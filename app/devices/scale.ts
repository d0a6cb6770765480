import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import type { ScaleReading } from '../../core/weigh/index.ts';

/** What the stand-in can be told (see `server/standins`). */
type ScaleCommand =
  | { readonly do: 'add'; readonly grams: number }
  | { readonly do: 'clear' }
  | { readonly do: 'zero' }
  | { readonly do: 'lean' }
  | { readonly do: 'battery'; readonly level: number }
  | { readonly do: 'become'; readonly resolution_g: number; readonly most_g: number };

export type ScaleLink = {
  /** `absent`: nobody answers, weights are confirmed by hand. */
  readonly status: 'off' | 'absent' | 'live';
  /** The newest last; a few seconds of them. */
  readonly readings: readonly ScaleReading[];
  readonly tell: (command: ScaleCommand) => Promise<void>;
};

const REMEMBERED = 40;
const NAME_KEY = 'tawny-lattice-scale';
const NOTHING: readonly ScaleReading[] = [];

/** This browser's own scale, so that two benches never share one. */
const scaleName = (): string => {
  try {
    const known = localStorage.getItem(NAME_KEY) ?? crypto.randomUUID();
    localStorage.setItem(NAME_KEY, known);
    return known;
  } catch {
    return 'bench';
  }
};

/** The simulated scale, as the server streams it; `on` false: not asked for. */
export const useScale = (on: boolean): ScaleLink => {
  const [name] = useState(scaleName);
  const [isLive, setLive] = useState(false);
  const client = useQueryClient();
  const url = `/api/scales/${name}`;
  const { data: readings = NOTHING } = useQuery<readonly ScaleReading[]>({
    queryKey: ['scale', name],
    // Readings are pushed; there is nothing to fetch.
    queryFn: () => client.getQueryData<readonly ScaleReading[]>(['scale', name]) ?? NOTHING,
    enabled: on,
    staleTime: Infinity,
    gcTime: 1000,
  });
  useEffect(() => {
    if (!on) return;
    const stream = new EventSource(`${url}/stream`);
    stream.onmessage = (message: MessageEvent<string>) => {
      const reading = JSON.parse(message.data) as ScaleReading;
      setLive(true);
      client.setQueryData<readonly ScaleReading[]>(['scale', name], (before = NOTHING) => [...before.slice(1 - REMEMBERED), reading]);
    };
    // The browser tries again by itself; until then weights are confirmed by hand.
    stream.onerror = () => setLive(false);
    return () => {
      stream.close();
      setLive(false);
      client.setQueryData(['scale', name], NOTHING);
    };
  }, [on, url, name, client]);
  const tell = useCallback(
    async (command: ScaleCommand): Promise<void> => {
      try {
        await fetch(url, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(command) });
      } catch {
        setLive(false);
      }
    },
    [url],
  );
  return { status: !on ? 'off' : isLive ? 'live' : 'absent', readings, tell };
};
