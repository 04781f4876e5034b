import type { CaseState } from "./case";
import { type Action, next } from "./caseState";

/** The case at hand, with what it was before each step and what was taken back. */
export type History = {
  past: CaseState[];
  now: CaseState;
  future: CaseState[];
  /** When the last step was typing, in milliseconds: what is typed in one go is one step. */
  typedAt: number | null;
};

export type Step = Action | { kind: "undone" } | { kind: "redone" };

/** Another case begins with these: what was done before is not its own. */
const ANEW = new Set<Step["kind"]>(["opened", "reloaded", "resumed", "switched", "cleared"]);

/** Typed into fields that undo by themselves, or kept elsewhere: these stay as they are when a step is taken back. */
const ASIDE = new Set<Step["kind"]>(["readTo", "customer", "kept", "chosen"]);

/** A pause in typing, after which another step begins. */
const PAUSE_MS = 1_000;

/** So many steps can be taken back. */
const MOST = 200;

export const begun = (now: CaseState): History => ({ past: [], now, future: [], typedAt: null });

/** A case as it was, with what is not undone as it is. */
const back = (to: CaseState, now: CaseState): CaseState => ({
  ...to,
  readTo: now.readTo,
  customer: now.customer,
  customerPhone: now.customerPhone,
  kept: now.kept,
  visit: now.visit,
});

/** The next state with its history. Pure: no clock, no storage. */
export function step(history: History, action: Step): History {
  const { past, now, future, typedAt } = history;
  if (action.kind === "undone") {
    const to = past.at(-1);
    return to === undefined
      ? history
      : { past: past.slice(0, -1), now: back(to, now), future: [now, ...future], typedAt: null };
  }
  if (action.kind === "redone") {
    const [to, ...later] = future;
    return to === undefined
      ? history
      : { past: [...past, now], now: back(to, now), future: later, typedAt: null };
  }
  const after = next(now, action);
  if (after === now) {
    return history;
  }
  if (ANEW.has(action.kind) || isAnother(now, after)) {
    return begun(after);
  }
  if (ASIDE.has(action.kind)) {
    return { ...history, now: after };
  }
  const at = action.kind === "line" ? action.at : null;
  const inOneGo = at !== null && typedAt !== null && at - typedAt < PAUSE_MS;
  return { past: inOneGo ? past : [...past, now].slice(-MOST), now: after, future: [], typedAt: at };
}

/** Whether a line that was typed over began another caller's case. */
const isAnother = (before: CaseState, after: CaseState): boolean =>
  before.startedAt !== null && after.startedAt !== null && before.startedAt !== after.startedAt;
