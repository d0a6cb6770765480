/** Where a bowl stands, and how heat goes in and out of it. */
export type StandingPlace =
  | { readonly kind: 'kitchen'; readonly air_C: number }
  /** The compressor lets the air swing around its mean, `swing_K` to either side, once in `period_s`. */
  | { readonly kind: 'refrigerator'; readonly air_C: number; readonly swing_K: number; readonly period_s: number }
  | { readonly kind: 'ice-bath' };

export const VESSELS = ['bowl', 'jug', 'shallow-pan'] as const;
export type Vessel = (typeof VESSELS)[number];

/** From `at_s` on it stands there. */
export type Stay = { readonly at_s: number; readonly place: StandingPlace };

/** Heat through the wall of a covered vessel into still air, cold moving air, or ice water, W/(m²K): fitted to one bowl (2.5 kg, 28 °C, six hours to 5 °C at 4 °C; *common practice*). */
const U_KITCHEN = 9;
const U_REFRIGERATOR = 11;
const U_ICE = 95;

/** Batters of flour, milk and egg, J/(kg K) and kg/L: Choi & Okos for some 55 % water. */
const BATTER_J_PER_KG_K = 3150;
const BATTER_KG_PER_L = 1.06;

/** Outer surface, m², of a vessel with this much in it, L. A bowl is about as deep as wide; a pan is three centimetres deep. */
export const surface_m2 = (litres: number, vessel: Vessel): number => {
  const m3 = litres / 1000;
  const compact = 6 * m3 ** (2 / 3);
  if (vessel === 'jug') return 1.12 * compact;
  return vessel === 'bowl' ? compact : Math.max(compact, (2 * m3) / 0.03 + 4 * 0.03 * Math.sqrt(m3 / 0.03));
};

/** Time constant of a vessel in a place, s: m·c over U·A (Newton's law of cooling; the batter is taken as one temperature). */
export const timeConstant_s = (mass_kg: number, vessel: Vessel, place: StandingPlace['kind']): number => {
  const area = surface_m2(mass_kg / BATTER_KG_PER_L, vessel);
  const u = place === 'kitchen' ? U_KITCHEN : place === 'refrigerator' ? U_REFRIGERATOR : U_ICE;
  return (mass_kg * BATTER_J_PER_KG_K) / (u * area);
};

export const airAt = (place: StandingPlace, t_s: number): number => {
  if (place.kind === 'ice-bath') return 0.5;
  if (place.kind === 'kitchen') return place.air_C;
  return place.air_C + place.swing_K * Math.sin((2 * Math.PI * t_s) / place.period_s);
};

/** Where the bowl stands at a time; before the first stay it is there already. */
export const placeAt = (stays: readonly Stay[], t_s: number): StandingPlace => {
  let found = stays[0]?.place ?? { kind: 'kitchen' as const, air_C: 20 };
  for (const stay of stays) if (stay.at_s <= t_s) found = stay.place;
  return found;
};

/** Newton cooling in a steady place: T(t) = T_air + (T₀ − T_air)·e^(−t/τ). */
export const cooled_C = (start_C: number, air_C: number, tau_s: number, t_s: number): number =>
  air_C + (start_C - air_C) * Math.exp(-t_s / tau_s);

/** Seconds until it has cooled to a wish; null where the air never lets it. */
export const timeToCool_s = (start_C: number, wanted_C: number, air_C: number, tau_s: number): number | null => {
  if (start_C <= wanted_C) return 0;
  return wanted_C <= air_C + 1e-9 ? null : tau_s * Math.log((start_C - air_C) / (wanted_C - air_C));
};

/** Milk and fat in an open pan on a cool plate, stirred now and then: steam and rim help, W/(m²K) (*calibrated to common practice*: five to six minutes). */
const U_PAN = 52;
/** Butter has just melted through in the milk, °C; scalded milk (*common practice*). */
export const JUST_MELTED_C = 54;
export const SCALDED_C = 82;
/** Just warm to a clean finger, °C: skin is at 33–34 (*common practice*). */
export const FINGER_WARM_C = 41;

/** Seconds until milk and fat in a pan are just warm; null in a kitchen that is warmer. */
export const panCools_s = (mass_kg: number, start_C: number, wanted_C: number, room_C: number): number | null => {
  const area = 1.25 * surface_m2(mass_kg, 'bowl');
  return timeToCool_s(start_C, wanted_C, room_C, (mass_kg * 3800) / (U_PAN * area));
};

export type Warm = { readonly mass_g: number; readonly temperature_C: number; readonly heat_JPerKgK: number };

/** Temperature that the liquid must have for the whole to have the wanted one: an energy balance; friction warms it by `friction_K`. */
export const liquidTemperature_C = (
  liquid: Omit<Warm, 'temperature_C'>,
  others: readonly Warm[],
  wanted_C: number,
  friction_K: number,
): number => {
  const capacity = (w: Omit<Warm, 'temperature_C'>): number => (w.mass_g / 1000) * w.heat_JPerKgK;
  const all = capacity(liquid) + others.reduce((sum, w) => sum + capacity(w), 0);
  const held = others.reduce((sum, w) => sum + capacity(w) * w.temperature_C, 0);
  return ((wanted_C - friction_K) * all - held) / capacity(liquid);
};

/** The baker's rule: n × wanted − the sum of the others and friction (professional baking texts, from memory, high). */
export const desiredTemperatureRule = (wanted: number, others: readonly number[], friction: number): number =>
  (others.length + 1) * wanted - others.reduce((a, b) => a + b, 0) - friction;
