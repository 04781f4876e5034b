import { useState } from "react";
import { Button, Form } from "react-bootstrap";
import { SignInField } from "../shared/SignInField";
import type { useEntering } from "./useEntering";

type Props = { kind: "code" | "setup"; entering: ReturnType<typeof useEntering> };

const WORDS = {
  code: "The code comes from a manager and works once, for a day. Choose the password you want to use from now on.",
  setup:
    "Nobody has an account yet. The server printed a code when it started; whoever enters it becomes the first manager.",
};

/** Chooses a password with a code: that of a manager, or for the first account that of the server. */
export function CodeForm({ kind, entering }: Props) {
  const [name, setName] = useState("");
  const [code, setCode] = useState("");
  const [password, setPassword] = useState("");
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        entering.mutate({ kind, body: { name, code, password } });
      }}
    >
      <p className="soft">{WORDS[kind]}</p>
      <SignInField id="code" label="Code" value={code} onValue={setCode} focused />
      <SignInField
        id="code-name"
        label={kind === "setup" ? "Your name, as it will stand on cases" : "Name"}
        value={name}
        onValue={setName}
        complete="username"
      />
      <SignInField
        id="code-password"
        label="New password, 8 characters or more"
        type="password"
        value={password}
        onValue={setPassword}
        complete="new-password"
      />
      <Button
        type="submit"
        variant="act"
        disabled={name === "" || code === "" || password.length < 8 || entering.isPending}
      >
        {kind === "setup" ? "Open the first account" : "Save and sign in"}
      </Button>
    </Form>
  );
}
