import { Button } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { sentence } from "../shared/format";
import { PartLink } from "../shared/NumberLink";

type Need = Wire["NeededWire"];

const ASK: Record<string, string> = {
  model: "depends on the machine: ask for its model",
  built: "depends on the build date: ask for the serial",
  serial: "depends on the serial number: ask for it",
};

/** The verdict on the needs of a line, in words. */
function verdictWords(needs: Need[]): string {
  const changes = [...new Set(needs.flatMap((need) => need.fit.changes))];
  const open = needs.find((need) => need.fit.ask)?.fit.ask;
  if (needs.some((need) => need.fit.verdict === "does-not-fit")) {
    return "does not fit";
  }
  if (open) {
    return ASK[open] ?? "depends on what is not known yet";
  }
  return changes.length > 0 ? `fits, with a change: ${changes.join("; ")}` : "fits";
}

type Props = {
  needs: Need[];
  why: boolean;
  /** Puts another part in the place of the one asked for. */
  onTake?: (part: string) => void;
  /** What else is said of the line. */
  besides?: string;
};

/** A verdict in words, with its chain one click away, and what else would do. */
export function Verdict({ needs, why, onTake, besides }: Props) {
  const words = verdictWords(needs);
  const reasons = [...new Set(needs.flatMap((need) => need.fit.reasons))];
  const instead = [...new Set(needs.flatMap((need) => need.fit.instead))];
  const suggestions = needs.flatMap((need) => need.fit.suggestions);
  return (
    <details className="small why" open={why} key={`${why}`}>
      <summary>
        <b className={words === "fits" ? "verdict" : "verdict change"}>{sentence(words)}</b>
        {besides ? <span className="soft"> · {besides}</span> : null}
      </summary>
      <ol>
        {reasons.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </ol>
      {instead.length > 0 && <Numbers what="It takes" parts={instead} onTake={onTake} />}
      {suggestions.length > 0 && (
        <Numbers
          what="What else may do"
          parts={[...new Set(suggestions.map((s) => s.part))]}
          onTake={onTake}
        />
      )}
    </details>
  );
}

type NumbersProps = { what: string; parts: string[]; onTake: Props["onTake"] };

function Numbers({ what, parts, onTake }: NumbersProps) {
  return (
    <div>
      {what}{" "}
      {parts.map((part) => (
        <span key={part} className="me-2">
          <PartLink part={part} />{" "}
          {onTake && (
            <Button variant="quiet" size="sm" className="take" onClick={() => onTake(part)}>
              Take it
            </Button>
          )}
        </span>
      ))}
    </div>
  );
}
