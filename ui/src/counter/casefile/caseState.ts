import type { Wire } from "../../shared/api";
import { type CaseState, EMPTY } from "./case";
import { toState } from "./caseFields";
import { isNewCaller } from "./newCaller";
import type { Worker } from "./workers";

export type Action =
  /** `at`: when it was typed, in milliseconds. */
  | { kind: "line"; line: string; at: number }
  | { kind: "answered"; finding: string; answer: string }
  | { kind: "measured"; test: string; value: Wire["MeasuredWire"]["value"] }
  | { kind: "meant"; finding: string; others: string[] }
  | { kind: "person"; person: Worker }
  | { kind: "fuel"; fuel: string }
  | { kind: "appliance"; appliance: string }
  | { kind: "model"; model: string }
  | { kind: "platform"; platform: string }
  | { kind: "inspected"; key: string }
  | { kind: "recheck"; position: number; character: string }
  | { kind: "excluded"; key: string }
  | { kind: "restored" }
  | { kind: "suspect"; id: string; selling: boolean }
  | { kind: "adjusted"; part: string; change: Omit<Wire["AdjustedWire"], "part"> }
  /** Changes a quantity; `from` is that of the last answer, for a part that was not adjusted yet. */
  | { kind: "counted"; part: string; by: number; from: number }
  | { kind: "unadjusted"; part: string }
  | { kind: "branch"; branch: string | null }
  | { kind: "neededIn"; days: number | null }
  | { kind: "chosen"; choice: number }
  | { kind: "cautioned"; hazards: string[] }
  | { kind: "readTo"; who: string }
  | { kind: "customer"; name: string | null; phone: string | null }
  | { kind: "kept"; answer: Wire["CaseRecord"] }
  | { kind: "opened"; answer: Wire["CaseRecord"] }
  /** The bare counter was opened again: `saved` is the case that was left there. */
  | { kind: "resumed"; saved: CaseState }
  | { kind: "cleared" };

const without = (list: string[], item: string) => list.filter((other) => other !== item);
const withItem = (list: string[], item: string) => [...without(list, item), item];

/** Removes a fact: an answer that was given is dropped; what the line says is excluded. */
function remove(state: CaseState, key: string): CaseState {
  const finding = key.startsWith("finding:") ? key.slice("finding:".length) : null;
  const given =
    state.findings.some((f) => f.finding === finding) || state.readings.some((r) => r.test === finding);
  if (finding !== null && given) {
    return {
      ...state,
      findings: state.findings.filter((f) => f.finding !== finding),
      readings: state.readings.filter((r) => r.test !== finding),
    };
  }
  if (key === "fuel" && state.fuel !== null) {
    return { ...state, fuel: null };
  }
  if (key === "appliance" && state.appliance !== null) {
    return { ...state, appliance: null };
  }
  if (key === "platform") {
    return { ...state, platform: null };
  }
  if (key === "serial" && state.serial !== null) {
    return { ...state, serial: null };
  }
  return { ...state, excluded: withItem(state.excluded, key) };
}

function adjusted(state: CaseState, part: string, change: Omit<Wire["AdjustedWire"], "part">) {
  const before = state.adjusted.find((a) => a.part === part);
  return [...state.adjusted.filter((a) => a.part !== part), { ...before, part, ...change }];
}

/** The next state. Pure: no clock, no storage. Whatever changes the case also resets the chosen purchase option. */
export function next(state: CaseState, action: Action): CaseState {
  const changed = { ...state, choice: 0 };
  switch (action.kind) {
    case "line":
      return isNewCaller(state, action.line)
        ? { ...EMPTY, branch: state.branch, startedAt: action.at, line: action.line }
        : {
            ...changed,
            startedAt: state.startedAt ?? action.at,
            line: action.line,
            rechecked: [],
            model: null,
            platform: null,
            inspected: [],
          };
    case "answered":
      return {
        ...changed,
        excluded: without(state.excluded, `finding:${action.finding}`),
        findings: [
          ...state.findings.filter((f) => f.finding !== action.finding),
          { finding: action.finding, answer: action.answer },
        ],
      };
    case "measured":
      return {
        ...changed,
        excluded: without(state.excluded, `finding:${action.test}`),
        readings: [
          ...state.readings.filter((r) => r.test !== action.test),
          { test: action.test, value: action.value },
        ],
      };
    case "meant":
      return {
        ...changed,
        excluded: [...state.excluded, ...action.others.map((other) => `finding:${other}`)],
        findings: [
          ...state.findings.filter((f) => f.finding !== action.finding),
          { finding: action.finding, answer: "yes" },
        ],
      };
    case "person":
      return { ...changed, person: action.person };
    case "fuel":
      return { ...changed, fuel: action.fuel };
    case "appliance":
      return { ...changed, appliance: action.appliance };
    case "model":
      return { ...changed, model: action.model };
    case "platform":
      return { ...changed, platform: action.platform };
    case "inspected":
      return { ...changed, inspected: withItem(state.inspected, action.key) };
    case "recheck":
      return {
        ...changed,
        rechecked: [
          ...state.rechecked.filter((r) => r.position !== action.position),
          { position: action.position, character: action.character },
        ],
      };
    case "excluded":
      return remove(changed, action.key);
    case "restored":
      return { ...changed, excluded: state.excluded.slice(0, -1) };
    case "suspect":
      return {
        ...changed,
        selected: action.selling ? without(state.selected, action.id) : withItem(state.selected, action.id),
        deselected: action.selling
          ? withItem(state.deselected, action.id)
          : without(state.deselected, action.id),
      };
    case "adjusted":
      return { ...changed, adjusted: adjusted(state, action.part, action.change) };
    case "counted": {
      const before = state.adjusted.find((a) => a.part === action.part)?.quantity ?? action.from;
      const quantity = Math.max(0, before + action.by);
      return { ...changed, adjusted: adjusted(state, action.part, { quantity, needed: true }) };
    }
    case "unadjusted":
      return { ...changed, adjusted: state.adjusted.filter((a) => a.part !== action.part) };
    case "branch":
      return { ...changed, branch: action.branch };
    case "neededIn":
      return { ...changed, neededInDays: action.days };
    case "chosen":
      return { ...state, choice: action.choice };
    case "cautioned":
      return { ...state, cautionsShown: [...new Set([...state.cautionsShown, ...action.hazards])] };
    case "readTo":
      return { ...state, readTo: action.who };
    case "customer":
      return { ...state, customer: action.name, customerPhone: action.phone };
    case "kept":
      return {
        ...state,
        startedAt: null,
        kept: {
          number: action.answer.number,
          revision: action.answer.revision,
          status: action.answer.status,
        },
      };
    case "opened":
      return toState(action.answer);
    case "resumed":
      // A saved case has an address of its own; the bare counter is for the caller who was not saved yet.
      return state.kept === null ? state : action.saved;
    case "cleared":
      // The branch is the counter's, not the caller's.
      return { ...EMPTY, branch: state.branch };
  }
}
