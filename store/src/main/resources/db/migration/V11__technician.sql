-- Whoever does the work is a customer, a technician or a licensed technician.
update case_entry set name = 'technician' where kind = 'person' and name = 'fitter';
