-- Which box stands beside an answer: none, that it cannot be told, that the student is not sure.
update quiz set plan = (plan - 'cannotTell') || jsonb_build_object('box',
  case when plan ->> 'preset' = 'young' then 'not_sure' when (plan ->> 'cannotTell')::boolean then 'cannot_tell' else 'none' end)
  where plan ? 'cannotTell';
