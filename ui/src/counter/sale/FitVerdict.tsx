import { Button } from "react-bootstrap";
import type { Wire } from "../../shared/api";
import { sentence } from "../../shared/format";
import { PartLink } from "../../shared/NumberLink";

type Need = Wire["NeededWire"];

const ASK: Record<NonNullable<Need["fit"]["ask"]>, string> = {
  model: "depends on the model: ask for it",
  built: "depends on the build date: ask for the serial number",
  serial: "depends on the serial number: ask for it",
};

/** The fit verdict of a line, in words. */
function verdictWords(needs: Need[]): string {
  const changes = [...new Set(needs.flatMap((need) => need.fit.changes))];
  const open = needs.find((need) => need.fit.ask)?.fit.ask;
  if (needs.some((need) => need.fit.verdict === "does-not-fit")) {
    return "does not fit";
  }
  if (open) {
    return ASK[open];
  }
  return changes.length > 0 ? `fits, with a change: ${changes.join("; ")}` : "fits";
}

type Props = {
  needs: Need[];
  why: boolean;
  /** Replaces the requested part by another. */
  onTake?: (part: string) => void;
  /** Other notes on the line. */
  notes?: string;
};

/** A fit verdict in words, with its reasons one click away, and the alternatives. */
export function FitVerdict({ needs, why, onTake, notes }: Props) {
  const words = verdictWords(needs);
  const reasons = [...new Set(needs.flatMap((need) => need.fit.reasons))];
  const instead = [...new Set(needs.flatMap((need) => need.fit.instead))];
  const suggestions = needs.flatMap((need) => need.fit.suggestions);
  return (
    <details className="small why" open={why} key={`${why}`}>
      <summary>
        <b className={words === "fits" ? "verdict" : "verdict change"}>{sentence(words)}</b>
        {notes ? <span className="soft"> · {notes}</span> : null}
      </summary>
      <ol>
        {reasons.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </ol>
      {instead.length > 0 && <Numbers what="Use instead" parts={instead} onTake={onTake} />}
      {suggestions.length > 0 && (
        <Numbers what="Alternatives" parts={[...new Set(suggestions.map((s) => s.part))]} onTake={onTake} />
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
              Use it
            </Button>
          )}
        </span>
      ))}
    </div>
  );
}
