import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Button, Form, Table } from "react-bootstrap";
import { answer, api, type Wire } from "../shared/api";
import { useMay } from "../shared/session";
import { SignInField } from "../shared/SignInField";

const ACCOUNTS_QUERY = ["accounts"];
const ROLES = ["viewer", "counter", "manager"];

/** Who may sign in, and what each role may do. */
export function Accounts() {
  const mayManage = useMay("manage-accounts");
  return (
    <section className="card-plain" aria-label="Accounts">
      <span className="bin-tab">Accounts</span>
      {mayManage && <Managed />}
      <Rights />
    </section>
  );
}

type Act =
  | { kind: "open"; name: string; role: string }
  | { kind: "reset"; name: string }
  | { kind: "change"; name: string; role?: string; active?: boolean };

async function act(wanted: Act): Promise<Wire["CodeAnswer"] | null> {
  const params = { path: { name: wanted.name } };
  switch (wanted.kind) {
    case "open":
      return answer(api.POST("/api/accounts", { body: { name: wanted.name, role: wanted.role } }));
    case "reset":
      return answer(api.POST("/api/accounts/{name}/reset", { params }));
    case "change": {
      const { role = null, active = null } = wanted;
      await answer(api.PATCH("/api/accounts/{name}", { params, body: { role, active } }));
      return null;
    }
  }
}

function Managed() {
  const client = useQueryClient();
  const accounts = useQuery({ queryKey: ACCOUNTS_QUERY, queryFn: () => answer(api.GET("/api/accounts")) });
  const change = useMutation({
    mutationFn: act,
    onSuccess: () => client.invalidateQueries({ queryKey: ACCOUNTS_QUERY }),
  });
  const error = accounts.error ?? change.error;
  return (
    <>
      {error && (
        <div className="notice bad" role="alert">
          {error.message}
        </div>
      )}
      {change.data && (
        <div className="notice" role="status">
          Tell {change.data.name} this code: <span className="given-code">{change.data.code}</span>. With it
          they choose a password at the sign-in page. It works once, for a day, and is not shown again.
        </div>
      )}
      <div className="row-line">
        <Table size="sm" className="accounts-table mb-0">
          <thead>
            <tr>
              <th>Name</th>
              <th>Role</th>
              <th>PIN</th>
              <th>
                <span className="visually-hidden">Actions</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {accounts.data?.map((account) => (
              <Row key={account.name} account={account} onAct={change.mutate} />
            ))}
          </tbody>
        </Table>
      </div>
      <NewAccount busy={change.isPending} onAct={change.mutate} />
    </>
  );
}

function Row({ account, onAct }: { account: Wire["AccountWire"]; onAct: (wanted: Act) => void }) {
  const { name, role, active } = account;
  return (
    <tr className={active ? undefined : "soft"}>
      <td>
        {name}
        {!active ? " (closed)" : account.waiting ? " (has not chosen a password)" : ""}
      </td>
      <td>
        <Form.Select
          size="sm"
          aria-label={`Role of ${name}`}
          value={role}
          disabled={!active}
          onChange={(event) => onAct({ kind: "change", name, role: event.target.value })}
        >
          {ROLES.map((slug) => (
            <option key={slug}>{slug}</option>
          ))}
        </Form.Select>
      </td>
      <td>{account.hasPin ? "yes" : "no"}</td>
      <td className="text-end text-nowrap">
        {active && (
          <Button variant="quiet" size="sm" onClick={() => onAct({ kind: "reset", name })}>
            Reset password<span className="visually-hidden"> of {name}</span>
          </Button>
        )}{" "}
        <Button variant="quiet" size="sm" onClick={() => onAct({ kind: "change", name, active: !active })}>
          {active ? "Close" : "Open again"}
          <span className="visually-hidden"> the account of {name}</span>
        </Button>
      </td>
    </tr>
  );
}

function NewAccount({ busy, onAct }: { busy: boolean; onAct: (wanted: Act) => void }) {
  const [name, setName] = useState("");
  const [role, setRole] = useState("counter");
  return (
    <Form
      className="row-line figures-line"
      onSubmit={(event) => {
        event.preventDefault();
        onAct({ kind: "open", name, role });
        setName("");
      }}
    >
      <SignInField id="new-account" label="Name of a new account" value={name} onValue={setName} />
      <Form.Group controlId="new-account-role" className="mb-2">
        <Form.Label className="mb-0">Role</Form.Label>
        <Form.Select value={role} onChange={(event) => setRole(event.target.value)}>
          {ROLES.map((slug) => (
            <option key={slug}>{slug}</option>
          ))}
        </Form.Select>
      </Form.Group>
      <Button type="submit" variant="quiet" className="mb-2" disabled={name.trim() === "" || busy}>
        Open account
      </Button>
    </Form>
  );
}

/** The table of rights, as the server decides by it. */
function Rights() {
  const rights = useQuery({
    queryKey: ["rights"],
    queryFn: () => answer(api.GET("/api/accounts/rights")),
    staleTime: 600_000,
  });
  return (
    <details className="row-line">
      <summary>What each role may do</summary>
      <Table size="sm" className="mb-0">
        <thead>
          <tr>
            <th>Right</th>
            {ROLES.map((role) => (
              <th key={role}>{role}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rights.data
            ?.filter((right) => right.roles.length > 0)
            .map((right) => (
              <tr key={right.right}>
                <td>{right.words}</td>
                {ROLES.map((role) => (
                  <td key={role}>{right.roles.includes(role) ? "yes" : "no"}</td>
                ))}
              </tr>
            ))}
        </tbody>
      </Table>
    </details>
  );
}
