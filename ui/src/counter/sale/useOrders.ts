import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { answer, api, type Wire } from "../../shared/api";
import { useSettings } from "../../shared/region";

type Lines = Wire["OrderLineWire"][];

/** The planning horizon of the settings, in years. */
export function useHorizon(): number {
  return useSettings()?.horizonYears ?? 5;
}

/** Reserves the lines at a branch, orders what is not in stock, and reports the result of each. */
export function useReserve() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (asked: { branch: string; caseNumber: number | null; lines: Lines }) =>
      answer(api.POST("/api/reservations", { body: { ...asked, order: true } })),
    // Reserved pieces are no longer free for the other purchase options either.
    onSuccess: () => client.invalidateQueries({ queryKey: ["counter"] }),
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
      lines: Lines;
    }) => answer(api.POST("/api/quotes", { body: asked })),
    onSuccess: (quote) => void navigate(`/quotes/${quote.number}`),
  });
}
