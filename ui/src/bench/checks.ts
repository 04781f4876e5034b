import type { Check } from "./check";
import { CAPACITOR, COILS, ELEMENT, SUPPLY, THERMISTOR, THERMOSTAT } from "./electricalChecks";
import { DUCT, FUSE, ORIFICE, TOOL } from "./mechanicalChecks";

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
