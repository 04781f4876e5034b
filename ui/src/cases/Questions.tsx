import type { Wire } from "../shared/api";
import { many, sentence } from "../shared/format";
import { Bars } from "./Bars";

type Asked = Wire["AccuracySummaryAskedQuestion"];

/** How many of the best and worst are shown, of those asked this often; the table has them all. */
const SHOWN = 5;
const OFTEN = 5;

/** An answer that moved the true fault by less than this many bits was not informative. */
const NOTHING = 0.05;

/** The questions whose answers were most and least informative. */
export function Questions({ questions }: { questions: Asked[] }) {
  const often = questions.filter((q) => q.times >= OFTEN);
  const draft = often.filter((q) => q.meanBits > NOTHING).slice(0, SHOWN);
  const useless = often.filter((q) => q.meanBits <= NOTHING).slice(-SHOWN);
  if (often.length === 0) {
    return <p className="soft small">No question was asked at least {OFTEN} times yet.</p>;
  }
  return (
    <>
      {draft.length > 0 && (
        <>
          <p className="group">Most informative: how much likelier the true fault became</p>
          <Bars
            rows={draft.map((q) => ({
              label: sentence(q.question),
              value: q.meanBits,
              said: `× ${(2 ** q.meanBits).toFixed(1)}, asked ${many(q.times, "time")}`,
            }))}
          />
        </>
      )}
      {useless.length > 0 && (
        <>
          <p className="group">Not informative</p>
          <ul className="useless">
            {useless.map((q) => (
              <li key={q.finding} className="bar-words">
                <span>{sentence(q.question)}</span>{" "}
                <span className="soft">
                  {q.meanBits < -NOTHING && "misleading, "}asked {many(q.times, "time")}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
