import { Form } from "react-bootstrap";
import { useTyped } from "./useTyped";

type Props = {
  label: string;
  /** What a reader says, where the label alone does not tell. */
  spoken?: string;
  value: string;
  onValue: (text: string) => void;
};

/** A figure that takes effect when it is left, or with Enter; what is no number is put back. */
export function AmountField({ label, spoken, value, onValue }: Props) {
  const field = useTyped(value, onValue, (text) => /^\d{1,9}(\.\d{1,3})?$/.test(text));
  return (
    <label>
      <span>{label}</span> <Form.Control size="sm" inputMode="decimal" aria-label={spoken} {...field} />
    </label>
  );
}
