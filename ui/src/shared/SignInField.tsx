import { Form } from "react-bootstrap";

type Props = {
  id: string;
  label: string;
  value: string;
  onValue: (value: string) => void;
  type?: "text" | "password";
  complete?: string;
  focused?: boolean;
  digits?: boolean;
};

/** A field for a name, a password, a PIN or a code. */
export function SignInField({
  id,
  label,
  value,
  onValue,
  type = "text",
  complete = "off",
  focused,
  digits,
}: Props) {
  return (
    <Form.Group controlId={id} className="mb-2">
      <Form.Label className="mb-0">{label}</Form.Label>
      <Form.Control
        type={type}
        value={value}
        maxLength={200}
        autoComplete={complete}
        autoFocus={focused}
        inputMode={digits ? "numeric" : undefined}
        onChange={(event) => onValue(event.target.value)}
      />
    </Form.Group>
  );
}
