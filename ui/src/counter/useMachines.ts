import { useMutation } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import type { Wire } from "../shared/api";
import { EMPTY, type Answer, type CaseState } from "./casefile/case";
import { keptOf } from "./casefile/caseFields";
import type { Action } from "./casefile/caseState";
import {
  ALONE,
  boughtOf,
  firstOf,
  left,
  type Machine,
  savedVisit,
  saveVisit,
  type Visit,
} from "./record/machines";
import { graveUnseen } from "./handover/Cautions";
import { keepCase } from "./useCounter";

type Given = {
  state: CaseState;
  answer: Answer | undefined;
  option: Wire["OfferedWire"] | undefined;
  act: (action: Action) => void;
};

/** The machines of one visit: each is a case of its own; they are taken up in turn, and kept and handed over together. */
export function useMachines({ state, answer: given, option, act }: Given) {
  const [saved, setVisit] = useState<Visit>(savedVisit);
  useEffect(() => saveVisit(saved), [saved]);
  // Another case was opened: the machines of the last visit are not its own.
  const visit = saved.first === firstOf(state) ? saved : ALONE;
  const here = left(state, given, option, given !== undefined && graveUnseen(given, state).length > 0);
  const all = [...visit.others.slice(0, visit.at), here, ...visit.others.slice(visit.at)];
  const others = useMutation({
    mutationFn: async ({ status, first }: { status: string; first: number }) => {
      for (const machine of visit.others.filter((m) => m.state.kept?.status !== status)) {
        const kept = await keptWith(machine, status, first);
        setVisit((now) => ({
          ...now,
          others: now.others.map((m) =>
            m.state === machine.state ? { ...m, state: { ...m.state, visit: first, kept } } : m,
          ),
        }));
      }
    },
  });
  const take = (index: number) => {
    const to = all[index];
    if (to !== undefined && index !== visit.at) {
      setVisit({ ...visit, others: all.filter((_, i) => i !== index), at: index });
      act({ kind: "switched", to: to.state });
    }
  };
  return {
    all,
    at: visit.at,
    error: others.error,
    /** Takes up another machine, in the order in which they are shown. */
    take,
    /** Takes up a machine whose cautions were not read before parts leave; whether there is one. */
    waits: (status: string) => {
      const unread = all.findIndex(
        (m, index) => index !== visit.at && m.unread && m.lines.length > 0 && m.state.kept?.status !== status,
      );
      if (status === "handed-over" && unread >= 0) {
        take(unread);
      }
      return status === "handed-over" && unread >= 0;
    },
    /** Begins another machine with what the line says of it, if it says anything. */
    add: (said: Wire["OtherMachine"] | null) => {
      // The line may have been cut since the answer came.
      const other = said && said.to <= state.line.length ? said : null;
      const line = other
        ? `${state.line.slice(0, other.from)} ${state.line.slice(other.to)}`.replace(/\s+/g, " ").trim()
        : state.line;
      setVisit({
        others: all.map((m, i) => (i === visit.at ? { ...m, state: { ...state, line } } : m)),
        at: all.length,
        first: firstOf(state),
      });
      act({
        kind: "switched",
        to: {
          ...EMPTY,
          line: other?.text ?? "",
          branch: state.branch,
          neededInDays: state.neededInDays,
          customer: state.customer,
          customerPhone: state.customerPhone,
          startedAt: Date.now(),
          visit: firstOf(state),
        },
      });
    },
    keep: (status: string, first: number) => {
      setVisit({ ...visit, first });
      others.mutate({ status, first });
    },
    forget: () => setVisit(ALONE),
  };
}

/** Keeps a machine that is not at hand in the visit of a case. */
async function keptWith(machine: Machine, status: string, first: number) {
  const { state, model } = machine;
  return keptOf(await keepCase({ ...state, visit: first }, { status, lines: boughtOf(machine), model }));
}
