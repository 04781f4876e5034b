import { answer, api } from "../shared/api";
import { type Check, DEGREES, mark, shown } from "./check";

const LIFT_LEAD = "Unplug it or open the breaker, and take one wire off the part.";

/** Checks of what a meter shows. */
export const ELEMENT: Check = {
  id: "element",
  name: "Heating element",
  what: "Resistance against the nameplate",
  method: [
    LIFT_LEAD,
    "Set the meter to ohms and read across the element's terminals, then from each terminal to its metal case.",
    "Expected: volts times volts, divided by watts.",
  ],
  fields: [
    { name: "volts", label: "Nameplate volts", unit: "V", example: "240" },
    { name: "watts", label: "Nameplate watts", unit: "W", example: "5.4 kW" },
    { name: "ohms", label: "Meter reading", unit: "Ω", example: "10.9" },
    { name: "toCaseOhms", label: "Terminal to case", unit: "Ω", otherwise: "Ω, if measured", example: "OL" },
    {
      name: "supplyVolts",
      label: "Supply voltage",
      unit: "V",
      otherwise: "as on the nameplate",
      example: "236",
    },
  ],
  run: async (v, signal) => {
    const got = await answer(
      api.POST("/api/bench/element", {
        signal,
        body: {
          volts: v.figure("volts"),
          watts: v.figure("watts"),
          ohms: v.meter("ohms"),
          toCaseOhms: v.word("toCaseOhms").trim() ? v.meter("toCaseOhms") : null,
          supplyVolts: v.maybe("supplyVolts"),
        },
      }),
    );
    return {
      verdict: got,
      band: { low: got.lowOhms, high: got.highOhms, value: mark(v.meter("ohms")), unit: "Ω" },
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
  method: [
    "Unplug it or open the breaker, and take the wires off all three terminals.",
    "C is the terminal that both coils share. Read each pair in ohms, then C to the metal case.",
    "Expected of A–B: both coils in a row.",
  ],
  fields: [
    { name: "volts", label: "Nameplate volts", unit: "V", example: "240" },
    { name: "a", label: "Watts of coil C–A", unit: "W", example: "2700" },
    { name: "b", label: "Watts of coil C–B", unit: "W", example: "2700" },
    { name: "ca", label: "Reading C–A", unit: "Ω", example: "21.5" },
    { name: "cb", label: "Reading C–B", unit: "Ω", example: "OL" },
    { name: "ab", label: "Reading A–B", unit: "Ω", example: "OL" },
    { name: "toCase", label: "C to case", unit: "Ω", otherwise: "Ω, if measured", example: "OL" },
  ],
  run: async (v, signal) => {
    const pairs = [
      ["C", "A", v.meter("ca")],
      ["C", "B", v.meter("cb")],
      ["A", "B", v.meter("ab")],
    ] as const;
    const got = await answer(
      api.POST("/api/bench/coils", {
        signal,
        body: {
          volts: v.figure("volts"),
          coils: [
            { from: "C", to: "A", watts: v.figure("a") },
            { from: "C", to: "B", watts: v.figure("b") },
          ],
          readings: pairs.map(([from, to, ohms]) => ({ from, to, ohms })),
          toCase: v.word("toCase").trim() ? [{ terminal: "C", ohms: v.meter("toCase") }] : [],
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
  method: [
    LIFT_LEAD,
    "Let it take the temperature of the room, and measure that temperature beside it.",
    "Read it in ohms: a thermistor reads less when warmer, a platinum sensor more.",
  ],
  fields: [
    {
      name: "kind",
      label: "Kind of sensor",
      choices: [
        ["beta", "thermistor"],
        ["platinum", "platinum (oven)"],
      ],
      example: "beta",
    },
    { name: "r25", label: "Ohms at 77 °F (25 °C)", unit: "Ω", onlyFor: ["kind", "beta"], example: "10 k" },
    { name: "beta", label: "Beta", unit: "K", onlyFor: ["kind", "beta"], example: "3977" },
    { name: "r0", label: "Ohms at 32 °F (0 °C)", unit: "Ω", onlyFor: ["kind", "platinum"], example: "1000" },
    { name: "celsius", label: "Its temperature now", unit: DEGREES, example: "72 F" },
    { name: "ohms", label: "Meter reading", unit: "Ω", example: "11.2 k" },
  ],
  run: async (v, signal) => {
    const platinum = v.word("kind") === "platinum";
    const got = await answer(
      api.POST("/api/bench/thermistor", {
        signal,
        body: {
          r25Ohms: platinum ? null : v.figure("r25"),
          betaKelvin: platinum ? null : v.figure("beta"),
          platinumOhmsAtZero: platinum ? v.figure("r0") : null,
          steinhartHart: null,
          celsius: v.figure("celsius"),
          ohms: v.meter("ohms"),
          tolerancePercent: null,
        },
      }),
    );
    return {
      verdict: got,
      band: { low: got.lowOhms, high: got.highOhms, value: mark(v.meter("ohms")), unit: "Ω" },
      figures: [["Expected", `${shown(got.expectedOhms)} Ω`]],
    };
  },
};

export const SUPPLY: Check = {
  id: "supply",
  name: "Supply voltage",
  what: "Volts at the terminals",
  method: [
    "The terminals are live: only for someone trained for it, with a meter rated for it.",
    "Set the meter to AC volts. Read the two hot terminals against each other, then each against neutral.",
    "Read it while the appliance runs: a poor connection shows under load.",
  ],
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
      example: "240",
    },
    { name: "volts", label: "Meter reading", unit: "V", example: "236" },
    {
      name: "point",
      label: "Measured at",
      choices: [
        ["utilization", "the appliance"],
        ["service", "the service panel"],
      ],
      example: "utilization",
    },
  ],
  run: async (v, signal) => {
    const got = await answer(
      api.POST("/api/bench/supply", {
        signal,
        body: { nominalVolts: Number(v.word("nominal")), volts: v.figure("volts"), point: v.word("point") },
      }),
    );
    return {
      verdict: got,
      band: { low: got.lowVolts, high: got.highVolts, value: v.figure("volts"), unit: "V" },
      figures: [["Acceptable", `${got.lowestVolts} to ${got.highestVolts} V`]],
    };
  },
};

export const CAPACITOR: Check = {
  id: "capacitor",
  name: "Stored charge",
  what: "For warning only, never permission to touch",
  method: [
    "A microwave's capacitor can kill long after it was unplugged. Only a licensed technician opens the case.",
    "This shows how much it holds and how long its bleed resistor would take, should that be sound.",
  ],
  fields: [
    { name: "microfarads", label: "Capacitance", unit: "µF", example: "1 µF" },
    { name: "volts", label: "Charged to", unit: "V", example: "2.1 kV" },
    { name: "bleed", label: "Bleed resistor", unit: "MΩ", example: "10" },
  ],
  run: async (v, signal) => {
    const got = await answer(
      api.POST("/api/bench/capacitor", {
        signal,
        body: {
          microfarads: v.figure("microfarads"),
          volts: v.figure("volts"),
          bleedMegohms: v.meter("bleed"),
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
  method: [
    LIFT_LEAD,
    "The stamp has the temperature at which it opens: L155 is 155 °F (68 °C).",
    "Read across it: closed when colder than the stamp, open when hotter. A fuse that opened stays open.",
  ],
  fields: [
    { name: "opens", label: "Stamped temperature", unit: DEGREES, example: "L155" },
    { name: "celsius", label: "Its temperature now", unit: DEGREES, example: "72 F" },
    { name: "ohms", label: "Meter reading", unit: "Ω", example: "beeps" },
  ],
  run: async (v, signal) => {
    const got = await answer(
      api.POST("/api/bench/thermostat", {
        signal,
        body: { opensCelsius: v.figure("opens"), celsius: v.figure("celsius"), ohms: v.meter("ohms") },
      }),
    );
    return { verdict: got, band: null, figures: [] };
  },
};
