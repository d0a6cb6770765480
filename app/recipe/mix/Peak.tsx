/** How a peak stands on the whisk: 0 runs off, about 0.4 slumps, 0.7 bends over, 0.95 stands, over 1 dry and broken. */
export const Peak = ({ stand }: { readonly stand: number }) => {
  const s = Math.max(0, Math.min(1.2, stand));
  const height = 20 + 120 * Math.min(1, s);
  const lean = s < 0.95 ? 70 * (1 - s) ** 0.8 * Math.min(1, s * 3) : 0;
  const base = 150 - 50 * Math.min(1, s);
  const tipX = 160 + lean;
  const tipY = 190 - height + (s < 0.6 ? lean * 0.7 : lean * 0.35);
  const isBroken = s > 1.03;
  return (
    <svg viewBox="0 40 320 180" className="w-full max-w-[420px]" aria-hidden>
      <path d="M10 196Q90 186 160 190T310 196V214H10Z" fill="#e6eae5" stroke="var(--color-ink)" strokeWidth="2" />
      {s > 0.05 && (
        <path
          d={`M${160 - base / 2} 192C${160 - base / 3} ${190 - height * 0.35},${150 + lean * 0.1} ${190 - height * 0.8},${tipX} ${tipY}C${170 + lean * 0.5} ${190 - height * 0.6},${160 + base / 3} ${190 - height * 0.3},${160 + base / 2} 192Z`}
          fill="var(--color-sheet)"
          stroke="var(--color-ink)"
          strokeWidth="2.5"
          strokeLinejoin="round"
          strokeDasharray={isBroken ? '5 5' : undefined}
        />
      )}
      {isBroken &&
        Array.from({ length: 14 }, (_, i) => (
          <circle key={i} cx={100 + ((i * 37) % 120)} cy={120 + ((i * 23) % 62)} r={2 + (i % 3)} fill="#b9cbd2" />
        ))}
    </svg>
  );
};
