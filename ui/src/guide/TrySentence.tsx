import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { Button, Form } from "react-bootstrap";
import { answer, api, type Wire } from "../shared/api";
import { percent } from "../shared/format";
import type { Chosen } from "./GuideEntry";

type Props = { appliance: string; onChoose: (chosen: Chosen) => void };

const STRENGTHS: Record<string, string> = {
  heard: "heard",
  "may-mean": "may mean",
  unlikely: "not taken",
};

/** A sentence as a caller says it: what would be heard in it, and why. */
export function TrySentence({ appliance, onChoose }: Props) {
  const [text, setText] = useState("");
  const tried = useMutation({
    mutationFn: (said: string) =>
      answer(
        api.POST("/api/knowledge/{appliance}/try", { params: { path: { appliance } }, body: { text: said } }),
      ),
  });
  return (
    <section className="card-plain try" aria-label="Try a sentence">
      <Form
        className="d-flex gap-2 align-items-end"
        onSubmit={(event) => {
          event.preventDefault();
          if (text.trim() !== "") {
            tried.mutate(text);
          }
        }}
      >
        <Form.Group controlId="try" className="flex-grow-1">
          <Form.Label className="small mb-0">Try a sentence: what would be heard, and why</Form.Label>
          <Form.Control
            size="sm"
            maxLength={1000}
            autoComplete="off"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        </Form.Group>
        <Button type="submit" variant="quiet" size="sm" disabled={text.trim() === ""}>
          Try
        </Button>
        {tried.data && (
          <Button type="button" variant="link" size="sm" onClick={() => tried.reset()}>
            Close
          </Button>
        )}
      </Form>
      {tried.error && (
        <div className="notice bad" role="alert">
          {tried.error.message}
        </div>
      )}
      {tried.data && <Tried tried={tried.data} onChoose={onChoose} />}
    </section>
  );
}

function Tried({ tried, onChoose }: { tried: Wire["TriedAnswer"]; onChoose: Props["onChoose"] }) {
  const beside = [
    ...tried.parts.map((p) => `${p.partTypes.join(" or ").replaceAll("-", " ")}: ${p.how}`),
    ...tried.intents.map((i) => `intent: ${i.intent.replaceAll("-", " ")} ${percent(i.probability)}`),
  ];
  return (
    <div role="status">
      {tried.missing && <p className="small">{tried.missing}</p>}
      {tried.readings.length === 0 ? (
        <p className="small soft mb-0">No symptom is heard in it.</p>
      ) : (
        <table className="small tried">
          <thead>
            <tr>
              <th>Reading</th>
              <th>Taken as</th>
              <th>Nearest sayings</th>
              <th>Words that decided (− against)</th>
            </tr>
          </thead>
          <tbody>
            {tried.readings.map((r) => (
              <tr key={`${r.finding}=${r.answer}`}>
                <td>
                  <Button
                    variant="link"
                    size="sm"
                    className="p-0 text-start small"
                    onClick={() => onChoose({ kind: "finding", id: r.finding })}
                  >
                    {r.words}
                  </Button>
                </td>
                <td className="text-nowrap">
                  {STRENGTHS[r.strength]} <span className="numeric">{percent(r.probability)}</span>
                </td>
                <td>{r.nearest.map((saying) => `“${saying}”`).join(" ")}</td>
                <td>{r.decided.join(" · ")}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {beside.length > 0 && <p className="small mb-0">{beside.join(" · ")}</p>}
      {tried.notUnderstood.length > 0 && (
        <p className="small soft mb-0">
          Not understood: {tried.notUnderstood.map((w) => `“${w}”`).join(", ")}
        </p>
      )}
    </div>
  );
}
