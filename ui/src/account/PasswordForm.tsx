import { useState } from "react";
import { Button, Form } from "react-bootstrap";
import { SignInField } from "../shared/SignInField";
import type { useEntering } from "./useEntering";

type Props = { name: string | null; entering: ReturnType<typeof useEntering> };

/** Signs in by name and password. */
export function PasswordForm({ name: last, entering }: Props) {
  const [name, setName] = useState(last ?? "");
  const [password, setPassword] = useState("");
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        entering.mutate({ kind: "password", body: { name, password } });
      }}
    >
      <SignInField
        id="sign-in-name"
        label="Name"
        value={name}
        onValue={setName}
        complete="username"
        focused={last === null}
      />
      <SignInField
        id="sign-in-password"
        label="Password"
        type="password"
        value={password}
        onValue={setPassword}
        complete="current-password"
        focused={last !== null}
      />
      <Button type="submit" variant="act" disabled={name === "" || password === "" || entering.isPending}>
        Sign in
      </Button>
    </Form>
  );
}
