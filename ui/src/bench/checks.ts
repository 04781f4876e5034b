import type { Check } from "./check";
import { CAPACITOR, COILS, ELEMENT, SUPPLY, THERMISTOR } from "./electric";
import { DUCT, FUSE, ORIFICE, TOOL } from "./mechanic";

/** Every check, in the order of the bench. */
export const CHECKS: Check[] = [ELEMENT, COILS, THERMISTOR, SUPPLY, DUCT, ORIFICE, FUSE, CAPACITOR, TOOL];
