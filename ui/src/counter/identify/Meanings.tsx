import { Button } from "react-bootstrap";
import type { Wire } from "../../shared/api";
import { MissingCondition } from "../../shared/MissingCondition";
import type { Action } from "../casefile/caseState";
import type { Answer } from "../casefile/case";

/** Words with several meanings, none of which was chosen or removed yet. */
export function open(answer: Answer): Wire["NamedWire"][] {
  return answer.hearing.named.filter(
    (n) =>
      n.how === "asked" &&
      n.meanings.length > 1 &&
      n.meanings.every((m) => answer.known.some((k) => k.key === `finding:${m.finding}` && !k.sure)),
  );
}

/** Chooses one meaning of a word; the others are excluded. */
export const choose = (named: Wire["NamedWire"], meaning: Wire["MeaningWire"]): Action => ({
  kind: "meant",
  finding: meaning.finding,
  others: named.meanings.filter((m) => m !== meaning).map((m) => m.finding),
});

/** Open points: which part a word means, which test a reading is of, and what its verdict hangs on. */
export function Meanings({ answer, act }: { answer: Answer; act: (action: Action) => void }) {
  return (
    <>
      {open(answer).map((named) => (
        <li key={named.phrase} className="row-line ask-row">
          <div>“{named.phrase}”: which part?</div>
          <div className="small soft">all of them are considered until you choose</div>
          <div className="d-flex flex-wrap gap-1 mt-1">
            {named.meanings.map((meaning) => (
              <Button
                key={meaning.partType}
                variant="quiet"
                size="sm"
                onClick={() => act(choose(named, meaning))}
              >
                {meaning.name}
              </Button>
            ))}
          </div>
        </li>
      ))}
      {answer.hearing.unplaced
        .filter((u) => !u.tests.some((t) => answer.known.some((k) => k.key === `finding:${t.test}`)))
        .map((unplaced) => (
          <li key={unplaced.phrase} className="row-line ask-row">
            <div>“{unplaced.phrase}”: reading of which test?</div>
            <div className="d-flex flex-wrap gap-1 mt-1">
              {unplaced.tests.map((test) => (
                <Button
                  key={test.test}
                  variant="quiet"
                  size="sm"
                  className="mw-100"
                  title={test.question}
                  onClick={() =>
                    act({ kind: "measured", test: test.test, value: unplaced.value as number | string })
                  }
                >
                  <span className="text-truncate">{test.question}</span>
                </Button>
              ))}
            </div>
          </li>
        ))}
      {answer.hearing.readings.map(
        (reading) =>
          reading.need && (
            <li key={reading.test} className="row-line ask-row">
              <div>
                {reading.part}: {reading.why}
              </div>
              <MissingCondition
                need={reading.need}
                choices={reading.choices}
                onSet={(beside) =>
                  act({ kind: "measured", test: reading.test, value: reading.value, beside })
                }
              />
            </li>
          ),
      )}
    </>
  );
}
