import { useState } from "react";
import { Form } from "react-bootstrap";

type Props = {
  label: string;
  /** What a reader says, where the label alone does not tell. */
  spoken?: string;
  value: string;
  onValue: (text: string) => void;
};

/** A figure that takes effect when it is left, or with Enter; what is no number is put back. */
export function AmountField({ label, spoken, value, onValue }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const done = () => {
    if (typed !== null && typed !== value && /^\d{1,9}(\.\d{1,3})?$/.test(typed)) {
      onValue(typed);
    }
    setTyped(null);
  };
  return (
    <label>
      <span>{label}</span>{" "}
      <Form.Control
        size="sm"
        inputMode="decimal"
        aria-label={spoken}
        value={typed ?? value}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={done}
        onKeyDown={(event) => event.key === "Enter" && done()}
      />
    </label>
  );
}
