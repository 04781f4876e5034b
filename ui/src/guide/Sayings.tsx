import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Button, Form } from "react-bootstrap";
import { answer, api, type Wire } from "../shared/api";
import { many } from "../shared/format";
import { useMay } from "../shared/session";

type Props = { appliance: string; finding: Wire["FaultGuideKnownFinding"] };

/** How many sayings of an answer are shown at first. */
const AT_FIRST = 4;

/** What callers say for each answer of a finding; a saying of the house can be added and taken back. */
export function Sayings({ appliance, finding }: Props) {
  const client = useQueryClient();
  const mayAdd = useMay("change-knowledge");
  const [given, setGiven] = useState(finding.answers[0]?.answer ?? "");
  const [text, setText] = useState("");
  const query = ["sayings", appliance, finding.id];
  const path = { appliance };
  const sayings = useQuery({
    queryKey: query,
    queryFn: () =>
      answer(
        api.GET("/api/knowledge/{appliance}/sayings", { params: { path, query: { finding: finding.id } } }),
      ),
  });
  const change = useMutation({
    mutationFn: (what: { withdraw: boolean; answer: string; text: string }) => {
      const body = { finding: finding.id, answer: what.answer, text: what.text };
      return answer(
        what.withdraw
          ? api.POST("/api/knowledge/{appliance}/sayings/withdraw", { params: { path }, body })
          : api.POST("/api/knowledge/{appliance}/sayings", { params: { path }, body }),
      );
    },
    onSuccess: (data, what) => {
      client.setQueryData(query, data);
      setText(what.withdraw ? text : "");
    },
  });
  const error = sayings.error ?? change.error;
  return (
    <section aria-label="Sayings" className="sayings">
      <h3>What callers say</h3>
      {error && (
        <div className="notice bad" role="alert">
          {error.message}
        </div>
      )}
      {finding.answers.map((a) => (
        <AnswerSayings
          key={a.answer}
          words={a.words}
          sayings={sayings.data?.sayings.filter((s) => s.answer === a.answer) ?? []}
          onWithdraw={
            mayAdd ? (saying) => change.mutate({ withdraw: true, answer: a.answer, text: saying }) : undefined
          }
        />
      ))}
      <Form
        hidden={!mayAdd}
        className="d-flex flex-wrap gap-2 align-items-end"
        onSubmit={(event) => {
          event.preventDefault();
          change.mutate({ withdraw: false, answer: given, text });
        }}
      >
        <Form.Group controlId="saying" className="flex-grow-1">
          <Form.Label className="small mb-0">Add what a caller said</Form.Label>
          <Form.Control size="sm" maxLength={400} value={text} onChange={(e) => setText(e.target.value)} />
        </Form.Group>
        <Form.Group controlId="saying-answer">
          <Form.Label className="small mb-0">It means</Form.Label>
          <Form.Select size="sm" value={given} onChange={(e) => setGiven(e.target.value)}>
            {finding.answers.map((a) => (
              <option key={a.answer} value={a.answer}>
                {a.words}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <Button type="submit" variant="quiet" size="sm" disabled={text.trim() === ""}>
          Add
        </Button>
      </Form>
    </section>
  );
}

type AnswerProps = { words: string; sayings: Wire["SayingWire"][]; onWithdraw?: (text: string) => void };

function AnswerSayings({ words, sayings, onWithdraw }: AnswerProps) {
  const [all, setAll] = useState(false);
  const shown = sayings.filter((s, i) => all || s.house || i < AT_FIRST);
  return (
    <p className="small mb-1">
      <b>{words}:</b>{" "}
      {shown.map((s) => (
        <span key={s.text} className={s.house ? "said house" : "said"}>
          “{s.text}”
          {s.house && (
            <>
              {" "}
              <span className="soft">added here</span>
              {onWithdraw && (
                <Button
                  variant="link"
                  size="sm"
                  className="btn-strike"
                  aria-label={`Take back: ${s.text}`}
                  onClick={() => onWithdraw(s.text)}
                >
                  ✕
                </Button>
              )}
            </>
          )}{" "}
        </span>
      ))}
      {sayings.length > shown.length && (
        <Button variant="link" size="sm" className="p-0" onClick={() => setAll(true)}>
          {many(sayings.length - shown.length, "more saying")}
        </Button>
      )}
    </p>
  );
}
