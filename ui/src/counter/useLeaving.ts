import { useNavigate } from "react-router";
import type { Wire } from "../shared/api";
import { EMPTY, type Answer, type CaseState } from "./casefile/case";
import { isBlank } from "./casefile/caseFields";
import type { Action } from "./casefile/caseState";
import { saveCase } from "./casefile/savedCase";
import { focusLine } from "./line/LineEntry";
import { boughtOf, type Machine } from "./record/machines";
import type { Offer } from "./record/undo";
import { useKeepAside } from "./useCounter";

type Given = {
  state: CaseState;
  /** Whether anything was done to the case since it was opened. */
  isChanged: boolean;
  answer: Answer | undefined;
  lines: Wire["CaseLineWire"][];
  /** The other machines of the visit. */
  others: Machine[];
  act: (action: Action) => void;
  /** Forgets what is shown of the case at hand. */
  forget: () => void;
  offer: (offer: Offer) => void;
};

/** Fewer characters than this are a slip of the keys, unless something is known from them. */
const FEWEST = 4;

/** Whether somebody called: what was said is kept even before the answer is there. */
const isCall = (state: CaseState, answer: Answer | undefined): boolean =>
  !isBlank(state) && (state.line.trim().length >= FEWEST || (answer?.known.length ?? 0) > 0);

/** Leaves the call at hand for another one; what was said is kept by itself. */
export function useLeaving({ state, isChanged, answer, lines, others, act, forget, offer }: Given) {
  const navigate = useNavigate();
  const aside = useKeepAside();
  const isOpen = state.kept?.status !== "handed-over" && isCall(state, answer);
  const keep = () => {
    const waiting = others.filter((machine) => machine.state.kept?.status !== "handed-over");
    if (isOpen && (state.kept === null || isChanged || waiting.length > 0)) {
      aside.mutate([
        { state, keeping: { status: "open", lines, model: state.model } },
        ...waiting.map((machine) => ({
          state: machine.state,
          keeping: { status: "open", lines: boughtOf(machine), model: machine.model },
        })),
      ]);
    }
  };
  const begin = () => {
    act({ kind: "cleared" });
    forget();
    void navigate("/");
    focusLine();
  };
  return {
    /** Why the last call is not saved yet, if it is not, and another attempt. */
    error: aside.error,
    again: () => aside.variables && aside.mutate(aside.variables),
    keep,
    /** Another call that is kept is taken up. */
    leave: () => {
      keep();
      if (state.kept === null) {
        saveCase(EMPTY);
      }
    },
    next: () => {
      keep();
      begin();
    },
    discard:
      state.kept === null && !isBlank(state)
        ? () => {
            begin();
            offer({
              place: "total",
              words: "Call discarded.",
              undo: () => act({ kind: "switched", to: state }),
            });
          }
        : undefined,
  };
}
