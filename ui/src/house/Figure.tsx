import { useState } from "react";
import { Form } from "react-bootstrap";

type Props = { label: string; value: string; onValue: (text: string) => void };

/** A figure that takes effect when it is left, or with Enter; what is no number is put back. */
export function Figure({ label, value, onValue }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const done = () => {
    if (typed !== null && typed !== value && /^\d+(\.\d{1,3})?$/.test(typed)) {
      onValue(typed);
    }
    setTyped(null);
  };
  return (
    <label>
      <span>{label}</span>
      <Form.Control
        size="sm"
        inputMode="decimal"
        value={typed ?? value}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={done}
        onKeyDown={(event) => event.key === "Enter" && done()}
      />
    </label>
  );
}
