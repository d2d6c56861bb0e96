/**
 * Each brings the tables from one state to the next, once, in this order; one that was released is never changed. The
 * same SQL for the embedded PostgreSQL and a real one.
 */
export const MIGRATIONS: readonly string[] = [
  `
  create table gardens (
    address text primary key,
    -- SHA-256 of what shows that one has the garden's key.
    admit_hash text not null,
    generation integer not null,
    older_keys text not null default '',
    begun timestamptz not null default now()
  );
  create table members (
    garden text not null references gardens (address) on delete cascade,
    member text not null,
    token_hash text not null,
    removed boolean not null default false,
    joined timestamptz not null default now(),
    primary key (garden, member)
  );
  create table writers (
    garden text not null references gardens (address) on delete cascade,
    writer text not null,
    member text not null,
    head integer not null,
    primary key (garden, writer)
  );
  create table blocks (
    garden text not null references gardens (address) on delete cascade,
    writer text not null,
    number integer not null,
    sealed bytea not null,
    -- In which order they came.
    position bigint generated always as identity,
    primary key (garden, writer, number)
  );
  create table hand_overs (
    place text primary key,
    sealed text not null,
    left_at timestamptz not null default now()
  );
  `,
];
