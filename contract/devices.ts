import * as z from 'zod';

/**
 * What the devices say and what they can be told, for the server that plays them and the page that listens. Both ends check: nothing else passes.
 */

const Share = z.number().min(0).max(1);

/** A kitchen scale. */
export const ScaleCommand = z.discriminatedUnion('do', [
  z.object({ do: z.literal('add'), grams: z.number().min(-50_000).max(50_000) }),
  z.object({ do: z.literal('clear') }),
  z.object({ do: z.literal('zero') }),
  /** Somebody leans on the table. */
  z.object({ do: z.literal('lean') }),
  z.object({ do: z.literal('battery'), level: Share }),
  /** Another scale is taken. */
  z.object({ do: z.literal('become'), resolution_g: z.number().min(0.01).max(50), most_g: z.number().min(1).max(60_000) }),
]);
export type ScaleCommand = z.infer<typeof ScaleCommand>;

export const ScaleReading = z.object({
  /** The device's own clock, ms. */
  at: z.number(),
  grams: z.number().nullable(),
  trouble: z.enum(['overload', 'battery-flat']).nullable(),
  battery: Share,
});
export type ScaleReading = z.infer<typeof ScaleReading>;

/** A refrigerator with a probe in the bowl. */
export const RefrigeratorCommand = z.discriminatedUnion('do', [
  z.object({ do: z.literal('put'), mass_kg: z.number().min(0.05).max(30), start_C: z.number().min(0).max(50), yeast: z.boolean() }),
  z.object({ do: z.literal('door') }),
  z.object({ do: z.literal('set'), air_C: z.number().min(0).max(12) }),
  /** Simulated seconds per second. */
  z.object({ do: z.literal('speed'), factor: z.number().min(1).max(1200) }),
  z.object({ do: z.literal('probe'), isIn: z.boolean() }),
]);
export type RefrigeratorCommand = z.infer<typeof RefrigeratorCommand>;

export const RefrigeratorReading = z.object({
  at: z.number(),
  /** Since the bowl was put in, s; null: there is none. */
  since_s: z.number().nullable(),
  air_C: z.number(),
  probe_C: z.number().nullable(),
  /** Volume over what it was; null without yeast. */
  rise: z.number().nullable(),
});
export type RefrigeratorReading = z.infer<typeof RefrigeratorReading>;

/** An iron with a plate thermometer. */
export const IronCommand = z.discriminatedUnion('do', [
  /** Another iron is taken, of these measures; its faults follow from its name, and stay the same over a restart. */
  z.object({
    do: z.literal('become'),
    name: z.string().max(80),
    plates_kg: z.number().min(0.1).max(40),
    power_W: z.number().min(50).max(6000),
    low_C: z.number().min(80).max(320),
    high_C: z.number().min(80).max(320),
    heated_cm2: z.number().min(10).max(20_000),
  }),
  z.object({ do: z.literal('switch'), isOn: z.boolean() }),
  /** Where the control stands, from its lowest (0) to its highest mark (1). */
  z.object({ do: z.literal('set'), share: Share }),
  /** `fills_g`: what would fill it if its measures were right. */
  z.object({ do: z.literal('pour'), grams: z.number().min(1).max(5000), fills_g: z.number().min(1).max(5000) }),
  z.object({ do: z.literal('close') }),
  z.object({ do: z.literal('open') }),
  z.object({ do: z.literal('speed'), factor: z.number().min(1).max(120) }),
]);
export type IronCommand = z.infer<typeof IronCommand>;

/** What came out, for whoever looks and weighs. */
export const IronOutcome = z.object({
  n: z.int().min(1),
  cooked_s: z.number(),
  lowerLightness: z.number(),
  upperLightness: z.number(),
  share: z.number(),
  leaked_g: z.number(),
  isSet: z.boolean(),
  mass_g: z.number(),
  plate_C: z.number(),
});
export type IronOutcome = z.infer<typeof IronOutcome>;

export const IronReading = z.object({
  at: z.number(),
  clock_s: z.number(),
  isOn: z.boolean(),
  /** The light is on while it heats. */
  isHeating: z.boolean(),
  /** Plate thermometer: lower plate at the hinge and the front, upper plate. */
  hinge_C: z.number(),
  front_C: z.number(),
  upper_C: z.number(),
  lid: z.enum(['open', 'closed']),
  cooking_s: z.number().nullable(),
  /** 0–1, of the most this load has given. */
  steam: z.number(),
  hasBeeped: z.boolean(),
  out: IronOutcome.nullable(),
});
export type IronReading = z.infer<typeof IronReading>;
