-- Bearings of a position in the last three years that ended within a year of running, and before a tenth of what they are rated for.
create function young_deaths("position") returns integer language sql stable as $$
  select count(*)::integer
  from fitted_bearing f
  where f.position_id = $1.id
    and f.ended in ('failed', 'warned')
    and f.out_on > current_date - 1095
    and f.hours < least(0.1 * $1.life_h, 8760);
$$;
