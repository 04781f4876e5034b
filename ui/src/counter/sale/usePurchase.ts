import { useState } from "react";
import type { Wire } from "../../shared/api";
import type { CaseState } from "../casefile/case";
import { useBranches } from "../../shared/useBranches";
import { useHorizon, useRelease, useReserve } from "./useOrders";

/** Actions on the bag besides handing it over. */
export type Purchasing = {
  branches: string[];
  years: number;
  reservations: Wire["OutcomeWire"][];
  pending: boolean;
  error: string | null;
  /** Tells the numbers of what was reserved or ordered, and how it is taken back. */
  reserve: (onDone: (numbers: number[], release: () => void) => void) => void;
  quote: () => void;
};

/** Reserves the bag and opens the quote form; the result of each line stays visible until the case changes. */
export function usePurchase(
  state: CaseState,
  purchase: Wire["PurchaseOption"] | undefined,
): Purchasing & { quoting: boolean; doneQuoting: () => void; forget: () => void } {
  const branches = useBranches();
  const years = useHorizon();
  const reserve = useReserve();
  const release = useRelease();
  const [quoting, setQuoting] = useState(false);
  const [branchMissing, setBranchMissing] = useState(false);
  const forget = () => {
    reserve.reset();
    setBranchMissing(false);
  };
  return {
    branches,
    years,
    reservations: reserve.data?.outcomes ?? [],
    pending: reserve.isPending,
    error: branchMissing
      ? "Choose the branch first, at the top of this column: parts are reserved at one branch."
      : (reserve.error?.message ?? release.error?.message ?? null),
    reserve: (onDone) => {
      const branch = state.branch ?? (branches.length === 1 ? (branches[0] ?? null) : null);
      setBranchMissing(branch === null);
      if (branch !== null && purchase !== undefined) {
        const lines = purchase.lines.map(({ part, quantity }) => ({ part, quantity }));
        reserve.mutate(
          { branch, caseNumber: state.kept?.number ?? null, lines },
          {
            onSuccess: ({ outcomes }) => {
              const numbers = outcomes.flatMap((o) => o.number ?? []);
              onDone(numbers, () => release.mutate(numbers, { onSuccess: () => reserve.reset() }));
            },
          },
        );
      }
    },
    quote: () => setQuoting(purchase !== undefined),
    quoting,
    doneQuoting: () => setQuoting(false),
    forget,
  };
}
