import type { Wire } from "../../shared/api";
import type { Worker } from "./workers";

/** The assessment of a case, as the server sends it. */
export type Answer = Wire["CounterAnswer"];

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
  excluded: string[];
  selected: string[];
  deselected: string[];
  /** The construction that was chosen for a model in no catalog, and what was looked at to tell. */
  platform: string | null;
  inspected: string[];
  /** Who would find out what is asked next. */
  person: Worker;
  /** What was changed of needs and wants, and where and when it is handed over. */
  adjusted: Wire["AdjustedWire"][];
  branch: string | null;
  neededInDays: number | null;
  cautionsShown: string[];
  /** To whom the cautions were said. */
  readTo: string | null;
  /** Who it is for; both may stay empty. */
  customer: string | null;
  customerPhone: string | null;
  /** When the first word was typed, in milliseconds. */
  startedAt: number | null;
  /** Which of the purchase options was chosen: 0 is what the required parts alone come to. */
  choice: number;
  kept: { number: number; revision: number; status: string } | null;
  /** The first case of the same visit, for another machine. */
  visit: number | null;
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
  excluded: [],
  selected: [],
  deselected: [],
  platform: null,
  inspected: [],
  person: "technician",
  adjusted: [],
  branch: null,
  neededInDays: null,
  cautionsShown: [],
  readTo: null,
  customer: null,
  customerPhone: null,
  startedAt: null,
  choice: 0,
  kept: null,
  visit: null,
};
