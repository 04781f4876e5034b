import { Form } from "react-bootstrap";
import { useTyped } from "../shared/useTyped";

type Props = {
  id: string;
  label: string;
  /** Most characters. */
  longest?: number;
  value: string;
  onValue: (words: string) => void;
};

/** A text field that takes effect when it loses the focus, or with Enter. */
export function Words({ id, label, longest = 200, value, onValue }: Props) {
  const field = useTyped(value, onValue);
  return (
    <div>
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Control id={id} size="sm" maxLength={longest} {...field} />
    </div>
  );
}
