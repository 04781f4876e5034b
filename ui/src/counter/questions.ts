import type { Wire } from "../shared/api";

type Question = Wire["QuestionWire"];

/** The question at hand, when so many were put off. */
export const atHand = (questions: Question[], putOff: number): Question | undefined =>
  questions[putOff % Math.max(1, questions.length)];

/** What can be replied, in the order of the keys 1, 2 and 3. */
export const repliesTo = (question: Question): string[] => [...question.answers, "unknown"];
