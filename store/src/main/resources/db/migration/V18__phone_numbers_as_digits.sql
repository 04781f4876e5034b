-- A case is found by the digits of a phone number, whatever its punctuation: those that have one are indexed again.
delete from case_word
 where number in (select number
                    from counter_case
                   where regexp_like(searched, '[0-9]{3}[ .-]?[0-9]{4}'));
