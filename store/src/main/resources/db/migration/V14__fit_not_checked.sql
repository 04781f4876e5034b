-- A quoted part of which no machine is known: its fit was not checked, and the quote says so.
alter table quote_line add column fit_checked boolean default true not null;
