import { useNavigate } from "react-router";
import { many } from "../shared/format";
import { EMPTY } from "./casefile/case";
import type { Action } from "./casefile/caseState";
import { saveCase } from "./casefile/savedCase";
import type { Offer } from "./record/undo";
import type { Reserving } from "./sale/ReserveForm";
import { keepCase } from "./useCounter";
import { type InHand, linesOf, type Status } from "./useInHand";

type Taking = Omit<InHand, "act"> & {
  act: (action: Action) => void;
  /** The same, where what was said of the purchase stays. */
  quietly: (action: Action) => void;
  take: (offer: Offer) => void;
};

/** What cannot be taken back later is offered to be taken back for some seconds. */
export function useGrave(taking: Taking) {
  const { state, act, quietly, answer, option, machines, keeper, purchasing, take } = taking;
  const navigate = useNavigate();
  const keep = (status: Status) => {
    const machine = status === "handed-over" ? answer?.model?.model : undefined;
    const kept = { status, lines: linesOf(option), model: machine ?? state.model };
    return machines.waits(status)
      ? undefined
      : keeper.mutate(kept, {
          onSuccess: ({ number }) =>
            status === "handed-over" &&
            take({
              place: "total",
              words: `Case ${number} handed over.`,
              undo: () => keeper.mutate({ status: "open", lines: kept.lines, model: kept.model }),
            }),
        });
  };
  const cautioned = () => {
    act({ kind: "cautioned", hazards: answer?.cautions.map((c) => c.hazard) ?? [] });
    take({
      place: "cautions",
      words: "Recorded as read.",
      undo: () => act({ kind: "unread", shown: state.cautionsShown }),
    });
  };
  const keepFor = async ({ customer, phone, branch }: Reserving) => {
    const named = { ...state, customer, customerPhone: phone, branch };
    const status = state.kept?.status ?? "open";
    const kept = await keepCase(named, { status, lines: linesOf(option), model: state.model });
    quietly({ kind: "customer", name: customer, phone });
    if (branch !== state.branch) {
      quietly({ kind: "branch", branch });
    }
    quietly({ kind: "kept", answer: kept });
    saveCase(EMPTY);
    void navigate(`/cases/${kept.number}`, { replace: true });
    return kept.number;
  };
  const reserve = (reserving: Reserving) =>
    purchasing.reserve(reserving, {
      keep: () => keepFor(reserving),
      onDone: (numbers, release) =>
        take({
          place: "total",
          words: `${many(numbers.length, "line")} reserved or ordered${reserving.customer ? ` for ${reserving.customer}` : ""}.`,
          undo: release,
        }),
    });
  return { keep, cautioned, reserve };
}
