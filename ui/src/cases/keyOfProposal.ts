import type { Wire } from "../shared/api";

export const keyOfProposal = (p: Wire["LearningServiceSuggested"]): string =>
  `${p.kind}|${p.appliance ?? ""}|${p.subject}`;
