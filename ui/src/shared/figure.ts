import { answer, api, type Wire } from "./api";
import { isMetric } from "./region";

/** The unit of degrees without a letter, by the region. */
export const degreesUnit = (): string => (isMetric() ? "°C" : "°F");

/** What was entered, as a figure in the unit; a temperature comes in °C. What is no such figure is refused in words. */
export const readFigure = (said: string, unit: string, signal?: AbortSignal): Promise<Wire["SpokenFigure"]> =>
  answer(api.GET("/api/bench/figure", { params: { query: { said, unit } }, signal: signal ?? null }));
