import type { Wire } from "../shared/api";

export type Settings = Wire["HouseRulesWire"];
export type Change = Wire["HouseRulesChange"];
