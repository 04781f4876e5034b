import { useState } from "react";
import type { Wire } from "../../shared/api";
import { useBranches } from "../../shared/useBranches";
import type { Reserving } from "./ReserveForm";
import { useHorizon, useRelease, useReserve } from "./useOrders";

/** How a bag is reserved: the case is kept first, then told what became of it and how it is taken back. */
type Ways = { keep: () => Promise<number>; onDone: (numbers: number[], release: () => void) => void };

/** Actions on the bag besides handing it over. */
export type Purchasing = {
  branches: string[];
  years: number;
  reservations: Wire["OutcomeWire"][];
  pending: boolean;
  error: string | null;
  /** Which form is open. */
  form: "quote" | "reserve" | null;
  open: (form: "quote" | "reserve") => void;
  close: () => void;
  reserve: (reserving: Reserving, ways: Ways) => void;
  forget: () => void;
};

/** Reserves the bag and opens the quote form; the result of each line stays visible until the case changes. */
export function usePurchase(purchase: Wire["PurchaseOption"] | undefined): Purchasing {
  const branches = useBranches();
  const years = useHorizon();
  const reserve = useReserve();
  const release = useRelease();
  const [form, setForm] = useState<Purchasing["form"]>(null);
  return {
    branches,
    years,
    reservations: reserve.data?.outcomes ?? [],
    pending: reserve.isPending,
    error: reserve.error?.message ?? release.error?.message ?? null,
    form,
    open: (asked) => purchase !== undefined && setForm(asked),
    close: () => setForm(null),
    reserve: ({ branch, until }, { keep, onDone }) => {
      const lines = purchase?.lines.map(({ part, quantity }) => ({ part, quantity })) ?? [];
      reserve.mutate(
        { keep, branch, until, lines },
        {
          onSuccess: ({ outcomes }) => {
            const numbers = outcomes.flatMap((o) => o.number ?? []);
            setForm(null);
            onDone(numbers, () => release.mutate(numbers, { onSuccess: () => reserve.reset() }));
          },
        },
      );
    },
    forget: reserve.reset,
  };
}
