import type { Action } from "./casefile/caseState";
import type { Offer } from "./record/undo";
import { type InHand, linesOf, type Status } from "./useInHand";

type Taking = Omit<InHand, "act"> & { act: (action: Action) => void; take: (offer: Offer) => void };

/** What cannot be taken back later is offered to be taken back for some seconds. */
export function useGrave({ state, act, answer, option, machines, keeper, purchasing, take }: Taking) {
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
  const reserve = () =>
    purchasing.reserve((numbers, release) =>
      take({ place: "total", words: `${numbers.length} reserved or ordered.`, undo: release }),
    );
  return { keep, cautioned, reserve };
}
