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

export const day = (iso: string): string =>
  new Date(iso).toLocaleDateString("en-GB", { day: "numeric", month: "long", year: "numeric" });

export const when = (iso: string): string =>
  new Date(iso).toLocaleString("en-GB", {
    day: "numeric",
    month: "short",
    hour: "2-digit",
    minute: "2-digit",
  });

const ORDINALS = ["th", "st", "nd", "rd"];
export const ordinal = (n: number): string =>
  `${n}${ORDINALS[Math.floor(n / 10) % 10 === 1 ? 0 : n % 10] ?? "th"}`;

const FUELS: Record<string, string> = { electric: "electric", "natural-gas": "mains gas", lp: "bottled gas" };
export const fuelName = (slug: string): string => FUELS[slug] ?? slug;

export const sentence = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Sums of money as decimal strings, without a binary fraction in between. */
export const differenceOf = (a: string, b: string): string => {
  const cents = (decimal: string) => BigInt(decimal.replace(".", ""));
  const d = cents(a) - cents(b);
  const digits = (d < 0n ? -d : d).toString().padStart(3, "0");
  return `${digits.slice(0, -2)}.${digits.slice(-2)}`;
};

export const hazardName = (slug: string): string => sentence(slug.replaceAll("-", " "));

const NOTES: Record<string, string> = {
  "in-the-bag": "In the bag",
  reuse: "Reuse",
  buy: "Look to",
  discard: "Discard",
};
export const noteName = (kind: string): string => NOTES[kind] ?? kind;

/** The appliances there is knowledge of, in the order in which they are shown. */
export const APPLIANCES = ["dryer", "range", "dishwasher", "microwave"];

/** A model's number as it stands in an address. */
export const keyOf = (model: string): string => model.replace(/[^A-Za-z0-9]/g, "");

/** A field of a case in words: "cautionsShown" as "Cautions shown". */
export const fieldName = (field: string): string =>
  sentence(field.replace(/[A-Z]/g, (capital) => ` ${capital.toLowerCase()}`));
