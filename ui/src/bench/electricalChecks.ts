import { answer, api } from "../shared/api";
import { celsius, type Check, maybe, number, plainFigure, reading, shown } from "./check";

/** Checks of what a meter shows. */
export const ELEMENT: Check = {
  id: "element",
  name: "Heating element",
  what: "Resistance against the nameplate",
  fields: [
    { name: "volts", label: "Nameplate volts", unit: "V", usual: "240" },
    { name: "watts", label: "Nameplate watts", unit: "W", usual: "5400" },
    { name: "ohms", label: "Meter reading", unit: "Ω, OL, beeps" },
    { name: "toCaseOhms", label: "Terminal to case", unit: "Ω, OL", optional: true },
    { name: "supplyVolts", label: "Supply voltage", unit: "V", optional: true },
  ],
  run: async (v, signal) => {
    const got = await answer(
      api.POST("/api/bench/element", {
        signal,
        body: {
          volts: number(v.volts),
          watts: number(v.watts),
          ohms: reading(v.ohms),
          toCaseOhms: v.toCaseOhms?.trim() ? reading(v.toCaseOhms) : null,
          supplyVolts: maybe(v.supplyVolts),
        },
      }),
    );
    return {
      verdict: got,
      band: { low: got.lowOhms, high: got.highOhms, value: plainFigure(v.ohms), unit: "Ω" },
      figures: [
        ["Expected", `${shown(got.expectedOhms)} Ω`],
        ["Output at that supply", `${shown(got.wattsAtSupply)} W`],
      ],
    };
  },
};

const figureOf = (value: unknown): string =>
  typeof value === "number" ? `${shown(value)} Ω` : String(value);

export const COILS: Check = {
  id: "coils",
  name: "Two coils, three terminals",
  what: "Each pair of terminals",
  fields: [
    { name: "volts", label: "Nameplate volts", unit: "V", usual: "240" },
    { name: "a", label: "Coil C–A", unit: "W", usual: "2700" },
    { name: "b", label: "Coil C–B", unit: "W", usual: "2700" },
    { name: "ca", label: "Reading C–A", unit: "Ω, OL" },
    { name: "cb", label: "Reading C–B", unit: "Ω, OL" },
    { name: "ab", label: "Reading A–B", unit: "Ω, OL" },
    { name: "toCase", label: "C to case", unit: "Ω, OL", optional: true },
  ],
  run: async (v, signal) => {
    const pairs = [
      ["C", "A", v.ca],
      ["C", "B", v.cb],
      ["A", "B", v.ab],
    ] as const;
    const got = await answer(
      api.POST("/api/bench/coils", {
        signal,
        body: {
          volts: number(v.volts),
          coils: [
            { from: "C", to: "A", watts: number(v.a) },
            { from: "C", to: "B", watts: number(v.b) },
          ],
          readings: pairs.map(([from, to, ohms]) => ({ from, to, ohms: reading(ohms) })),
          toCase: v.toCase?.trim() ? [{ terminal: "C", ohms: reading(v.toCase) }] : [],
        },
      }),
    );
    return {
      verdict: got,
      band: null,
      figures: got.pairs.map((pair) => [
        `${pair.from}–${pair.to}`,
        `${figureOf(pair.ohms)}, expected ${figureOf(pair.expectedOhms)}: ${pair.verdict}`,
      ]),
    };
  },
};

export const THERMISTOR: Check = {
  id: "thermistor",
  name: "Temperature sensor",
  what: "Resistance at its temperature",
  fields: [
    {
      name: "kind",
      label: "Kind of sensor",
      choices: [
        ["beta", "thermistor"],
        ["platinum", "platinum (oven)"],
      ],
    },
    { name: "r25", label: "Ohms at 77 °F (25 °C)", unit: "Ω; platinum: at 32 °F (0 °C)", usual: "10000" },
    { name: "beta", label: "Beta", unit: "K; not for platinum", usual: "3977" },
    { name: "celsius", label: "Ambient temperature", usualCelsius: 22 },
    { name: "ohms", label: "Meter reading", unit: "Ω, k, OL" },
  ],
  run: async (v, signal) => {
    const got = await answer(
      api.POST("/api/bench/thermistor", {
        signal,
        body: {
          r25Ohms: v.kind === "platinum" ? null : number(v.r25),
          betaKelvin: v.kind === "platinum" ? null : number(v.beta),
          platinumOhmsAtZero: v.kind === "platinum" ? number(v.r25) : null,
          steinhartHart: null,
          celsius: celsius(v.celsius),
          ohms: reading(v.ohms),
          tolerancePercent: null,
        },
      }),
    );
    return {
      verdict: got,
      band: { low: got.lowOhms, high: got.highOhms, value: plainFigure(v.ohms), unit: "Ω" },
      figures: [["Expected", `${shown(got.expectedOhms)} Ω`]],
    };
  },
};

export const SUPPLY: Check = {
  id: "supply",
  name: "Supply voltage",
  what: "Volts at the terminals",
  fields: [
    {
      name: "nominal",
      label: "Nominal",
      choices: [
        ["240", "240 V"],
        ["120", "120 V"],
        ["208", "208 V"],
        ["230", "230 V"],
        ["400", "400 V"],
      ],
    },
    { name: "volts", label: "Meter reading", unit: "V" },
    {
      name: "point",
      label: "Measured at",
      choices: [
        ["utilization", "the appliance"],
        ["service", "the service panel"],
      ],
    },
  ],
  run: async (v, signal) => {
    const got = await answer(
      api.POST("/api/bench/supply", {
        signal,
        body: { nominalVolts: number(v.nominal), volts: number(v.volts), point: v.point ?? "utilization" },
      }),
    );
    return {
      verdict: got,
      band: { low: got.lowVolts, high: got.highVolts, value: number(v.volts), unit: "V" },
      figures: [["Acceptable", `${got.lowestVolts} to ${got.highestVolts} V`]],
    };
  },
};

export const CAPACITOR: Check = {
  id: "capacitor",
  name: "Stored charge",
  what: "For warning only, never permission to touch",
  fields: [
    { name: "microfarads", label: "Capacitance", unit: "µF", usual: "1" },
    { name: "volts", label: "Charged to", unit: "V", usual: "2100" },
    { name: "bleed", label: "Bleed resistor", unit: "MΩ, OL", usual: "10" },
  ],
  run: async (v, signal) => {
    const got = await answer(
      api.POST("/api/bench/capacitor", {
        signal,
        body: {
          microfarads: number(v.microfarads),
          volts: number(v.volts),
          bleedMegohms: reading(v.bleed),
          safeVolts: null,
        },
      }),
    );
    return { verdict: got, band: null, figures: [["Energy", `${shown(got.joules)} J`]] };
  },
};

export const THERMOSTAT: Check = {
  id: "thermostat",
  name: "Thermostat, thermal fuse",
  what: "Open or closed at its temperature",
  fields: [
    { name: "opens", label: "Stamped temperature", usualCelsius: 120 },
    { name: "celsius", label: "Its temperature now", usualCelsius: 22 },
    { name: "ohms", label: "Meter reading", unit: "Ω, OL, beeps" },
  ],
  run: async (v, signal) => {
    const got = await answer(
      api.POST("/api/bench/thermostat", {
        signal,
        body: { opensCelsius: celsius(v.opens), celsius: celsius(v.celsius), ohms: reading(v.ohms) },
      }),
    );
    return { verdict: got, band: null, figures: [] };
  },
};
