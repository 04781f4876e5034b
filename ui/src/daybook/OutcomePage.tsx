import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Button, Form } from "react-bootstrap";
import { Link, useNavigate, useParams } from "react-router";
import { answer, api, type Wire } from "../shared/api";
import { percent, when } from "../shared/format";
import { Masthead } from "../shared/Masthead";
import { specialist } from "../shared/specialist";
import { useKeys } from "../shared/useKeys";
import { Entries } from "./Entries";
import { reasonName, REASONS } from "./reasons";
import { Tabs } from "./Tabs";
import "./daybook.css";

/** So many suspects have a key. */
const KEYED = 6;

type Back = { [part: string]: string };

/** What became of a case: what it was, whether it works, what came back. Three keys, and it is told. */
export function OutcomePage() {
  const { number = "" } = useParams();
  const path = { number: Number(number) };
  const asked = useQuery({
    queryKey: ["outcome", number],
    queryFn: () => answer(api.GET("/api/cases/{number}/outcome", { params: { path } })),
  });
  return (
    <>
      <Masthead>
        <Link to={`/cases/${number}`}>Back to the case</Link>
      </Masthead>
      <main id="main" className="place daybook">
        <h1>What became of case {number}</h1>
        <Tabs />
        {asked.error && (
          <div className="notice bad" role="alert">
            {asked.error.message}
          </div>
        )}
        {asked.data && <Telling key={asked.data.number} asked={asked.data} />}
      </main>
    </>
  );
}

function Telling({ asked }: { asked: Wire["OutcomeAnswer"] }) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const [fault, setFault] = useState<string | null>(null);
  const [fixed, setFixed] = useState<boolean | null>(null);
  const [minutes, setMinutes] = useState("");
  const [note, setNote] = useState("");
  const [back, setBack] = useState<Back>({});
  const tell = useMutation({
    mutationFn: () =>
      answer(
        api.PUT("/api/cases/{number}/outcome", {
          params: { path: { number: asked.number } },
          body: {
            fault,
            fixed: fixed ?? false,
            minutes: minutes === "" ? null : Number(minutes),
            by: specialist(),
            note: note || null,
            returns: Object.entries(back).map(([part, reason]) => ({
              part,
              reason,
              quantity: asked.about.lines.find((line) => line.part === part)?.quantity ?? 1,
            })),
          },
        }),
      ),
    onSuccess: async () => {
      await client.invalidateQueries();
      void navigate("/day-book/ask-after");
    },
  });
  const ready = fixed !== null || Object.keys(back).length > 0;
  const keyed = asked.choices.slice(0, KEYED);
  useKeys({
    ...Object.fromEntries(keyed.map((choice, i) => [`${i + 1}`, () => setFault(choice.fault)])),
    "0": () => setFault(null),
    f: () => setFixed(true),
    n: () => setFixed(false),
    Enter: ready ? () => tell.mutate() : undefined,
  });
  return (
    <>
      <p>
        “{asked.about.line}” <span className="soft">{when(asked.about.createdAt)}</span>{" "}
        {asked.about.model && <span className="code">{asked.about.model}</span>}
      </p>
      <div className="telling">
        <section className="card-plain" aria-label="What it was">
          <span className="bin-tab">What it was</span>
          {keyed.map((choice, i) => (
            <Form.Check
              key={choice.fault}
              type="radio"
              name="fault"
              id={`fault-${choice.fault}`}
              checked={fault === choice.fault}
              onChange={() => setFault(choice.fault)}
              label={
                <>
                  <kbd>{i + 1}</kbd> {choice.name}{" "}
                  {choice.probability != null && (
                    <span className="soft">said: {percent(choice.probability)}</span>
                  )}
                </>
              }
            />
          ))}
          <Form.Check
            type="radio"
            name="fault"
            id="fault-none"
            checked={fault === null}
            onChange={() => setFault(null)}
            label={
              <>
                <kbd>0</kbd> Nobody knows
              </>
            }
          />
          <Form.Select
            size="sm"
            aria-label="Something else"
            value={fault !== null && !keyed.some((c) => c.fault === fault) ? fault : ""}
            onChange={(event) => setFault(event.target.value || null)}
          >
            <option value="">something else …</option>
            {asked.choices.slice(KEYED).map((choice) => (
              <option key={choice.fault} value={choice.fault}>
                {choice.name}
              </option>
            ))}
          </Form.Select>
        </section>
        <section className="card-plain" aria-label="Does it work">
          <span className="bin-tab">Does it work</span>
          <Form.Check
            type="radio"
            name="fixed"
            id="fixed"
            checked={fixed === true}
            onChange={() => setFixed(true)}
            label={
              <>
                <kbd>F</kbd> Fixed
              </>
            }
          />
          <Form.Check
            type="radio"
            name="fixed"
            id="not-fixed"
            checked={fixed === false}
            onChange={() => setFixed(false)}
            label={
              <>
                <kbd>N</kbd> Not fixed
              </>
            }
          />
          <Form.Label htmlFor="minutes">Minutes it took, if they said</Form.Label>
          <Form.Control
            id="minutes"
            size="sm"
            inputMode="numeric"
            value={minutes}
            onChange={(event) => setMinutes(event.target.value.replace(/\D/g, ""))}
          />
          <Form.Label htmlFor="note">In their words</Form.Label>
          <Form.Control
            id="note"
            size="sm"
            maxLength={2000}
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
        </section>
        <section className="card-plain" aria-label="What came back">
          <span className="bin-tab">What came back</span>
          {asked.about.lines.length === 0 && <p className="soft">Nothing was handed over.</p>}
          {asked.about.lines.map((line) => (
            <div key={line.part} className="back">
              <label htmlFor={`back-${line.part}`}>
                {line.quantity} × <span className="code">{line.part}</span>
              </label>
              <Form.Select
                id={`back-${line.part}`}
                size="sm"
                value={back[line.part] ?? ""}
                onChange={(event) => setBack(returned(back, line.part, event.target.value))}
              >
                <option value="">kept</option>
                {REASONS.map((reason) => (
                  <option key={reason} value={reason}>
                    {reasonName(reason)}
                  </option>
                ))}
              </Form.Select>
            </div>
          ))}
        </section>
      </div>
      {tell.error && (
        <div className="notice bad" role="alert">
          {tell.error.message}
        </div>
      )}
      <Button variant="act" disabled={!ready || tell.isPending} onClick={() => tell.mutate()}>
        {ready ? "Write it down" : "Does it work?"} <kbd>Enter</kbd>
      </Button>
      <Entries entries={asked.entries} choices={asked.choices} />
    </>
  );
}

function returned(back: Back, part: string, reason: string): Back {
  const others = Object.fromEntries(Object.entries(back).filter(([other]) => other !== part));
  return reason === "" ? others : { ...others, [part]: reason };
}
