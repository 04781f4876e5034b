import type { Check } from "./check";
import { CAPACITOR, COILS, ELEMENT, SUPPLY, THERMISTOR, THERMOSTAT } from "./electric";
import { DUCT, FUSE, ORIFICE, TOOL } from "./mechanic";

/** Every check, in the order of the bench. */
export const CHECKS: Check[] = [
  ELEMENT,
  COILS,
  THERMISTOR,
  THERMOSTAT,
  SUPPLY,
  DUCT,
  ORIFICE,
  FUSE,
  CAPACITOR,
  TOOL,
];
