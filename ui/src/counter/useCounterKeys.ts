import { useEffect, useState } from "react";
import { nextPane } from "./panes";
import type { Armed } from "./record/undo";

type Keys = Record<string, (() => void) | undefined>;

const isLetter = (key: string): boolean => /^\p{L}$/u.test(key);

const isField = (target: EventTarget | null): boolean =>
  target instanceof HTMLInputElement ||
  target instanceof HTMLTextAreaElement ||
  target instanceof HTMLSelectElement;

/** A choice, and the line of the counter, leave undo to the case; text that is typed elsewhere undoes by itself. */
const undoesItself = (target: EventTarget | null): boolean =>
  target instanceof HTMLTextAreaElement ||
  (target instanceof HTMLInputElement &&
    target.id !== "line" &&
    !["checkbox", "radio"].includes(target.type));

type Given = {
  /** What each key does now; letters only while the keys are on. */
  keys: Keys;
  /** What is done once Enter confirms it. */
  grave: Partial<Record<Armed, () => void>>;
  on: boolean;
  setOn: (on: boolean) => void;
  armed: Armed | null;
  setArmed: (armed: Armed | null) => void;
  /** A character that is no key goes back into the line. */
  onType: (character: string) => void;
  /** Alt and a digit return to an open call. */
  onCall: (index: number) => void;
  onUndo: () => void;
  onRedo: () => void;
  /** Nothing is bound while a dialog is open. */
  off: boolean;
};

/** Whether keys are on, and which grave action waits for Enter. */
export function useKeysMode() {
  const [on, setOn] = useState(false);
  const [armed, setArmed] = useState<Armed | null>(null);
  return { on, setOn, armed, setArmed };
}

/**
 * The keys of the counter. Letters belong to the line: outside a field they go back into it, unless the keys were switched
 * on with Escape. What cannot be taken back later waits for Enter.
 */
export function useCounterKeys(given: Given) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => given.off || act(event, given);
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  });
}

function act(event: KeyboardEvent, given: Given) {
  const taken = chord(event, given) || (!isField(event.target) && plain(event, given));
  if (taken) {
    event.preventDefault();
  }
}

/** To the next pane and to open calls; undo and redo. */
function chord(event: KeyboardEvent, { onUndo, onRedo, onCall }: Given): boolean {
  if (event.key === "F6") {
    nextPane(event.shiftKey ? -1 : 1);
    return true;
  }
  const digit = /^Digit([1-9])$/.exec(event.code)?.[1];
  if (event.altKey && digit !== undefined) {
    onCall(Number(digit) - 1);
    return true;
  }
  const isUndo = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z";
  if (!isUndo || undoesItself(event.target)) {
    return false;
  }
  (event.shiftKey ? onRedo : onUndo)();
  return true;
}

function plain(event: KeyboardEvent, given: Given): boolean {
  const { keys, grave, on, setOn, armed, setArmed, onType } = given;
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) {
    return false;
  }
  setArmed(null);
  if (armed !== null && key === "Enter") {
    grave[armed]?.();
    return true;
  }
  if (key === "Escape") {
    setOn(armed === null ? !on : on);
    return true;
  }
  const action = isLetter(key) && !on ? undefined : keys[key];
  if (action !== undefined) {
    action();
    return true;
  }
  if (!on && /^[\p{L}\d]$/u.test(event.key)) {
    onType(event.key);
    return true;
  }
  return false;
}
