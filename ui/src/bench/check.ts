import { isMetric, toCelsius } from "../shared/region";

/** A figure that is asked for; one with a usual value may be left out. */
export type Field = {
  name: string;
  label: string;
  unit?: string;
  usual?: string;
  /** A temperature field, with its usual value in °C; typed in the unit of the region. */
  usualCelsius?: number;
  optional?: boolean;
  choices?: [string, string][];
};

/** What every check answers. */
export type Verdict = { verdict: string; why: string; next: string; source: string };

/** A figure against its acceptance band; no value: the meter shows OL. */
export type Band = { low: number; high: number; value: number | null; unit: string };

/** The figures of an answer that are worth a line of their own. */
export type Figures = [string, string][];

export type Values = Record<string, string>;

export type Result = { verdict: Verdict; band: Band | null; figures: Figures };

export type Check = {
  id: string;
  name: string;
  what: string;
  fields: Field[];
  run: (values: Values, signal: AbortSignal) => Promise<Result>;
};

export const number = (text: string | undefined): number => Number((text ?? "").replace(",", "."));
export const maybe = (text: string | undefined): number | null => (text?.trim() ? number(text) : null);

/** A reading as the server takes it: a figure, or what people say. */
export const reading = (text: string | undefined): string | number => {
  const figure = maybe(text);
  return figure !== null && Number.isFinite(figure) ? figure : (text ?? "");
};

/** A temperature as typed, in the unit of the region; the server takes °C. */
export const celsius = (text: string | undefined): number => toCelsius(number(text));

/** What a field holds at first; a temperature in the unit of the region. */
export const usual = ({ usualCelsius, choices, usual }: Field): string =>
  usualCelsius === undefined
    ? (choices?.[0]?.[0] ?? usual ?? "")
    : `${isMetric() ? usualCelsius : Math.round((usualCelsius * 9) / 5 + 32)}`;

/** The unit beside a field. */
export const unitOf = (field: Field): string =>
  field.usualCelsius === undefined ? (field.unit ?? "") : isMetric() ? "°C" : "°F";

export const shown = (value: number): string =>
  value >= 100 ? value.toFixed(0) : value >= 10 ? value.toFixed(1) : value.toFixed(2);

/** What a reading came to, when it was a plain figure. */
export const plainFigure = (text: string | undefined): number | null => {
  const figure = maybe(text);
  return figure !== null && Number.isFinite(figure) ? figure : null;
};
