import type { Wire } from "../../shared/api";

export type Worker = Wire["QuestionWire"]["who"];

/** Who does the work, and the word for them. */
const NAMES: Record<Worker, string> = {
  customer: "customer",
  technician: "technician",
  licensed: "licensed technician",
};

const NEXT: Record<Worker, Worker> = {
  customer: "technician",
  technician: "licensed",
  licensed: "customer",
};

/** The next in turn. */
export const nextWorker = (person: Worker): Worker => NEXT[person];

export const workerName = (person: Worker): string => NAMES[person];
