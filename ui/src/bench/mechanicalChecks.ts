import { answer, api } from "../shared/api";
import { type Check, type Field, shown } from "./check";

/** Checks of air, gas, fuses and tools. */
export const DUCT: Check = {
  id: "duct",
  name: "Vent duct",
  what: "Length with elbows against the code",
  method: [
    "Measure the straight pieces from the dryer to the hood outside, and count the elbows.",
    "Each elbow counts as feet of its own; the sum stays below the limit of the code or the dryer's maker.",
  ],
  fields: [
    { name: "straight", label: "Straight", unit: "ft", example: "22 1/2 ft" },
    { name: "e90", label: "90° elbows", unit: "count", example: "2" },
    { name: "e45", label: "45° elbows", unit: "count", example: "0" },
    {
      name: "limit",
      label: "Limit",
      unit: "ft",
      otherwise: "35 ft, if the maker says no other",
      example: "35",
    },
  ],
  run: async (v, signal) => {
    const got = await answer(
      api.POST("/api/bench/duct", {
        signal,
        body: {
          straightFt: v.figure("straight"),
          elbows90: v.figure("e90"),
          elbows45: v.figure("e45"),
          limitFt: v.maybe("limit"),
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
  method: [
    "Read the burner's input on the rating plate, and ask for the gas supply and the altitude.",
    "A conversion between gases is work for a licensed technician, with the maker's whole conversion set.",
  ],
  fields: [
    {
      name: "gas",
      label: "Gas supply",
      choices: [
        ["natural-gas", "natural gas"],
        ["lp", "LP (propane)"],
      ],
      example: "natural-gas",
    },
    { name: "input", label: "Burner input", unit: "BTU/h", example: "22,000 BTU" },
    { name: "altitude", label: "Altitude", unit: "ft", otherwise: "up to 2,000 ft", example: "5280 ft" },
  ],
  run: async (v, signal) => {
    const got = await answer(
      api.POST("/api/bench/orifice", {
        signal,
        body: {
          gas: v.word("gas"),
          inputBtuPerHour: v.figure("input"),
          altitudeFt: v.maybe("altitude"),
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
  method: [
    "Read both caps: letters for the speed, then amps, volts and, where it is stamped, the breaking capacity.",
    "The same amps, speed and body; volts and breaking capacity not lower. Find out why the old one opened.",
  ],
  fields: [
    ["old", "Old fuse"],
    ["new", "New fuse"],
  ].flatMap(([which, fuse]): Field[] => [
    { name: `${which}Amps`, label: `${fuse}, amps`, unit: "A", example: "20 A" },
    { name: `${which}Volts`, label: `${fuse}, volts`, unit: "V", example: "250" },
    { name: `${which}Speed`, label: `${fuse}, speed`, choices: SPEEDS, example: "F" },
    { name: `${which}Size`, label: `${fuse}, body`, choices: SIZES, example: "6x32-mm" },
    {
      name: `${which}Breaking`,
      label: `${fuse}, breaking`,
      unit: "A",
      otherwise: "A, if stamped",
      example: "1500",
    },
    { name: `${which}Standard`, label: `${fuse}, standard`, otherwise: "IEC or UL, if stamped", example: "" },
  ]),
  run: async (v, signal) => {
    const fuse = (which: string) => ({
      amps: v.figure(`${which}Amps`),
      volts: v.figure(`${which}Volts`),
      speed: v.word(`${which}Speed`),
      size: v.word(`${which}Size`),
      breakingAmps: v.maybe(`${which}Breaking`),
      standard: v.word(`${which}Standard`).trim() || null,
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
  method: ["Read the size on the wrench or socket, and measure the head across its flats, or name it."],
  fields: [
    { name: "tool", label: "Tool", unit: "mm", example: "8 mm" },
    { name: "head", label: "Head", unit: "mm", example: "5/16 in" },
  ],
  run: async (v, signal) => {
    const got = await answer(
      api.POST("/api/bench/tool", {
        signal,
        body: { tool: `${v.figure("tool")} mm`, head: `${v.figure("head")} mm` },
      }),
    );
    return { verdict: got, band: null, figures: [["Clearance", `${got.clearanceMm.toFixed(2)} mm`]] };
  },
};
