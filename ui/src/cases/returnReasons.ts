/** Reasons of a return, the counter's own errors first. */
export const REASONS = [
  "wrong-machine",
  "wrong-diagnosis",
  "wrong-part",
  "changed-mind",
  "damaged",
  "right-part-thought-wrong",
];

const NAMES: Record<string, string> = {
  "wrong-machine": "wrong model",
  "wrong-diagnosis": "wrong diagnosis",
  "wrong-part": "wrong part",
  "changed-mind": "changed their mind",
  damaged: "damaged",
  "right-part-thought-wrong": "right part, thought to be wrong",
};

export const reasonName = (slug: string): string => NAMES[slug] ?? slug;
