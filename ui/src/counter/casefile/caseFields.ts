import type { Wire } from "../../shared/api";
import type { CaseState } from "./case";

/** How a case is kept now. */
export const keptOf = ({ number, revision, status }: Wire["CaseRecord"]) => ({ number, revision, status });

/** The state of a case that was kept. */
export function toState(answer: Wire["CaseRecord"]): CaseState {
  return {
    line: answer.line,
    model: answer.model ?? null,
    appliance: answer.appliance ?? null,
    fuel: answer.fuel ?? null,
    ageYears: answer.ageYears ?? null,
    serial: answer.serial ?? null,
    complaint: answer.complaint ?? null,
    rechecked: answer.rechecked,
    findings: answer.findings,
    readings: answer.readings,
    excluded: answer.excluded,
    selected: answer.selected,
    deselected: answer.deselected,
    platform: answer.platform ?? null,
    inspected: answer.inspected,
    person: answer.person,
    adjusted: answer.adjusted,
    branch: answer.branch ?? null,
    neededInDays: answer.neededInDays ?? null,
    cautionsShown: answer.cautionsShown,
    readTo: answer.readTo ?? null,
    customer: answer.customer ?? null,
    customerPhone: answer.customerPhone ?? null,
    startedAt: null,
    choice: 0,
    kept: keptOf(answer),
    visit: answer.visit ?? null,
  };
}

/** The fields the server works a case from. */
export function fieldsOf(state: CaseState): Wire["CaseFields"] {
  return {
    line: state.line,
    model: state.model,
    serial: state.serial,
    appliance: state.appliance,
    fuel: state.fuel,
    ageYears: state.ageYears,
    complaint: state.complaint,
    rechecked: state.rechecked,
    findings: state.findings,
    readings: state.readings,
    excluded: state.excluded,
    selected: state.selected,
    deselected: state.deselected,
    platform: state.platform,
    inspected: state.inspected,
    person: state.person,
    adjusted: state.adjusted,
    branch: state.branch,
    neededInDays: state.neededInDays,
  };
}

/** Whether nothing was said or set: there is no case to keep. */
export const isBlank = (state: CaseState): boolean =>
  state.line.trim() === "" && state.model === null && state.appliance === null && state.findings.length === 0;
