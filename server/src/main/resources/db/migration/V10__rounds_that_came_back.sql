-- What went in with the least round of a syringe that came back out at the opening of an ear, mL.
alter table cleaning
  add column right_came_back double precision check (right_came_back between 0.1 and 200),
  add column left_came_back double precision check (left_came_back between 0.1 and 200);
