import { useState } from "react";
import { Button, Form } from "react-bootstrap";
import type { Session } from "../shared/session";
import { SignInField } from "../shared/SignInField";
import type { useEntering } from "./useEntering";

type Props = { session: Session; entering: ReturnType<typeof useEntering> };

/** Hands the terminal to somebody by their PIN. */
export function PinForm({ session, entering }: Props) {
  const { colleagues } = session;
  const [name, setName] = useState(
    colleagues.includes(session.name ?? "") ? (session.name ?? "") : (colleagues[0] ?? ""),
  );
  const [pin, setPin] = useState("");
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        entering.mutate({ kind: "pin", body: { name, pin } }, { onError: () => setPin("") });
      }}
    >
      <Form.Group controlId="pin-name" className="mb-2">
        <Form.Label className="mb-0">Name</Form.Label>
        <Form.Select value={name} onChange={(event) => setName(event.target.value)}>
          {colleagues.map((colleague) => (
            <option key={colleague}>{colleague}</option>
          ))}
        </Form.Select>
      </Form.Group>
      <SignInField id="pin" label="PIN" type="password" digits focused value={pin} onValue={setPin} />
      <Button type="submit" variant="act" disabled={pin.length < 4 || entering.isPending}>
        Serve
      </Button>
    </Form>
  );
}
