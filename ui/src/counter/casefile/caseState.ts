import type { Wire } from "../../shared/api";
import type { Beside } from "../../shared/MissingCondition";
import { type CaseState, EMPTY } from "./case";
import { keptOf, toState } from "./caseFields";
import { isNewCaller } from "./newCaller";
import type { Worker } from "./workers";

export type Action =
  /** `at`: when it was typed, in milliseconds. */
  | { kind: "line"; line: string; at: number }
  /** Another machine of the visit is at hand. */
  | { kind: "switched"; to: CaseState }
  /** Reads a number of the line as another. */
  | { kind: "read"; as: string; instead: string }
  /** Puts numbers or the name of a part into the line, behind what stands there. */
  | { kind: "used"; words: string; at: number }
  | { kind: "answered"; finding: string; answer: string; said?: string }
  | { kind: "measured"; test: string; value: Wire["MeasuredWire"]["value"]; beside?: Beside }
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
  /** One step, however many parts it changes. */
  | { kind: "adjusted"; parts: string[]; change: Omit<Wire["AdjustedWire"], "part"> }
  /** Changes a quantity; `from` is that of the last answer, for a part that was not adjusted yet. */
  | { kind: "counted"; part: string; by: number; from: number }
  | { kind: "unadjusted"; part: string }
  | { kind: "branch"; branch: string | null }
  | { kind: "neededIn"; days: number | null }
  | { kind: "chosen"; choice: number }
  | { kind: "cautioned"; hazards: string[] }
  /** It was not so that they were read: those that had been read before stay. */
  | { kind: "unread"; shown: string[] }
  | { kind: "readTo"; who: string }
  | { kind: "customer"; name: string | null; phone: string | null }
  | { kind: "kept"; answer: Wire["CaseRecord"] }
  | { kind: "opened"; answer: Wire["CaseRecord"] }
  /** As it is saved now, whatever was typed since. */
  | { kind: "reloaded"; answer: Wire["CaseRecord"] }
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

function adjusted(state: CaseState, parts: string[], change: Omit<Wire["AdjustedWire"], "part">) {
  const changed = parts.map((part) => ({
    ...state.adjusted.find((a) => a.part === part),
    part,
    ...change,
  }));
  return [...state.adjusted.filter((a) => !parts.includes(a.part)), ...changed];
}

type Steps = { [K in Action["kind"]]: (state: CaseState, action: Extract<Action, { kind: K }>) => CaseState };

/** Whatever changes the case also resets the chosen purchase option. */
const changed = (state: CaseState): CaseState => ({ ...state, choice: 0 });

/** What each action does. */
const STEPS: Steps = {
  line: (state, action) =>
    isNewCaller(state, action.line)
      ? { ...EMPTY, branch: state.branch, startedAt: action.at, line: action.line }
      : {
          ...changed(state),
          startedAt: state.startedAt ?? action.at,
          line: action.line,
          rechecked: [],
          model: null,
          platform: null,
          inspected: [],
        },
  switched: (_, action) => action.to,
  read: (state, action) => ({ ...changed(state), line: state.line.replace(action.instead, action.as) }),
  used: (state, action) => ({
    ...changed(state),
    startedAt: state.startedAt ?? action.at,
    line: state.line.trim() === "" ? action.words : `${state.line.trimEnd()}, ${action.words}`,
  }),
  answered: (state, action) => ({
    ...changed(state),
    excluded: without(state.excluded, `finding:${action.finding}`),
    findings: [
      ...state.findings.filter((f) => f.finding !== action.finding),
      action.said === undefined
        ? { finding: action.finding, answer: action.answer }
        : { finding: action.finding, answer: action.answer, said: action.said },
    ],
  }),
  measured: (state, action) => ({
    ...changed(state),
    excluded: without(state.excluded, `finding:${action.test}`),
    readings: [
      ...state.readings.filter((r) => r.test !== action.test),
      { test: action.test, value: action.value, ...action.beside },
    ],
  }),
  meant: (state, action) => ({
    ...changed(state),
    excluded: [...state.excluded, ...action.others.map((other) => `finding:${other}`)],
    findings: [
      ...state.findings.filter((f) => f.finding !== action.finding),
      { finding: action.finding, answer: "yes" },
    ],
  }),
  person: (state, action) => ({ ...changed(state), person: action.person }),
  fuel: (state, action) => ({ ...changed(state), fuel: action.fuel }),
  appliance: (state, action) => ({ ...changed(state), appliance: action.appliance }),
  model: (state, action) => ({ ...changed(state), model: action.model }),
  platform: (state, action) => ({ ...changed(state), platform: action.platform }),
  inspected: (state, action) => ({ ...changed(state), inspected: withItem(state.inspected, action.key) }),
  recheck: (state, action) => ({
    ...changed(state),
    rechecked: [
      ...state.rechecked.filter((r) => r.position !== action.position),
      { position: action.position, character: action.character },
    ],
  }),
  excluded: (state, action) => remove(changed(state), action.key),
  restored: (state) => ({ ...changed(state), excluded: state.excluded.slice(0, -1) }),
  suspect: (state, action) => ({
    ...changed(state),
    selected: action.selling ? without(state.selected, action.id) : withItem(state.selected, action.id),
    deselected: action.selling ? withItem(state.deselected, action.id) : without(state.deselected, action.id),
  }),
  adjusted: (state, action) => ({
    ...changed(state),
    adjusted: adjusted(state, action.parts, action.change),
  }),
  counted: (state, action) => {
    const before = state.adjusted.find((a) => a.part === action.part)?.quantity ?? action.from;
    const quantity = Math.max(0, before + action.by);
    return { ...changed(state), adjusted: adjusted(state, [action.part], { quantity, needed: true }) };
  },
  unadjusted: (state, action) => ({
    ...changed(state),
    adjusted: state.adjusted.filter((a) => a.part !== action.part),
  }),
  branch: (state, action) => ({ ...changed(state), branch: action.branch }),
  neededIn: (state, action) => ({ ...changed(state), neededInDays: action.days }),
  chosen: (state, action) => ({ ...state, choice: action.choice }),
  cautioned: (state, action) => ({
    ...state,
    cautionsShown: [...new Set([...state.cautionsShown, ...action.hazards])],
  }),
  unread: (state, action) => ({ ...state, cautionsShown: action.shown }),
  readTo: (state, action) => ({ ...state, readTo: action.who }),
  customer: (state, action) => ({ ...state, customer: action.name, customerPhone: action.phone }),
  kept: (state, action) => ({
    ...state,
    startedAt: null,
    kept: keptOf(action.answer),
  }),
  // What was typed since it was saved stays.
  opened: (state, action) =>
    state.kept?.number === action.answer.number && state.kept.revision === action.answer.revision
      ? state
      : toState(action.answer),
  reloaded: (_, action) => toState(action.answer),
  // A saved case has an address of its own; the bare counter is for the caller who was not saved yet.
  resumed: (state, action) => (state.kept === null ? state : action.saved),
  // The branch is the counter's, not the caller's.
  cleared: (state) => ({ ...EMPTY, branch: state.branch }),
};

/** The next state. Pure: no clock, no storage. */
export function next<K extends Action["kind"]>(
  state: CaseState,
  action: Extract<Action, { kind: K }>,
): CaseState {
  return STEPS[action.kind as K](state, action);
}
