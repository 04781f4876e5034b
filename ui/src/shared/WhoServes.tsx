import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Button } from "react-bootstrap";
import { answer, api } from "./api";
import { SESSION_QUERY, useSession } from "./session";

/** Who is signed in; a click hands the terminal to the next person or locks it, and the call on it stays. */
export function WhoServes() {
  const client = useQueryClient();
  const session = useSession();
  const lock = useMutation({
    mutationFn: () => answer(api.POST("/api/session/lock")),
    onSuccess: (locked) => client.setQueryData(SESSION_QUERY, locked),
  });
  if (!session.data?.name) {
    return null;
  }
  return (
    <Button
      variant="quiet"
      size="sm"
      title="Switch to somebody else, or lock; the call stays"
      aria-label={`${session.data.name}: switch or lock`}
      onClick={() => lock.mutate()}
    >
      {session.data.name}
    </Button>
  );
}
