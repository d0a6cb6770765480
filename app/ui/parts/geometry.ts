/** A point at so many turns clockwise from the top, on a circle. */
export const onCircle = (turns: number, radius: number, [cx, cy]: readonly [number, number] = [0, 0]): readonly [number, number] => [
  cx + radius * Math.sin(2 * Math.PI * turns),
  cy - radius * Math.cos(2 * Math.PI * turns),
];

/** An arc of a circle from one turn to another, clockwise, as a path; of a whole turn or more a hair is left open. */
export const arcPath = (from: number, to: number, radius: number, centre: readonly [number, number] = [0, 0]): string => {
  const end = Math.min(to, from + 0.9999);
  const [x1, y1] = onCircle(from, radius, centre);
  const [x2, y2] = onCircle(end, radius, centre);
  return `M${x1.toFixed(2)} ${y1.toFixed(2)}A${radius} ${radius} 0 ${end - from > 0.5 ? 1 : 0} 1 ${x2.toFixed(2)} ${y2.toFixed(2)}`;
};
