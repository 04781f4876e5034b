import { useState } from "react";
import { Button } from "react-bootstrap";
import type { Session } from "../shared/session";
import { CodeForm } from "./CodeForm";
import { PasswordForm } from "./PasswordForm";
import { PinForm } from "./PinForm";
import { useEntering } from "./useEntering";

/** Asks who serves: by PIN on a terminal that is locked, else by password; or by a code the first time. */
export function SignIn({ session }: { session: Session }) {
  const entering = useEntering();
  const last = session.name ?? null;
  const canUsePin = last !== null && session.colleagues.length > 0;
  const [form, setForm] = useState<"pin" | "password" | "code">(canUsePin ? "pin" : "password");
  const shown = session.setup ? "setup" : form;
  const turnTo = (other: typeof form) => {
    entering.reset();
    setForm(other);
  };
  return (
    <main className="sign-in" aria-label="Sign in">
      <section className="card-plain">
        <span className="bin-tab">Synopta</span>
        <div className="row-line">
          <h1>{session.setup ? "Set up" : last === null ? "Sign in" : "Who serves?"}</h1>
          {last !== null && <p className="soft">Locked by {last}. The call stays as it is.</p>}
          {entering.error && (
            <div className="notice bad mb-2" role="alert">
              {entering.error.message}
            </div>
          )}
          {shown === "pin" && <PinForm session={session} entering={entering} />}
          {shown === "password" && <PasswordForm name={last} entering={entering} />}
          {(shown === "code" || shown === "setup") && <CodeForm kind={shown} entering={entering} />}
        </div>
        {!session.setup && (
          <div className="row-line other-ways">
            {canUsePin && form !== "pin" && <Other onClick={() => turnTo("pin")}>Use a PIN</Other>}
            {form !== "password" && <Other onClick={() => turnTo("password")}>Use a password</Other>}
            {form !== "code" && <Other onClick={() => turnTo("code")}>Use a one-time code</Other>}
          </div>
        )}
        <DemoAccounts session={session} entering={entering} />
      </section>
    </main>
  );
}

function Other({ children, onClick }: { children: string; onClick: () => void }) {
  return (
    <Button variant="link" size="sm" className="p-0" onClick={onClick}>
      {children}
    </Button>
  );
}

type Props = { session: Session; entering: ReturnType<typeof useEntering> };

/** The accounts of the demo; one click is enough. */
function DemoAccounts({ session, entering }: Props) {
  if (session.demo.length === 0) {
    return null;
  }
  return (
    <div className="row-line">
      <p className="mb-1">Accounts of this demo:</p>
      {session.demo.map(({ name, password }) => (
        <p key={name} className="mb-1 demo-account">
          <Button
            variant="quiet"
            size="sm"
            disabled={entering.isPending}
            onClick={() => entering.mutate({ kind: "password", body: { name, password } })}
          >
            Sign in as {name}
          </Button>{" "}
          <span className="soft small">password {password}</span>
        </p>
      ))}
    </div>
  );
}
