import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useState, type ReactNode } from "react";
import { Button } from "react-bootstrap";
import { whenSignedOut } from "../shared/api";
import { SESSION_QUERY, useSession } from "../shared/session";
import { SignIn } from "./SignIn";
import { useIdleLock } from "./useIdleLock";
import "./account.css";

/** Shows the application to those who are signed in. Behind a lock it stays as it was, so that no call is lost. */
export function SignedIn({ children }: { children: ReactNode }) {
  const client = useQueryClient();
  const session = useSession();
  const who = session.data;
  const isIn = who !== undefined && Boolean(who.name) && !who.locked;
  const [wasIn, setWasIn] = useState(false);
  if (isIn && !wasIn) {
    setWasIn(true);
  }
  useEffect(() => whenSignedOut(() => void client.invalidateQueries({ queryKey: SESSION_QUERY })), [client]);
  useIdleLock(isIn ? who.lockMinutes : null);
  return (
    <>
      {wasIn && (
        <div inert={!isIn} className={isIn ? undefined : "behind-lock"}>
          {children}
        </div>
      )}
      {who && !isIn && <SignIn session={who} />}
      {session.error && !wasIn && (
        <main className="sign-in">
          <div className="notice bad" role="alert">
            {session.error.message}{" "}
            <Button variant="quiet" size="sm" onClick={() => void session.refetch()}>
              Try again
            </Button>
          </div>
        </main>
      )}
    </>
  );
}
