import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { answer, api, type Wire } from "../../shared/api";
import { useSettings } from "../../shared/region";

type Lines = Wire["OrderLineWire"][];

/** The planning horizon of the settings, in years. */
export function useHorizon(): number {
  return useSettings()?.horizonYears ?? 5;
}

type Reserved = {
  /** Keeps the case with the customer's name; its number. */
  keep: () => Promise<number>;
  branch: string;
  until: string;
  lines: Lines;
};

/** Reserves the lines for a case at a branch, orders what is not in stock, and reports the result of each. */
export function useReserve() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async ({ keep, ...asked }: Reserved) => {
      const caseNumber = await keep();
      return answer(api.POST("/api/reservations", { body: { ...asked, caseNumber, order: true } }));
    },
    // Reserved pieces are no longer free for the other purchase options either.
    onSuccess: () =>
      Promise.all([
        client.invalidateQueries({ queryKey: ["counter"] }),
        client.invalidateQueries({ queryKey: ["calls"] }),
      ]),
  });
}

/** Takes reservations and orders back, as far as they still stand. */
export function useRelease() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (numbers: number[]) =>
      Promise.all(
        numbers.map((number) =>
          answer(api.DELETE("/api/reservations/{number}", { params: { path: { number } } })),
        ),
      ),
    onSettled: () => client.invalidateQueries({ queryKey: ["counter"] }),
  });
}

/** Creates a quote and opens it. */
export function useQuote() {
  const navigate = useNavigate();
  return useMutation({
    mutationFn: (asked: {
      branch: string;
      customer: string | null;
      caseNumber: number | null;
      models: string[];
      lines: Lines;
    }) => answer(api.POST("/api/quotes", { body: asked })),
    onSuccess: (quote) => void navigate(`/quotes/${quote.number}`),
  });
}
