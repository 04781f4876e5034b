import { Button, Form } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { percent } from "../shared/format";

type Choice = Wire["FaultChoice"];
type Props = {
  /** Those with a key. */
  keyed: Choice[];
  others: Choice[];
  fault: string | null;
  onFault: (fault: string | null) => void;
  /** Where the list is of one place: its name. */
  of: string | null;
  onAll: () => void;
};

/** The faults to choose from, likeliest first, or those of the clicked place. */
export function FaultChoice({ keyed, others, fault, onFault, of, onAll }: Props) {
  return (
    <section className="card-plain" aria-label="Fault found">
      <span className="bin-tab">Fault found</span>
      {of && (
        <p className="mb-1">
          <b>{of}</b>{" "}
          <Button variant="link" size="sm" className="p-0" onClick={onAll}>
            Show all
          </Button>
        </p>
      )}
      {keyed.map((choice, i) => (
        <Form.Check
          key={choice.fault}
          type="radio"
          name="fault"
          id={`fault-${choice.fault}`}
          checked={fault === choice.fault}
          onChange={() => onFault(choice.fault)}
          label={
            <>
              <kbd>{i + 1}</kbd> {choice.name}{" "}
              {choice.probability != null && (
                <span className="soft">predicted {percent(choice.probability)}</span>
              )}
            </>
          }
        />
      ))}
      <Form.Check
        type="radio"
        name="fault"
        id="fault-none"
        checked={fault === null}
        onChange={() => onFault(null)}
        label={
          <>
            <kbd>0</kbd> Unknown
          </>
        }
      />
      {others.length > 0 && (
        <Form.Select
          size="sm"
          aria-label="Another fault"
          value={others.some((c) => c.fault === fault) ? (fault ?? "") : ""}
          onChange={(event) => onFault(event.target.value || null)}
        >
          <option value="">Another fault …</option>
          {others.map((choice) => (
            <option key={choice.fault} value={choice.fault}>
              {choice.name}
            </option>
          ))}
        </Form.Select>
      )}
    </section>
  );
}
