import { keyOf } from "./format";

/** The address of a model's page. */
export const modelPage = (model: string): string => `/models/${keyOf(model)}`;

/** The address of a part's page. */
export const partPage = (part: string): string => `/parts/${keyOf(part)}`;
