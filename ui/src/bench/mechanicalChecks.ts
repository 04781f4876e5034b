import { answer, api } from "../shared/api";
import { type Check, type Field, maybe, number, shown } from "./check";

/** Checks of air, gas, fuses and tools. */
export const DUCT: Check = {
  id: "duct",
  name: "Vent duct",
  what: "Length with elbows against the code",
  fields: [
    { name: "straight", label: "Straight", unit: "ft" },
    { name: "e90", label: "90° elbows", usual: "0" },
    { name: "e45", label: "45° elbows", usual: "0" },
    { name: "limit", label: "Limit", unit: "ft", usual: "35" },
  ],
  run: async (v, signal) => {
    const got = await answer(
      api.POST("/api/bench/duct", {
        signal,
        body: {
          straightFt: number(v.straight),
          elbows90: number(v.e90),
          elbows45: number(v.e45),
          limitFt: number(v.limit),
        },
      }),
    );
    return {
      verdict: got,
      band: { low: 0, high: got.limitFt, value: got.equivalentFt, unit: "ft" },
      figures: [["Equivalent length", `${shown(got.equivalentFt)} ft`]],
    };
  },
};

export const ORIFICE: Check = {
  id: "orifice",
  name: "Gas orifice",
  what: "Orifice size of a burner, for information",
  fields: [
    {
      name: "gas",
      label: "Gas supply",
      choices: [
        ["natural-gas", "natural gas"],
        ["lp", "LP (propane)"],
      ],
    },
    { name: "input", label: "Burner input", unit: "BTU/h", usual: "22000" },
    { name: "altitude", label: "Altitude", unit: "ft", usual: "0" },
  ],
  run: async (v, signal) => {
    const got = await answer(
      api.POST("/api/bench/orifice", {
        signal,
        body: {
          gas: v.gas ?? "natural-gas",
          inputBtuPerHour: number(v.input),
          altitudeFt: number(v.altitude),
          pressureInWc: null,
          heatingValueBtuPerFt3: null,
          specificGravity: null,
          dischargeCoefficient: null,
        },
      }),
    );
    return {
      verdict: got,
      band: null,
      figures: [
        ["Drill", `No. ${got.drill} (${got.drillDiameterInch.toFixed(4)} in)`],
        ["Conversion set", got.conversionSet.map((piece) => piece.replaceAll("-", " ")).join(" and ")],
        ["Diameter", `${got.diameterInch.toFixed(4)} in, ${(got.diameterInch * 25.4).toFixed(2)} mm`],
      ],
    };
  },
};

const SPEEDS: [string, string][] = [
  ["F", "fast (F)"],
  ["T", "time lag (T)"],
  ["FF", "very fast (FF)"],
  ["M", "medium (M)"],
];
const SIZES: [string, string][] = [
  ["6x32-mm", "6.3 × 32 mm"],
  ["5x20-mm", "5 × 20 mm"],
];

export const FUSE: Check = {
  id: "fuse",
  name: "Fuse substitution",
  what: "May the new fuse replace the old one?",
  fields: ["old", "new"].flatMap((which): Field[] => [
    { name: `${which}Amps`, label: `${which === "old" ? "Old" : "New"} fuse, amps`, unit: "A", usual: "20" },
    { name: `${which}Volts`, label: "volts", unit: "V", usual: "250" },
    { name: `${which}Speed`, label: "speed", choices: SPEEDS },
    { name: `${which}Size`, label: "body", choices: SIZES },
    { name: `${which}Breaking`, label: "breaking capacity", unit: "A", optional: true },
    { name: `${which}Standard`, label: "standard", unit: "IEC or UL", optional: true },
  ]),
  run: async (v, signal) => {
    const fuse = (which: string) => ({
      amps: number(v[`${which}Amps`]),
      volts: number(v[`${which}Volts`]),
      speed: v[`${which}Speed`] ?? "F",
      size: v[`${which}Size`] ?? "6x32-mm",
      breakingAmps: maybe(v[`${which}Breaking`]),
      standard: v[`${which}Standard`]?.trim() || null,
    });
    const got = await answer(
      api.POST("/api/bench/fuse", { signal, body: { original: fuse("old"), candidate: fuse("new") } }),
    );
    return { verdict: got, band: null, figures: [] };
  },
};

export const TOOL: Check = {
  id: "tool",
  name: "Wrench fit",
  what: "Inch and metric wrench on a head",
  fields: [
    { name: "tool", label: "Tool", unit: "8 mm, 5/16", usual: "8 mm" },
    { name: "head", label: "Head", unit: "mm, in", usual: "5/16 in" },
  ],
  run: async (v, signal) => {
    const got = await answer(
      api.POST("/api/bench/tool", { signal, body: { tool: v.tool ?? "", head: v.head ?? "" } }),
    );
    return { verdict: got, band: null, figures: [["Clearance", `${got.clearanceMm.toFixed(2)} mm`]] };
  },
};
