import { useQuery } from "@tanstack/react-query";
import { Fragment, type ReactNode } from "react";
import { Button, Table } from "react-bootstrap";
import { Link, useNavigate, useParams } from "react-router";
import { answer, api, type Wire } from "../shared/api";
import { day, money } from "../shared/format";
import { Masthead } from "../shared/Masthead";
import { PartLink } from "../shared/NumberLink";
import { useKeys } from "../shared/useKeys";
import "./quotes.css";

/** A quote as it was created, to print or to export as PDF, CSV or JSON. */
export function QuotePage() {
  const { number = "" } = useParams();
  const navigate = useNavigate();
  const quote = useQuery({
    queryKey: ["quote", number],
    queryFn: () => answer(api.GET("/api/quotes/{number}", { params: { path: { number: Number(number) } } })),
  });
  const data = quote.data;
  const back = data?.caseNumber == null ? "/" : `/cases/${data.caseNumber}`;
  useKeys({ p: () => window.print(), b: () => void navigate(back) });
  return (
    <>
      <Masthead>
        <Link to="/quotes">All quotes</Link>
        <Link to={back}>
          Back to the counter <kbd>B</kbd>
        </Link>
        <Button variant="act" size="sm" onClick={() => window.print()}>
          Print <kbd>P</kbd>
        </Button>
      </Masthead>
      <main id="main" className="place quote-page">
        {quote.error && (
          <div className="notice bad" role="alert">
            {quote.error.message}
          </div>
        )}
        {quote.isPending && <p className="soft">Loading the quote …</p>}
        {data && <Quote quote={data} />}
      </main>
    </>
  );
}

function Quote({ quote }: { quote: Wire["QuoteAnswer"] }) {
  const at = `/api/quotes/${quote.number}`;
  return (
    <article aria-label={`Quote ${quote.number}`}>
      <header>
        <div>
          <div className="soft">{quote.house}</div>
          <h1>Quote {quote.number}</h1>
        </div>
        <Head quote={quote} />
      </header>
      <Table responsive>
        <thead>
          <tr>
            <th scope="col">Part</th>
            <th scope="col">Name</th>
            <th scope="col" className="numeric">
              Quantity
            </th>
            <th scope="col" className="numeric">
              Each
            </th>
            <th scope="col" className="numeric">
              Price
            </th>
          </tr>
        </thead>
        <tbody>
          {quote.lines.map((line) => (
            <tr key={line.part}>
              <td>
                <PartLink part={line.part} />
              </td>
              <td>
                {line.name}
                {!line.fitChecked && <div className="small">Fit not checked: no model was given.</div>}
              </td>
              <td className="numeric">{line.quantity}</td>
              <td className="numeric">{money(line.unitPrice, quote.currency)}</td>
              <td className="numeric">{money(line.price, quote.currency)}</td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          {!quote.taxIncluded && <SumRow name="Subtotal" amount={money(quote.goods, quote.currency)} />}
          {!quote.taxIncluded && (
            <SumRow name={`Sales tax, ${quote.taxPercent}%`} amount={money(quote.tax, quote.currency)} />
          )}
          <SumRow name="Total" amount={money(quote.total, quote.currency)} strong />
          {quote.taxIncluded && (
            <SumRow name={`Includes tax, ${quote.taxPercent}%`} amount={money(quote.tax, quote.currency)} />
          )}
        </tfoot>
      </Table>
      <p className="small soft">
        {quote.taxRule} Parts in stock are not held for the customer unless they were reserved.
      </p>
      {quote.terms && <p className="small">{quote.terms}</p>}
      <p className="take-away">
        <a href={`${at}/quote.pdf`}>PDF with barcodes</a> <a href={`${at}/quote.csv`}>CSV</a>{" "}
        <a href={at}>JSON</a>
      </p>
    </article>
  );
}

/** What a quote is about, as far as it says. */
function Head({ quote }: { quote: Wire["QuoteAnswer"] }) {
  const rows: [string, ReactNode][] = [
    ["Date", day(quote.createdAt)],
    ["Valid until", <b key="until">{day(quote.validUntil)}</b>],
    ["Branch", quote.contact ? `${quote.branch} · ${quote.contact}` : quote.branch],
    ["Customer", quote.customer],
    ["Machine", quote.machine],
  ];
  return (
    <dl>
      {rows.map(
        ([name, value]) =>
          value && (
            <Fragment key={name}>
              <dt>{name}</dt>
              <dd>{value}</dd>
            </Fragment>
          ),
      )}
    </dl>
  );
}

function SumRow({ name, amount, strong }: { name: string; amount: string; strong?: boolean }) {
  return (
    <tr className={strong ? "strong" : undefined}>
      <th scope="row" colSpan={4} className="numeric">
        {name}
      </th>
      <td className="numeric">{amount}</td>
    </tr>
  );
}
