import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import type * as z from 'zod';
import { newId } from '../store/newId.ts';
import { keepText, keptText } from '../webStorage.ts';

export type DeviceLink<R, C> = {
  /** `absent`: nobody answers, and everything is said by hand. */
  readonly status: 'off' | 'absent' | 'live';
  /** The newest last; a few seconds of them. */
  readonly readings: readonly R[];
  readonly tell: (command: C) => Promise<void>;
};

const REMEMBERED = 40;
const NAME_KEY = 'tawny-lattice-bench';

/** A reading, if it is one: what else comes down the line is passed over. */
const heard = <R>(shape: z.ZodType<R>, text: string): R | null => {
  try {
    const read = shape.safeParse(JSON.parse(text));
    return read.success ? read.data : null;
  } catch {
    return null;
  }
};

/** This browser's own devices, so that two benches never share one. */
const benchName = (): string => {
  const known = keptText('browser', NAME_KEY) ?? newId();
  keepText('browser', NAME_KEY, known);
  // Where nothing may be kept, all tabs share one.
  return keptText('browser', NAME_KEY) ?? 'bench';
};

/** A device's readings as the server streams them into the query cache; `on` false: not asked for. */
export const useDevice = <R, C>(path: 'scales' | 'refrigerators' | 'irons', shape: z.ZodType<R>, on: boolean): DeviceLink<R, C> => {
  const [name] = useState(benchName);
  const [isLive, setLive] = useState(false);
  const client = useQueryClient();
  const url = `/api/${path}/${name}`;
  const { data } = useQuery<readonly R[]>({
    queryKey: ['device', path, name],
    // Readings are pushed; there is nothing to fetch.
    queryFn: () => client.getQueryData<readonly R[]>(['device', path, name]) ?? [],
    enabled: on,
    staleTime: Infinity,
    gcTime: 1000,
  });
  useEffect(() => {
    if (!on) return;
    const key = ['device', path, name];
    const stream = new EventSource(`${url}/stream`);
    stream.onmessage = (message: MessageEvent<string>) => {
      const reading = heard(shape, message.data);
      if (reading === null) return;
      setLive(true);
      client.setQueryData<readonly R[]>(key, (before = []) => [...before.slice(1 - REMEMBERED), reading]);
    };
    // The browser tries again by itself; until then everything is said by hand.
    stream.onerror = () => setLive(false);
    return () => {
      stream.close();
      setLive(false);
      client.setQueryData<readonly R[]>(key, []);
    };
  }, [on, url, path, name, client, shape]);
  const tell = useCallback(
    async (command: C): Promise<void> => {
      try {
        await fetch(url, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(command) });
      } catch {
        setLive(false);
      }
    },
    [url],
  );
  return { status: !on ? 'off' : isLive ? 'live' : 'absent', readings: data ?? [], tell };
};
