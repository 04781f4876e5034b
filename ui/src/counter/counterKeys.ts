import { isBlank } from "./casefile/caseFields";
import type { Answer, CaseState } from "./casefile/case";
import type { Action } from "./casefile/caseState";
import { nextWorker } from "./casefile/workers";
import { atHand, repliesTo } from "./diagnosis/questions";
import { graveUnseen } from "./handover/Cautions";
import { focusBranch } from "./handover/HandoverColumn";
import { FUEL_KEYS, fuelIsOpen } from "./identify/KnownColumn";
import { focusMeanings } from "./identify/MeaningPicker";
import { open } from "./identify/Meanings";
import { atKeys, confirmed, rejected } from "./line/MayMean";
import { compatiblePage } from "./sale/Bag";
import { focusRow } from "./sale/partRows";
import { toggleCompare } from "./sale/PurchaseOptions";
import { optionsOf } from "./sale/purchaseOptions";
import type { Armed } from "./record/undo";

const REPLY_KEYS = ["1", "2", "3", "4", "5"];

export type KeyActions = {
  answer: Answer | undefined;
  state: CaseState;
  asked: number;
  focusLine: () => void;
  dispatch: (action: Action) => void;
  keep: (status: "open" | "handed-over") => void;
  /** Makes a grave action wait for Enter. */
  arm: (action: Armed) => void;
  newCall: () => void;
  discard: (() => void) | undefined;
  /** Waits for the number of an open call. */
  pick: (() => void) | undefined;
  skipQuestion: () => void;
  sheet: () => void;
  weigh: () => void;
  opening: (() => void) | undefined;
  verdicts: () => void;
  quote: () => void;
  reserve: () => void;
  compatible: (page: string) => void;
  peel: (() => void) | undefined;
  help: () => void;
  addMachine: () => void;
};

/** What each key does now; a key that has nothing to act on is not bound. */
export function counterKeys(actions: KeyActions): Record<string, (() => void) | undefined> {
  const { answer, state, dispatch } = actions;
  const always = {
    "/": actions.focusLine,
    "?": actions.help,
    ".": focusBranch,
    j: actions.addMachine,
    x: actions.newCall,
    Delete: actions.discard && (() => actions.arm("discard")),
    z: actions.pick,
    p: actions.sheet,
    u: state.excluded.length > 0 ? () => dispatch({ kind: "restored" }) : undefined,
  };
  if (answer === undefined) {
    return always;
  }
  const question = atHand(answer, actions.asked);
  const reply = (index: number) => {
    const word = question && repliesTo(question)[index];
    return question && word
      ? () => dispatch({ kind: "answered", finding: question.finding, answer: word })
      : undefined;
  };
  const meant = atKeys(answer);
  const again = answer.reading?.recheck;
  const reread = (index: number) => {
    const character = again?.options[index];
    return again && character !== undefined
      ? () => dispatch({ kind: "recheck", position: again.position, character })
      : undefined;
  };
  const fuels = FUEL_KEYS.filter((f) => fuelIsOpen(answer) && answer.fuels.includes(f.fuel));
  const offered = optionsOf(answer);
  const done = state.kept?.status === "handed-over";
  const chosen = offered[state.choice]?.purchase;
  const free = graveUnseen(answer, state).length === 0;
  return {
    ...always,
    ...Object.fromEntries(REPLY_KEYS.map((key, index) => [key, reply(index)])),
    w: answer.suspects.length > 0 ? actions.weigh : undefined,
    v: answer.needs.length > 0 ? actions.verdicts : undefined,
    d: actions.opening,
    c: chosen && (() => actions.compatible(compatiblePage(answer, chosen))),
    l: actions.peel,
    m: open(answer).length > 0 ? focusMeanings : undefined,
    f: () => dispatch({ kind: "person", person: nextWorker(state.person) }),
    n: answer.next.length > 0 ? actions.skipQuestion : undefined,
    y: meant && (() => dispatch(confirmed(meant))),
    i: meant && (() => dispatch(rejected(meant))),
    r: reread(0),
    t: reread(1),
    ...Object.fromEntries(
      fuels.map((f) => [f.key.toLowerCase(), () => dispatch({ kind: "fuel", fuel: f.fuel })]),
    ),
    o:
      offered.length > 1
        ? () => dispatch({ kind: "chosen", choice: (state.choice + 1) % offered.length })
        : undefined,
    "=": offered.length > 1 ? toggleCompare : undefined,
    q: chosen && actions.quote,
    a: chosen && actions.reserve,
    ArrowDown: () => focusRow(1),
    ArrowUp: () => focusRow(-1),
    s: answer.cautions.length > 0 ? () => actions.arm("cautions") : undefined,
    h: free && !done && offered.length > 0 ? () => actions.arm("hand over") : undefined,
    k: done || isBlank(state) ? undefined : () => actions.keep("open"),
  };
}
