import { useEffect } from "react";
import { useSearchParams } from "react-router";
import type { Wire } from "../shared/api";
import { optionsOf } from "./sale/purchaseOptions";
import { usePurchase } from "./sale/usePurchase";
import { useCase, useKeep, useWork } from "./useCounter";
import { useMachines } from "./useMachines";

/** The case in hand; numbers that another page sent to the counter are put into its line once. */
function useCaseWithAdded(number: string | undefined) {
  const held = useCase(number);
  const { act } = held;
  const [asked, setAsked] = useSearchParams();
  const numbers = asked.get("add");
  useEffect(() => {
    if (numbers !== null) {
      act({ kind: "used", words: numbers, at: Date.now() });
      setAsked({}, { replace: true });
    }
  }, [numbers, act, setAsked]);
  return held;
}

export type Status = "open" | "handed-over";

/** The lines of a purchase, as they are kept. */
export const linesOf = (option: Wire["OfferedWire"] | undefined) =>
  option?.purchase.lines.map(({ part, quantity }) => ({ part, quantity })) ?? [];

export type InHand = ReturnType<typeof useInHand>;
/** The case in hand with its answer, the other machines of its visit, and what is bought for it. */
export function useInHand(number: string | undefined) {
  const held = useCaseWithAdded(number);
  const { state, act } = held;
  const work = useWork(state);
  const answer = work.data;
  const option = answer && optionsOf(answer)[state.choice];
  const machines = useMachines({ state, answer, option, act });
  const keeper = useKeep(state, (kept) => {
    act({ kind: "kept", answer: kept });
    machines.keep(kept.status, kept.visit ?? kept.number);
  });
  return {
    ...held,
    work,
    answer,
    option,
    machines,
    keeper,
    purchasing: usePurchase(option?.purchase),
  };
}
