import { Button } from "react-bootstrap";
import { many } from "../shared/format";

type Props = {
  cases: number;
  proposals: number;
  version: number;
  mayDecide: boolean;
  picked: number;
  busy: boolean;
  onAccept: () => void;
  onDecline: () => void;
};

/** How many suggestions there are, and the two decisions. */
export function DecisionBar({
  cases,
  proposals,
  version,
  mayDecide,
  picked,
  busy,
  onAccept,
  onDecline,
}: Props) {
  const ready = picked > 0 && mayDecide && !busy;
  return (
    <div className="deciding">
      <p className="mb-0">
        {cases === 0
          ? "No case has a confirmed fault yet, so there is nothing to suggest."
          : `${many(cases, "case")} with a confirmed fault, ${many(proposals, "suggestion")}.`}{" "}
        <span className="soft">
          In use: {version === 0 ? "fault guide as shipped" : `version ${version}`}. Nothing changes until you
          accept it.
        </span>
      </p>
      <span className="text-nowrap">
        <Button variant="act" disabled={!ready} onClick={onAccept}>
          {!mayDecide ? "A manager decides" : picked === 0 ? "Select suggestions" : `Accept ${picked}`}
        </Button>{" "}
        <Button variant="quiet" disabled={!ready} onClick={onDecline}>
          Decline{picked > 0 && ` ${picked}`}
        </Button>
      </span>
    </div>
  );
}
