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

/** What there is to decide, who does, and the two answers. */
export function DecideBar({ cases, proposals, version, by, onBy, picked, busy, onAccept, onDecline }: Props) {
  const ready = picked > 0 && by.trim() !== "" && !busy;
  return (
    <div className="deciding">
      <p className="mb-0">
        {cases === 0
          ? "Of no case it is known what it was: there is nothing to learn from yet."
          : `${many(cases, "case")} of which it is known what it was, ${many(proposals, "proposal")}.`}{" "}
        <span className="soft">
          In force: {version === 0 ? "the packs as they ship" : `version ${version}`}. Nothing changes by
          itself.
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
          {picked === 0 ? "Tick what to accept" : by.trim() === "" ? "Say who decides" : `Accept ${picked}`}
        </Button>{" "}
        <Button variant="quiet" disabled={!ready} onClick={onDecline}>
          Decline{picked > 0 && ` ${picked}`}
        </Button>
      </span>
    </div>
  );
}
