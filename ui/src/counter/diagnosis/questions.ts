import type { Wire } from "../../shared/api";
import type { Answer } from "../casefile/case";

export type Question = Wire["QuestionWire"];
export type Choice = Wire["ChoiceWire"];

/** An answer that is held up to see what it would do. */
export type Tried = { question: Question; choice: Choice };

/** So many questions are in sight. */
const IN_SIGHT = 3;

/** The questions in sight, the one at hand first, when so many were put off. */
export const inSight = (questions: Question[], skipQuestion: number): Question[] => {
  const first = skipQuestion % Math.max(1, questions.length);
  return [...questions.slice(first), ...questions.slice(0, first)].slice(0, IN_SIGHT);
};

const isSelling = (answer: Answer): boolean => answer.advice?.action === "sell";

/** Whether the questions are out of the way: the advice is to sell, and nobody asked for them. */
export const isFolded = (answer: Answer, asked: number): boolean => isSelling(answer) && asked === 0;

/** How many questions were put off; the first step only unfolds them where the advice is to sell. */
export const putOff = (answer: Answer, asked: number): number =>
  isSelling(answer) ? Math.max(0, asked - 1) : asked;

/** The question at hand. */
export const atHand = (answer: Answer, asked: number): Question | undefined =>
  isFolded(answer, asked) ? undefined : inSight(answer.next, putOff(answer, asked))[0];

/** What can be replied, in the order of the keys 1, 2, 3 and so on. */
export const repliesTo = (question: Question): string[] => [...question.answers, "unknown"];
