import { Button, Form } from "react-bootstrap";
import { many } from "../shared/format";
import { serving } from "../shared/specialist";

type Props = {
  cases: number;
  proposals: number;
  version: number;
  by: string;
  onBy: (by: string) => void;
  picked: number;
  busy: boolean;
  onAccept: () => void;
  onDecline: () => void;
};

/** How many suggestions there are, who decides, and the two decisions. */
export function DecisionBar({
  cases,
  proposals,
  version,
  by,
  onBy,
  picked,
  busy,
  onAccept,
  onDecline,
}: Props) {
  const ready = picked > 0 && by.trim() !== "" && !busy;
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
      <label>
        Decided by{" "}
        <Form.Control
          size="sm"
          value={by}
          maxLength={80}
          onChange={(e) => {
            onBy(e.target.value);
            serving(e.target.value.trim());
          }}
        />
      </label>
      <span className="text-nowrap">
        <Button variant="act" disabled={!ready} onClick={onAccept}>
          {picked === 0 ? "Select suggestions" : by.trim() === "" ? "Enter who decides" : `Accept ${picked}`}
        </Button>{" "}
        <Button variant="quiet" disabled={!ready} onClick={onDecline}>
          Decline{picked > 0 && ` ${picked}`}
        </Button>
      </span>
    </div>
  );
}
