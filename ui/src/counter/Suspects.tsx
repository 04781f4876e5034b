import { Button } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { percent } from "../shared/format";
import type { Tried } from "./questions";
import type { Answer } from "./useCounter";

type Props = {
  suspects: Wire["SuspectWire"][];
  answer: Answer;
  tried: Tried | null;
  weighing: boolean;
  onToggle: (suspect: Wire["SuspectWire"]) => void;
  onWeigh: () => void;
};

/** The suspects as bars; while an answer is held up, where each would then stand. */
export function Suspects({ suspects, answer, tried, weighing, onToggle, onWeigh }: Props) {
  return (
    <div>
      <div className="suspects-head small soft">
        <span role="status">
          {tried === null
            ? "how likely each fault is"
            : `if “${tried.choice.words.toLowerCase()}”: the bars would move so`}
        </span>
        <Button variant="link" size="sm" className="p-0" aria-pressed={weighing} onClick={onWeigh}>
          {weighing ? "back to the machine" : "what moved them"} <kbd>W</kbd>
        </Button>
      </div>
      <ol className="suspects" aria-label="Suspects">
        {suspects.map((suspect, index) => (
          <Row
            key={suspect.id}
            suspect={suspect}
            rank={index + 1}
            answer={answer}
            then={tried === null ? null : (tried.choice.suspects[suspect.id] ?? 0)}
            onToggle={onToggle}
          />
        ))}
      </ol>
    </div>
  );
}

type RowProps = {
  suspect: Wire["SuspectWire"];
  rank: number;
  answer: Answer;
  then: number | null;
  onToggle: Props["onToggle"];
};

function Row({ suspect, rank, answer, then, onToggle }: RowProps) {
  const sold = answer.selling.includes(suspect.id);
  const inBag = answer.needs.some((need) => need.partType === suspect.partType);
  const told = suspect.cure && !sold ? "no part" : inBag ? "in bag" : sold ? "wanted" : "leave";
  return (
    <li>
      <button
        type="button"
        aria-pressed={sold}
        title={sold ? "Leave it out of the bag" : "Sell for it"}
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
        <span className={inBag && !suspect.cure ? "sold yes" : "sold"}>{told}</span>
      </button>
    </li>
  );
}

/** What cures it without a part, once it stands out; else the reasons. */
const about = (suspect: Wire["SuspectWire"]): string =>
  suspect.cure && suspect.probability >= 0.5 ? suspect.cure : reasons(suspect);

/** What speaks for a suspect, then what against, strongest first. */
function reasons(suspect: Wire["SuspectWire"]): string {
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
