import type { Wire } from "../shared/api";

type Status = Wire["PartListing"]["status"];
type Via = Wire["UsedModel"]["via"];

const STATUS: Record<Status, string> = {
  current: "",
  superseded: "superseded",
  discontinued: "discontinued",
};

/** The status of a part in words; empty for a current part. */
export const statusWord = (status: Status): string => STATUS[status];

const UNITS = ["mm", "c", "amps"];

/** "length-mm" as "length, mm". */
export function specName(spec: string): string {
  const words = spec.split("-");
  const unit = words[words.length - 1] ?? "";
  return words.length > 1 && UNITS.includes(unit)
    ? `${words.slice(0, -1).join(" ")}, ${unit === "c" ? "°C" : unit === "amps" ? "A" : unit}`
    : words.join(" ");
}

const VIA: Record<Via, string> = {
  direct: "listed",
  succession: "by supersession",
  equivalent: "as equivalent",
  contents: "by kit contents",
};
export const viaName = (via: Via): string => VIA[via];
