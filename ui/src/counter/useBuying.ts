import { useState } from "react";
import type { Wire } from "../shared/api";
import type { CaseState } from "./caseState";
import { useBranches } from "../shared/useBranches";
import { useHorizon, useSetAside } from "./useOrders";

/** What can be done with the bag besides handing it over. */
export type Buying = {
  branches: string[];
  years: number;
  outcomes: Wire["OutcomeWire"][];
  pending: boolean;
  error: string | null;
  setAside: () => void;
  quote: () => void;
};

/** Sets the bag aside and opens the quote; what became of a line stays in sight until the case changes. */
export function useBuying(
  state: CaseState,
  purchase: Wire["PurchaseWire"] | undefined,
): Buying & { quoting: boolean; doneQuoting: () => void; forget: () => void } {
  const branches = useBranches();
  const years = useHorizon();
  const setAside = useSetAside();
  const [quoting, setQuoting] = useState(false);
  const [lacking, setLacking] = useState(false);
  const forget = () => {
    setAside.reset();
    setLacking(false);
  };
  return {
    branches,
    years,
    outcomes: setAside.data?.outcomes ?? [],
    pending: setAside.isPending,
    error: lacking
      ? "Choose the branch first, at the head of this column: pieces are kept on one shelf."
      : (setAside.error?.message ?? null),
    setAside: () => {
      const branch = state.branch ?? (branches.length === 1 ? (branches[0] ?? null) : null);
      setLacking(branch === null);
      if (branch !== null && purchase !== undefined) {
        setAside.mutate({
          branch,
          caseNumber: state.kept?.number ?? null,
          lines: purchase.lines.map(({ part, quantity }) => ({ part, quantity })),
        });
      }
    },
    quote: () => setQuoting(purchase !== undefined),
    quoting,
    doneQuoting: () => setQuoting(false),
    forget,
  };
}
