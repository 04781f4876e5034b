import type { Wire } from "../shared/api";

export type Rules = Wire["HouseRulesWire"];
export type Change = Wire["HouseRulesChange"];
