import { keyOf } from "../shared/format";

/** The address of a model's page. */
export const pageOf = (model: string): string => `/machines/${keyOf(model)}`;
