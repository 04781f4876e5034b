import { useInfiniteQuery } from "@tanstack/react-query";
import { Button, Table } from "react-bootstrap";
import { Link } from "react-router";
import { answer, api } from "../shared/api";
import { day, many, money } from "../shared/format";
import { Masthead } from "../shared/Masthead";

/** All quotes, newest first. */
export function QuotesPage() {
  const quotes = useInfiniteQuery({
    queryKey: ["quotes"],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) => answer(api.GET("/api/quotes", { params: { query: { after: pageParam } } })),
    getNextPageParam: (page) => page.next ?? undefined,
  });
  const all = quotes.data?.pages.flatMap((page) => page.quotes) ?? [];
  return (
    <>
      <Masthead />
      <main id="main" className="place">
        <h1>Quotes</h1>
        {quotes.error && (
          <div className="notice bad" role="alert">
            {quotes.error.message}
          </div>
        )}
        {quotes.isSuccess && all.length === 0 && (
          <p className="card-plain p-4">
            No quote was created yet. At the <Link to="/">counter</Link>, <kbd>Q</kbd> creates one for the
            bag.
          </p>
        )}
        {all.length > 0 && (
          <Table responsive hover className="card-plain">
            <thead>
              <tr>
                <th scope="col" className="numeric">
                  Quote
                </th>
                <th scope="col">Date</th>
                <th scope="col">Valid until</th>
                <th scope="col">Customer</th>
                <th scope="col">Branch</th>
                <th scope="col">Lines</th>
                <th scope="col" className="numeric">
                  Total
                </th>
              </tr>
            </thead>
            <tbody>
              {all.map((quote) => (
                <tr key={quote.number}>
                  <td className="numeric">
                    <Link to={`/quotes/${quote.number}`} aria-label={`Open quote ${quote.number}`}>
                      {quote.number}
                    </Link>
                  </td>
                  <td>{day(quote.createdAt)}</td>
                  <td>{day(quote.validUntil)}</td>
                  <td>{quote.customer ?? <span className="soft">not named</span>}</td>
                  <td>{quote.branch}</td>
                  <td>{many(quote.lines.length, "line")}</td>
                  <td className="numeric">{money(quote.total, quote.currency)}</td>
                </tr>
              ))}
            </tbody>
          </Table>
        )}
        {quotes.hasNextPage && (
          <Button variant="quiet" onClick={() => void quotes.fetchNextPage()}>
            Older quotes
          </Button>
        )}
      </main>
    </>
  );
}
