import type { Wire } from "./api";
import { isMetric, region } from "./region";

/** Figures as a person reads them. */
export const percent = (share: number): string =>
  share > 0 && share < 0.01 ? "<1%" : `${Math.round(100 * share)}%`;

export const minutes = (m: number): string => (m < 1 ? "under 1\u00a0min" : `${Math.round(m)}\u00a0min`);

export const many = (count: number, one: string): string => `${count} ${one}${count === 1 ? "" : "s"}`;

/** A number of years in words, to the half. */
export const years = (count: number): string => {
  const half = Math.round(count * 2) / 2;
  return half === 1 ? "1 year" : `${half} years`;
};

const locale = (): string => (isMetric() ? "en-GB" : "en-US");

/** A date: MM/DD/YYYY, or in words where the region is metric. */
export const day = (iso: string): string =>
  new Date(iso).toLocaleDateString(
    locale(),
    isMetric()
      ? { day: "numeric", month: "short", year: "numeric", timeZone: zoneOf(iso) }
      : { month: "2-digit", day: "2-digit", year: "numeric", timeZone: zoneOf(iso) },
  );

/** A date without a time is of no time zone. */
const zoneOf = (iso: string): string | undefined => (iso.length === 10 ? "UTC" : undefined);

/** A date and time of day. */
export const when = (iso: string): string =>
  `${day(iso)}, ${new Date(iso).toLocaleTimeString(locale(), {
    hour: "numeric",
    minute: "2-digit",
    hour12: region().clock === "twelve-hours",
  })}`;

/** An amount with the symbol of a currency; that of the price list unless another is given. */
export const money = (amount: string, currency: string = region().currency): string =>
  new Intl.NumberFormat(locale(), { style: "currency", currency }).format(Number(amount));

/** A count with its thousands set apart. */
export const count = (number: number): string => number.toLocaleString(locale());

const MM_PER_INCH = 25.4;

/** A length, in the unit of the region first. */
export const length = (mm: number): string => {
  const inches = `${(mm / MM_PER_INCH).toFixed(mm < 100 ? 2 : 1)}\u00a0in`;
  return isMetric() ? `${Math.round(mm)}\u00a0mm (${inches})` : `${inches} (${Math.round(mm)}\u00a0mm)`;
};

/** A range of build dates or serial numbers: "built from 03/01/2017". */
export const range = (
  what: string,
  from: string | null | undefined,
  to: string | null | undefined,
): string => (from || to ? `${what}${from ? ` from ${from}` : ""}${to ? ` to ${to}` : ""}` : "");

/** A range of build dates. */
export const builtRange = (from: string | null | undefined, to: string | null | undefined): string =>
  range("built", from && day(from), to && day(to));

export type Fuel = NonNullable<Wire["ModelWire"]["fuel"]>;
type Hazard = Wire["Caution"]["hazard"];
type NoteKind = Wire["HandoverPlannerBagEntry"]["kind"];

const FUELS: Record<Fuel, string> = {
  electric: "electric",
  "natural-gas": "natural gas",
  lp: "LP (propane)",
};
export const fuelName = (fuel: Fuel): string => FUELS[fuel];

export const sentence = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const HAZARDS: Record<Hazard, string> = {
  mains: "Line voltage",
  gas: "Gas",
  "wrong-gas-set": "Wrong gas conversion set",
  "stored-charge": "Stored charge",
  "microwave-leakage": "Microwave leakage",
  "sharp-metal": "Sharp metal",
  weight: "Heavy",
  "falling-panel": "Falling panel",
  water: "Water",
  glass: "Broken glass",
  fire: "Fire",
  fragile: "Fragile",
  "carbon-monoxide": "Carbon monoxide",
};
export const hazardName = (hazard: Hazard): string => HAZARDS[hazard];

const NOTES: Record<NoteKind, string> = {
  "in-the-bag": "In the bag",
  reuse: "Reuse",
  buy: "Note",
  discard: "Discard",
};
export const noteName = (kind: NoteKind): string => NOTES[kind];

/** The appliances there is knowledge of, in the order in which they are shown. */
export const APPLIANCES = ["dryer", "range", "dishwasher", "microwave"];

/** A model's number as it stands in an address. */
export const keyOf = (model: string): string => model.replace(/[^A-Za-z0-9]/g, "");

/** A field of a case in words: "cautionsShown" as "Cautions shown". */
export const fieldName = (field: string): string =>
  sentence(field.replace(/[A-Z]/g, (capital) => ` ${capital.toLowerCase()}`));
