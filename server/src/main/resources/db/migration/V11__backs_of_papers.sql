ALTER TABLE drawer_sheet ADD COLUMN back_colour VARCHAR(7);
ALTER TABLE drawer_sheet ADD COLUMN back_print VARCHAR(20);
