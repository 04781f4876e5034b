import type { Wire } from "../shared/api";
import { isAnotherCaller } from "./anotherCaller";
import { toState } from "./caseFields";
import { leftOver } from "./leftOver";

/** A case as the specialist has it so far; what the server needs to work it, and how it was kept. */
export type CaseState = {
  line: string;
  model: string | null;
  appliance: string | null;
  fuel: string | null;
  ageYears: number | null;
  serial: string | null;
  complaint: string | null;
  rechecked: Wire["RecheckWire"][];
  findings: Wire["AnsweredWire"][];
  readings: Wire["MeasuredWire"][];
  struck: string[];
  picked: string[];
  dropped: string[];
  /** The construction that was chosen for a model in no list, and what was looked at to tell. */
  platform: string | null;
  looked: string[];
  /** Who would find out what is asked next. */
  person: string;
  /** What was changed of needs and wants, and where and when it is handed over. */
  adjusted: Wire["AdjustedWire"][];
  branch: string | null;
  neededInDays: number | null;
  cautionsShown: string[];
  /** To whom the cautions were said. */
  saidTo: string | null;
  /** Who it is for; both may stay empty. */
  customer: string | null;
  customerPhone: string | null;
  /** When the first word was typed, in milliseconds. */
  startedAt: number | null;
  /** Which of the ways to buy it was chosen: 0 is what the needs alone come to. */
  choice: number;
  kept: { number: number; revision: number; status: string } | null;
};

export const EMPTY: CaseState = {
  line: "",
  model: null,
  appliance: null,
  fuel: null,
  ageYears: null,
  serial: null,
  complaint: null,
  rechecked: [],
  findings: [],
  readings: [],
  struck: [],
  picked: [],
  dropped: [],
  platform: null,
  looked: [],
  person: "fitter",
  adjusted: [],
  branch: null,
  neededInDays: null,
  cautionsShown: [],
  saidTo: null,
  customer: null,
  customerPhone: null,
  startedAt: null,
  choice: 0,
  kept: null,
};

export type Action =
  | { kind: "line"; line: string }
  | { kind: "answered"; finding: string; answer: string }
  | { kind: "measured"; test: string; value: Wire["MeasuredWire"]["value"] }
  | { kind: "meant"; finding: string; others: string[] }
  | { kind: "person"; person: string }
  | { kind: "fuel"; fuel: string }
  | { kind: "appliance"; appliance: string }
  | { kind: "model"; model: string }
  | { kind: "platform"; platform: string }
  | { kind: "looked"; key: string }
  | { kind: "recheck"; position: number; character: string }
  | { kind: "struck"; key: string }
  | { kind: "restored" }
  | { kind: "suspect"; id: string; selling: boolean }
  | { kind: "adjusted"; part: string; change: Omit<Wire["AdjustedWire"], "part"> }
  /** More or fewer than before; `from` is what the last answer had, for a part that was not counted yet. */
  | { kind: "counted"; part: string; by: number; from: number }
  | { kind: "unadjusted"; part: string }
  | { kind: "branch"; branch: string | null }
  | { kind: "neededIn"; days: number | null }
  | { kind: "chosen"; choice: number }
  | { kind: "cautioned"; hazards: string[] }
  | { kind: "saidTo"; who: string }
  | { kind: "customer"; name: string | null; phone: string | null }
  | { kind: "kept"; answer: Wire["CaseAnswer"] }
  | { kind: "opened"; answer: Wire["CaseAnswer"] }
  | { kind: "arrived" }
  | { kind: "cleared" };

const without = (list: string[], item: string) => list.filter((other) => other !== item);
const withItem = (list: string[], item: string) => [...without(list, item), item];

/** Striking out: an answer that was given goes; what the line says is crossed out. */
function strike(state: CaseState, key: string): CaseState {
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
  return { ...state, struck: withItem(state.struck, key) };
}

function adjusted(state: CaseState, part: string, change: Omit<Wire["AdjustedWire"], "part">) {
  const before = state.adjusted.find((a) => a.part === part);
  return [...state.adjusted.filter((a) => a.part !== part), { ...before, part, ...change }];
}

/** The next state; whatever changes the case also takes back the choice among purchases. */
export function next(state: CaseState, action: Action): CaseState {
  const changed = { ...state, choice: 0 };
  switch (action.kind) {
    case "line":
      return isAnotherCaller(state, action.line)
        ? { ...EMPTY, branch: state.branch, startedAt: Date.now(), line: action.line }
        : {
            ...changed,
            startedAt: state.startedAt ?? Date.now(),
            line: action.line,
            rechecked: [],
            model: null,
            platform: null,
            looked: [],
          };
    case "answered":
      return {
        ...changed,
        struck: without(state.struck, `finding:${action.finding}`),
        findings: [
          ...state.findings.filter((f) => f.finding !== action.finding),
          { finding: action.finding, answer: action.answer },
        ],
      };
    case "measured":
      return {
        ...changed,
        struck: without(state.struck, `finding:${action.test}`),
        readings: [
          ...state.readings.filter((r) => r.test !== action.test),
          { test: action.test, value: action.value },
        ],
      };
    case "meant":
      return {
        ...changed,
        struck: [...state.struck, ...action.others.map((other) => `finding:${other}`)],
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
    case "looked":
      return { ...changed, looked: withItem(state.looked, action.key) };
    case "recheck":
      return {
        ...changed,
        rechecked: [
          ...state.rechecked.filter((r) => r.position !== action.position),
          { position: action.position, character: action.character },
        ],
      };
    case "struck":
      return strike(changed, action.key);
    case "restored":
      return { ...changed, struck: state.struck.slice(0, -1) };
    case "suspect":
      return {
        ...changed,
        picked: action.selling ? without(state.picked, action.id) : withItem(state.picked, action.id),
        dropped: action.selling ? withItem(state.dropped, action.id) : without(state.dropped, action.id),
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
    case "saidTo":
      return { ...state, saidTo: action.who };
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
    case "arrived":
      // A kept case has an address of its own; the bare counter is for the caller who was not kept yet.
      return state.kept === null ? state : leftOver();
    case "cleared":
      // The branch is the counter's, not the caller's.
      return { ...EMPTY, branch: state.branch };
  }
}
