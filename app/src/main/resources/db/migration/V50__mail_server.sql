-- Where letters of this installation are handed in, when its environment names no mail server.
create table mail_server (
  id integer primary key check (id = 1),
  host varchar(200) not null,
  port integer not null check (port between 1 and 65535),
  locked varchar(10) not null check (locked in ('STARTTLS', 'TLS', 'NONE')),
  name varchar(200) not null,
  -- Encrypted with a key of the installation; a copy of the database alone does not tell it.
  password text not null,
  salt char(16) not null,
  sender varchar(200) not null
);
