import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { answer, api, type Wire } from "../shared/api";

type Lines = Wire["OrderLineWire"][];

/** How far ahead the house weighs. */
export function useHorizon(): number {
  const rules = useQuery({
    queryKey: ["house-rules"],
    queryFn: () => answer(api.GET("/api/house-rules")),
    staleTime: 60_000,
  });
  return rules.data?.horizonYears ?? 5;
}

/** Keeps the lines at a branch, and orders what is not there; what became of each. */
export function useSetAside() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (asked: { branch: string; caseNumber: number | null; lines: Lines }) =>
      answer(api.POST("/api/promises", { body: { ...asked, order: true } })),
    // What was kept is not free any more, for this caller's other ways of buying neither.
    onSuccess: () => client.invalidateQueries({ queryKey: ["counter"] }),
  });
}

/** Writes a quote and goes to it. */
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
