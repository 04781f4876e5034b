import { keepPreviousData, useQueries } from "@tanstack/react-query";
import { useDeferredValue } from "react";
import type { Wire } from "../shared/api";
import { readFigure } from "../shared/figure";
import { type Entered, type Field, unitOf } from "./check";

/** What stands in each field, by its name. */
export type Values = Record<string, string>;

/** How one entry is understood. */
export type Understood = { figure: Wire["SpokenFigure"] | null; error: string | null };

/**
 * Reads the figures that were entered; nothing is judged before all are there.
 *
 * `entered` is null until then; `missing` has the labels of the fields that are still empty, and `key` changes with what is understood.
 */
export function useEntered(fields: Field[], values: Values) {
  const settled = useDeferredValue(values);
  const typed = (field: Field): string => settled[field.name]?.trim() ?? "";
  const asked = fields.filter((field) => unitOf(field) !== undefined && typed(field) !== "");
  const results = useQueries({
    queries: asked.map((field) => ({
      queryKey: ["figure", typed(field), unitOf(field)],
      queryFn: ({ signal }: { signal: AbortSignal }) => readFigure(typed(field), unitOf(field) ?? "", signal),
      placeholderData: keepPreviousData,
      retry: false,
      staleTime: Infinity,
    })),
  });
  const understood = new Map<string, Understood>(
    asked.map((field, index) => [
      field.name,
      {
        figure: results[index]?.error ? null : (results[index]?.data ?? null),
        error: results[index]?.error?.message ?? null,
      },
    ]),
  );
  const missing = fields
    .filter((field) => field.otherwise === undefined && typed(field) === "")
    .map((field) => field.label);
  const whole = missing.length === 0 && asked.every((field) => understood.get(field.name)?.figure);
  return { entered: whole ? taken(understood, settled) : null, understood, missing, key: settled };
}

function taken(understood: Map<string, Understood>, values: Values): Entered {
  const read = (name: string) => understood.get(name)?.figure;
  return {
    figure: (name) => read(name)?.value ?? Number.NaN,
    maybe: (name) => read(name)?.value ?? null,
    meter: (name) => read(name)?.value ?? "OL",
    word: (name) => values[name] ?? "",
  };
}
