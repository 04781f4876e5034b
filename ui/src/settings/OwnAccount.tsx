import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Button, Form } from "react-bootstrap";
import { answer, api } from "../shared/api";
import { SESSION_QUERY, useSession, type Session } from "../shared/session";
import { SignInField } from "../shared/SignInField";

/** The password and the PIN of whoever is signed in, and signing out. */
export function OwnAccount() {
  const client = useQueryClient();
  const session = useSession();
  const settled = (now: Session) => client.setQueryData(SESSION_QUERY, now);
  const signOut = useMutation({
    mutationFn: () => api.DELETE("/api/session"),
    // A fresh page holds nothing of whoever left.
    onSuccess: () => window.location.assign("/"),
  });
  return (
    <section className="card-plain" aria-label="Your account">
      <span className="bin-tab">Your account</span>
      <div className="row-line">
        You are signed in as <b>{session.data?.name}</b>, {session.data?.role}. What you do is saved under
        this name.{" "}
        <Button variant="quiet" size="sm" disabled={signOut.isPending} onClick={() => signOut.mutate()}>
          Sign out
        </Button>
      </div>
      <div className="row-line own-account">
        <Change
          key={`pin-${session.data?.hasPin}`}
          id="own-pin"
          label={session.data?.hasPin ? "New PIN, 4 to 8 digits" : "PIN for shared terminals, 4 to 8 digits"}
          button="Save PIN"
          shortest={4}
          digits
          onSave={async (password, pin) =>
            settled(await answer(api.POST("/api/session/pin", { body: { password, pin } })))
          }
        />
        <Change
          id="own-password"
          label="New password, 8 characters or more"
          button="Save password"
          shortest={8}
          onSave={async (present, password) =>
            settled(await answer(api.POST("/api/session/password", { body: { present, password } })))
          }
        />
      </div>
    </section>
  );
}

type Props = {
  id: string;
  label: string;
  button: string;
  shortest: number;
  digits?: boolean;
  onSave: (present: string, wanted: string) => Promise<unknown>;
};

function Change({ id, label, button, shortest, digits, onSave }: Props) {
  const [present, setPresent] = useState("");
  const [wanted, setWanted] = useState("");
  const save = useMutation({
    mutationFn: () => onSave(present, wanted),
    onSuccess: () => {
      setPresent("");
      setWanted("");
    },
  });
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate();
      }}
    >
      <SignInField
        id={`${id}-present`}
        label="Present password"
        type="password"
        value={present}
        onValue={setPresent}
        complete="current-password"
      />
      <SignInField id={id} label={label} type="password" digits={digits} value={wanted} onValue={setWanted} />
      <Button
        type="submit"
        variant="quiet"
        size="sm"
        disabled={present === "" || wanted.length < shortest || save.isPending}
      >
        {button}
      </Button>{" "}
      <span role="status">{save.isSuccess && "✓ saved"}</span>
      {save.error && (
        <div className="notice bad mt-2" role="alert">
          {save.error.message}
        </div>
      )}
    </Form>
  );
}
