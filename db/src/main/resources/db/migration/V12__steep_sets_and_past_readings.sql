-- Series 313 has e = 0.83.

alter table own_bearing_set
    drop constraint own_bearing_set_e_check,
    add constraint own_bearing_set_e_check check (e between 0.2 and 0.9);

-- A basis knows the past by its readings now; those kept before do not.
delete from due_basis;
