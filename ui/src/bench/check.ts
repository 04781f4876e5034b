import { degreesUnit } from "../shared/figure";

/** Stands for °F or °C, as the region has it. */
export const DEGREES = "degrees";

/** What is asked for: a figure in a unit, or a choice. */
export type Field = {
  name: string;
  label: string;
  /** Unit of a figure without one. */
  unit?: string;
  choices?: [string, string][];
  /** Asked only where that choice has been made. */
  onlyFor?: [name: string, word: string];
  /** What is taken where it is left empty; without it the field must be filled in. */
  otherwise?: string;
  /** An entry for the worked example, as people say it. */
  example: string;
};

/** What every check answers. */
export type Verdict = { verdict: string; why: string; next: string; source: string };

/** A figure against its acceptance band; no value: the meter shows OL. */
export type Band = { low: number; high: number; value: number | null; unit: string };

/** The figures of an answer that are worth a line of their own. */
export type Figures = [string, string][];

export type Result = { verdict: Verdict; band: Band | null; figures: Figures };

/** What was entered, as it is understood; each by the name of its field. */
export type Entered = {
  /** A figure that must be there. */
  figure: (name: string) => number;
  /** A figure, or null where the field was left empty. */
  maybe: (name: string) => number | null;
  /** What a meter shows: a figure, or OL. */
  meter: (name: string) => number | "OL";
  word: (name: string) => string;
};

export type Check = {
  id: string;
  name: string;
  what: string;
  /** How it is done, step by step. */
  method: string[];
  fields: Field[];
  run: (entered: Entered, signal: AbortSignal) => Promise<Result>;
};

/** The unit beside a field. */
export const unitOf = ({ unit }: Pick<Field, "unit">): string | undefined =>
  unit === DEGREES ? degreesUnit() : unit;

export const shown = (value: number): string =>
  value >= 100 ? value.toFixed(0) : value >= 10 ? value.toFixed(1) : value.toFixed(2);

/** A reading as a mark on its band; none for OL. */
export const mark = (reading: number | "OL"): number | null => (reading === "OL" ? null : reading);
