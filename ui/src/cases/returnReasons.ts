import type { Wire } from "../shared/api";

export type Reason = Wire["AccuracySummaryReturned"]["reason"];

/** Reasons of a return, the counter's own errors first. */
export const REASONS: Reason[] = [
  "wrong-machine",
  "wrong-diagnosis",
  "wrong-part",
  "changed-mind",
  "damaged",
  "right-part-thought-wrong",
];

const NAMES: Record<Reason, string> = {
  "wrong-machine": "wrong model",
  "wrong-diagnosis": "wrong diagnosis",
  "wrong-part": "wrong part",
  "changed-mind": "changed their mind",
  damaged: "damaged",
  "right-part-thought-wrong": "right part, thought to be wrong",
};

export const reasonName = (reason: Reason): string => NAMES[reason];
