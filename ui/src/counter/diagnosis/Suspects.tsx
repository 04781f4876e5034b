import { Button } from "react-bootstrap";
import type { Wire } from "../../shared/api";
import { percent } from "../../shared/format";
import type { Tried } from "./questions";
import type { Answer } from "../casefile/case";

type Props = {
  suspects: Wire["Suspect"][];
  answer: Answer;
  tried: Tried | null;
  weighing: boolean;
  onToggle: (suspect: Wire["Suspect"]) => void;
  onWeigh: () => void;
  /** Parts that a kit in the bag brings beyond what is needed. */
  kitted: string[];
};

/** The suspected faults as bars; while an answer is hovered, how likely each would become. */
export function Suspects({ suspects, answer, tried, weighing, onToggle, onWeigh, kitted }: Props) {
  return (
    <div>
      <div className="suspects-head small soft">
        <span role="status">
          {tried === null
            ? "How likely each fault is; several can be present at once"
            : `If “${tried.choice.words.toLowerCase()}”: how likely each would be`}
        </span>
        <Button variant="link" size="sm" className="p-0" aria-pressed={weighing} onClick={onWeigh}>
          {weighing ? "Back to drawing" : "Why?"} <kbd>W</kbd>
        </Button>
      </div>
      <ol className="suspects" aria-label="Suspects">
        {suspects.map((suspect, index) => (
          <Row
            key={suspect.id}
            suspect={suspect}
            rank={index + 1}
            answer={answer}
            kitted={kitted}
            then={tried === null ? null : (tried.choice.suspects[suspect.id] ?? 0)}
            onToggle={onToggle}
          />
        ))}
      </ol>
    </div>
  );
}

type RowProps = {
  suspect: Wire["Suspect"];
  rank: number;
  answer: Answer;
  /** Parts that a kit in the bag brings beyond what is needed. */
  kitted: string[];
  then: number | null;
  onToggle: Props["onToggle"];
};

function Row({ suspect, rank, answer, kitted, then, onToggle }: RowProps) {
  const sold = answer.selling.includes(suspect.id);
  const inBag = answer.needs.some((need) => need.partType === suspect.partType);
  const inKit = kitted.some((part) =>
    answer.parts.some((p) => p.part === part && p.partType === suspect.partType),
  );
  const status =
    suspect.cure && !sold
      ? "no part to sell"
      : inBag
        ? "in bag"
        : inKit
          ? "in the kit"
          : sold
            ? "part needed"
            : "not selected";
  return (
    <li>
      <button
        type="button"
        aria-pressed={sold}
        title={sold ? "Remove its part from the bag" : "Add its part to the bag"}
        onClick={() => onToggle(suspect)}
      >
        <span className="rank">{rank}</span>
        <span className="who">
          {suspect.name}
          <span className="why small soft" title={about(suspect)}>
            {about(suspect)}
          </span>
        </span>
        <span className="track" aria-hidden="true">
          <svg viewBox="0 0 100 10" preserveAspectRatio="none">
            <rect
              width={100 * suspect.probability}
              height="10"
              className={then !== null ? "bar was" : rank === 1 ? "bar first" : "bar"}
            />
            {then !== null && <rect width={100 * then} y="3" height="4" className="bar first" />}
          </svg>
        </span>
        <span className="numeric">{percent(then ?? suspect.probability)}</span>
        <span className={(inBag || inKit) && !suspect.cure ? "sold yes" : "sold"}>{status}</span>
      </button>
    </li>
  );
}

/** The cure without a part once the fault is likely; else the reasons. */
const about = (suspect: Wire["Suspect"]): string =>
  suspect.cure && suspect.probability >= 0.5 ? suspect.cure : reasons(suspect);

/** What speaks for a suspect, then what against, strongest first. */
function reasons(suspect: Wire["Suspect"]): string {
  const words = (sign: number) =>
    suspect.because
      .filter((r) => Math.sign(r.weight) === sign)
      .slice(0, 2)
      .map((r) => r.words.toLowerCase());
  const against = words(-1);
  const behind = words(1);
  return [
    behind.length > 0 ? `for: ${behind.join(", ")}` : "",
    against.length > 0 ? `against: ${against.join(", ")}` : "",
  ]
    .filter((text) => text !== "")
    .join(" · ");
}
