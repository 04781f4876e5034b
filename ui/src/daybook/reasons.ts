/** Why a part comes back, the counter's own faults first. */
export const REASONS = [
  "wrong-machine",
  "wrong-diagnosis",
  "wrong-part",
  "changed-mind",
  "damaged",
  "right-part-thought-wrong",
];

const NAMES: Record<string, string> = {
  "wrong-machine": "it was another machine",
  "wrong-diagnosis": "it was something else",
  "wrong-part": "wrong part for the machine",
  "changed-mind": "changed their mind",
  damaged: "damaged",
  "right-part-thought-wrong": "right part, thought wrong",
};

export const reasonName = (slug: string): string => NAMES[slug] ?? slug;
