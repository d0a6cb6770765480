import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { button, exported, figure, importFile, open, test } from './kitchen.ts';

type Row = { readonly id: string };
type KitchenFile = {
  readonly runs: readonly Row[];
  readonly lots: readonly Row[];
  readonly loads: readonly Row[];
  readonly loadEvents: readonly object[];
};

/** More than an iron's advice looks back, and no whole number of whatever batches they are read in. */
const LOADS = 90;

test('a long run counts every load, however many an iron has made, and hears a late word about its first', async ({ page }) => {
  await open(page, 'kitchen?section=data');
  const file = JSON.parse(readFileSync(await exported(page), 'utf8')) as KitchenFile;
  const cooked = Array.from({ length: LOADS }, (_, i) => ({
    ...file.loads.at(-1),
    id: `long-${i}`,
    runId: file.runs[0]?.id,
    ironId: 'deep-a',
    n: i + 1,
    startedAt: Date.now() - (LOADS - i) * 300_000,
  }));
  const event = (loadId: string, seq: number, kind: string, at: number, data: object = {}): object => ({
    loadId,
    seq,
    event: { kind, seq, at, data },
  });
  const told = cooked.flatMap(({ id, startedAt }) =>
    ['poured', 'closed', 'opened'].map((kind, seq) => event(id, seq, kind, startedAt + 60_000 * seq)),
  );
  const long = { ...file, loads: [...file.loads, ...cooked], loadEvents: [...file.loadEvents, ...told] };
  const take = async (json: unknown): Promise<void> => {
    await page.goto('/kitchen?section=data');
    await importFile(page, JSON.stringify(json), 'merged');
    await expect(page.getByRole('status').filter({ hasText: 'Put together' })).toBeVisible({ timeout: 60_000 });
  };
  await take(long);
  await open(page, 'cook');
  await expect.poll(() => figure(page, 'out')).toBe(LOADS);
  // And its next load is one like the others.
  await expect(button(page, 'deep-a', 'Poured')).toBeEnabled();
  const burnt = event('long-0', 3, 'logged', Date.now(), { kind: 'lost', mould: 0, value: 'burnt' });
  await take({ ...long, loadEvents: [...long.loadEvents, burnt] });
  await open(page, 'cook');
  await expect.poll(() => figure(page, 'out')).toBe(LOADS - 1);
});
