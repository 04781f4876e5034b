import type { Wire } from "../shared/api";

export const keyOfProposal = (p: Wire["ProposalWire"]): string =>
  `${p.kind}|${p.appliance ?? ""}|${p.subject}`;
