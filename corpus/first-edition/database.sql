--
-- PostgreSQL database dump
--

\restrict uqrqkFPn55iWVEuHJbdxJhhZ5sGFqh3VwAFE0G9QpmrG3kfO0lyuDSvErPnmdi9

-- Dumped from database version 15.18 (Debian 15.18-0+deb12u1)
-- Dumped by pg_dump version 15.18 (Debian 15.18-0+deb12u1)

SET statement_timeout = 0;
SET lock_timeout = 0;
SET idle_in_transaction_session_timeout = 0;
SET client_encoding = 'UTF8';
SET standard_conforming_strings = on;
SELECT pg_catalog.set_config('search_path', '', false);
SET check_function_bodies = false;
SET xmloption = content;
SET client_min_messages = warning;
SET row_security = off;

--
-- Name: current_shop(); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.current_shop() RETURNS uuid
    LANGUAGE sql STABLE
    RETURN (NULLIF(current_setting('probe.shop_id'::text, true), ''::text))::uuid;


--
-- Name: keep_case_words(); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.keep_case_words() RETURNS trigger
    LANGUAGE plpgsql
    AS $$
BEGIN
  IF TG_OP = 'UPDATE' THEN
    DELETE FROM case_words
    WHERE shop_id = OLD.shop_id
      AND word = ANY (string_to_array(trim(OLD.words), ' '))
      AND case_id = OLD.id;
  END IF;
  INSERT INTO case_words (shop_id, word, case_id)
  SELECT NEW.shop_id, word, NEW.id
  FROM unnest(string_to_array(trim(NEW.words), ' ')) AS word;
  RETURN NULL;
END
$$;


--
-- Name: presented(text); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.presented(what text) RETURNS text
    LANGUAGE sql STABLE
    RETURN NULLIF(current_setting(('probe.'::text || what), true), ''::text);


--
-- Name: search_words(text); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.search_words(said text) RETURNS text
    LANGUAGE sql IMMUTABLE
    RETURN (SELECT ((' '::text || COALESCE(string_agg(DISTINCT word.word, ' '::text), ''::text)) || ' '::text) FROM regexp_split_to_table(lower(search_words.said), '[\s!-/:-@[-`{-~]+'::text) word(word) WHERE (word.word <> ''::text));


SET default_tablespace = '';

SET default_table_access_method = heap;

--
-- Name: audit_entries; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.audit_entries (
    id bigint NOT NULL,
    shop_id uuid NOT NULL,
    at timestamp with time zone NOT NULL,
    person_id uuid,
    action text NOT NULL,
    subject text,
    detail jsonb DEFAULT '{}'::jsonb NOT NULL
);

ALTER TABLE ONLY public.audit_entries FORCE ROW LEVEL SECURITY;


--
-- Name: audit_entries_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

ALTER TABLE public.audit_entries ALTER COLUMN id ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME public.audit_entries_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: boards; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.boards (
    id uuid NOT NULL,
    shop_id uuid NOT NULL,
    edition integer NOT NULL,
    model text NOT NULL,
    revisions jsonb NOT NULL,
    can_flash_bare boolean NOT NULL,
    board jsonb NOT NULL,
    updated_at timestamp with time zone NOT NULL,
    CONSTRAINT boards_edition_check CHECK ((edition > 0))
);

ALTER TABLE ONLY public.boards FORCE ROW LEVEL SECURITY;


--
-- Name: case_events; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.case_events (
    case_id uuid NOT NULL,
    sequence integer NOT NULL,
    shop_id uuid NOT NULL,
    event_id uuid NOT NULL,
    event jsonb NOT NULL,
    hash text NOT NULL,
    recorded_at timestamp with time zone DEFAULT now() NOT NULL,
    recorded_by uuid,
    CONSTRAINT case_events_hash_check CHECK ((hash ~ '^[0-9a-f]{64}$'::text)),
    CONSTRAINT case_events_sequence_check CHECK ((sequence > 0))
);

ALTER TABLE ONLY public.case_events FORCE ROW LEVEL SECURITY;


--
-- Name: case_owners; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.case_owners (
    case_id uuid NOT NULL,
    shop_id uuid NOT NULL,
    owner text NOT NULL,
    salt text NOT NULL,
    CONSTRAINT case_owners_salt_check CHECK ((salt ~ '^[0-9a-f]{32}$'::text))
);

ALTER TABLE ONLY public.case_owners FORCE ROW LEVEL SECURITY;


--
-- Name: case_words; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.case_words (
    shop_id uuid NOT NULL,
    word text NOT NULL COLLATE pg_catalog."C",
    case_id uuid NOT NULL
);

ALTER TABLE ONLY public.case_words FORCE ROW LEVEL SECURITY;


--
-- Name: cases; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.cases (
    id uuid NOT NULL,
    shop_id uuid NOT NULL,
    number integer NOT NULL,
    machine text NOT NULL,
    owner text NOT NULL,
    complaint text NOT NULL,
    stage text NOT NULL,
    waiting_for text,
    trials integer NOT NULL,
    last_sequence integer NOT NULL,
    opened_at timestamp with time zone NOT NULL,
    updated_at timestamp with time zone NOT NULL,
    waiting_until timestamp with time zone,
    words text GENERATED ALWAYS AS (public.search_words(((((machine || ' '::text) || owner) || ' '::text) || complaint))) STORED NOT NULL,
    CONSTRAINT cases_stage_check CHECK ((stage = ANY (ARRAY['waiting'::text, 'on-bench'::text, 'parked'::text, 'closed'::text])))
);

ALTER TABLE ONLY public.cases FORCE ROW LEVEL SECURITY;


--
-- Name: installation; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.installation (
    singleton boolean DEFAULT true NOT NULL,
    setup_code_hash text,
    set_up_at timestamp with time zone,
    CONSTRAINT installation_singleton_check CHECK (singleton)
);


--
-- Name: invitations; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.invitations (
    code_hash text NOT NULL,
    shop_id uuid NOT NULL,
    name text NOT NULL,
    role text NOT NULL,
    invited_by uuid NOT NULL,
    created_at timestamp with time zone NOT NULL,
    expires_at timestamp with time zone NOT NULL,
    CONSTRAINT invitations_code_hash_check CHECK ((code_hash ~ '^[0-9a-f]{64}$'::text)),
    CONSTRAINT invitations_role_check CHECK ((role = ANY (ARRAY['lead'::text, 'technician'::text, 'trainee'::text, 'reader'::text])))
);

ALTER TABLE ONLY public.invitations FORCE ROW LEVEL SECURITY;


--
-- Name: migrations; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.migrations (
    name text NOT NULL,
    sha256 text NOT NULL,
    ran_at timestamp with time zone DEFAULT now() NOT NULL
);


--
-- Name: people; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.people (
    id uuid NOT NULL,
    shop_id uuid NOT NULL,
    login text NOT NULL,
    name text NOT NULL,
    role text NOT NULL,
    password_hash text NOT NULL,
    is_active boolean DEFAULT true NOT NULL,
    created_at timestamp with time zone NOT NULL,
    CONSTRAINT people_login_check CHECK ((login = lower(login))),
    CONSTRAINT people_role_check CHECK ((role = ANY (ARRAY['lead'::text, 'technician'::text, 'trainee'::text, 'reader'::text])))
);

ALTER TABLE ONLY public.people FORCE ROW LEVEL SECURITY;


--
-- Name: sessions; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.sessions (
    token_hash text NOT NULL,
    shop_id uuid NOT NULL,
    person_id uuid NOT NULL,
    created_at timestamp with time zone NOT NULL,
    seen_at timestamp with time zone NOT NULL,
    CONSTRAINT sessions_token_hash_check CHECK ((token_hash ~ '^[0-9a-f]{64}$'::text))
);

ALTER TABLE ONLY public.sessions FORCE ROW LEVEL SECURITY;


--
-- Name: shops; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.shops (
    id uuid NOT NULL,
    name text NOT NULL,
    next_case_number integer DEFAULT 1 NOT NULL,
    created_at timestamp with time zone DEFAULT now() NOT NULL
);

ALTER TABLE ONLY public.shops FORCE ROW LEVEL SECURITY;


--
-- Name: sign_in_failures; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.sign_in_failures (
    key_hash text NOT NULL,
    failures integer NOT NULL,
    last_at timestamp with time zone NOT NULL,
    open_at timestamp with time zone NOT NULL
);


--
-- Data for Name: audit_entries; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.audit_entries OVERRIDING SYSTEM VALUE VALUES
	(1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.06+00', NULL, 'board-written', '0d3a0b00-0000-4000-8000-000000000001', '{"model": "Tern 4-M"}'),
	(2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.068+00', NULL, 'board-written', '0d3a0b00-0000-4000-8000-000000000002', '{"model": "Tern 4-H"}'),
	(3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.088+00', NULL, 'board-written', '0d3a0b00-0000-4000-8000-000000000003', '{"model": "Auk 6"}'),
	(4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.093+00', NULL, 'board-written', '0d3a0b00-0000-4000-8000-000000000004', '{"model": "Petrel N2"}'),
	(5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.102+00', NULL, 'case-opened', '0d3a0c00-0000-4000-8000-000000000100', '{"entries": 6}'),
	(6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.196+00', NULL, 'case-opened', '0d3a0c00-0000-4000-8000-000000000200', '{"entries": 9}'),
	(7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.226+00', NULL, 'case-opened', '0d3a0c00-0000-4000-8000-000000000300', '{"entries": 4}'),
	(8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.246+00', NULL, 'case-opened', '0d3a0c00-0000-4000-8000-000000000400', '{"entries": 6}'),
	(9, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.255+00', NULL, 'case-opened', '0d3a0c00-0000-4000-8000-000000000500', '{"entries": 6}'),
	(10, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.263+00', NULL, 'case-opened', '0d3a0c00-0000-4000-8000-000000000600', '{"entries": 1}'),
	(11, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.271+00', NULL, 'case-opened', '0d3a0c00-0000-4000-8000-000000000700', '{"entries": 7}'),
	(12, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.283+00', NULL, 'case-opened', '0d3a0c00-0000-4000-8000-000000000800', '{"entries": 10}'),
	(13, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.3+00', NULL, 'case-opened', '0d3a0c00-0000-4000-8000-000000000900', '{"entries": 5}'),
	(14, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.308+00', NULL, 'case-opened', '0d3a0c00-0000-4000-8000-000000001000', '{"entries": 4}'),
	(15, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.315+00', NULL, 'case-opened', '0d3a0c00-0000-4000-8000-000000001100', '{"entries": 5}'),
	(16, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.326+00', NULL, 'case-opened', '0d3a0c00-0000-4000-8000-000000001200', '{"entries": 7}'),
	(17, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.334+00', NULL, 'case-opened', '0d3a0c00-0000-4000-8000-000000001300', '{"entries": 8}'),
	(18, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.774+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'signed-in', NULL, '{}'),
	(19, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', '962056fc-cd88-4a81-a0c5-37a37fbf2ffa', '{"entries": 16}'),
	(20, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', '0619be4d-a42e-4e5c-b382-6f7163c031dd', '{"entries": 16}'),
	(21, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', 'af739ae9-57b9-4ccb-9b11-6ef470e32218', '{"entries": 16}'),
	(22, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', '6850ca43-c27e-40f0-9fca-7aee50d9bb24', '{"entries": 16}'),
	(23, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', '92f50243-f3a1-42bf-86f7-f8482e07b94f', '{"entries": 16}'),
	(24, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', '5ac85d88-60c8-4d4f-905c-a7b29afca7b7', '{"entries": 16}'),
	(25, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', '4be1e659-1404-4076-93c0-d06de4661ee6', '{"entries": 16}'),
	(26, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', 'f5aae3e9-8a73-481d-838a-d2f45a0d4693', '{"entries": 16}'),
	(27, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', '7c97dacb-8347-4442-b245-7bd780fa2aba', '{"entries": 19}'),
	(28, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.275+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', '5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4', '{"entries": 7}'),
	(29, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.305+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', '3427da59-9d66-4b9c-a9e5-15ba9b23e2e3', '{"entries": 8}'),
	(30, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.32+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', 'c13cbb46-8b14-4dd5-bd77-7e664016b42d', '{"entries": 9}'),
	(31, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.344+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f', '{"entries": 4}'),
	(32, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.377+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', 'c6891898-3be9-4a0d-83b2-c33b9d5b237f', '{"entries": 6}'),
	(33, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.398+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', '52874fef-bf7a-4902-be4d-eabd7728820f', '{"entries": 8}'),
	(34, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.415+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', '104fec3a-16ba-413c-a18d-1206a74c8ca3', '{"entries": 6}'),
	(35, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.43+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', '1491f9ef-1dbf-4712-aebb-0bdd596fdca1', '{"entries": 7}'),
	(36, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.443+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', 'c0a25175-4010-4b0b-808b-63b7583266c6', '{"entries": 9}'),
	(37, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2026-11-27 18:54:10.455+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', 'case-opened', '1f0cc807-70b5-4e83-a965-05182e7fbead', '{"entries": 10}');


--
-- Data for Name: boards; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.boards VALUES
	('0d3a0b00-0000-4000-8000-000000000001', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 1, 'Tern 4-M', '[{"revision": "1.0", "versions": ["R1", "R2", "R3"]}, {"revision": "1.1", "versions": ["R2", "R3", "R5", "R10", "R11", "R12-try"]}]', true, '{"flash": {"port": "the USB port with the ring around it, rear, second from the top", "plugs": ["24-pin", "8-pin EPS 1"], "button": "The small round button beside the ringed port", "phases": [{"light": "blink", "phase": "reading", "toSeconds": 60, "fromSeconds": 15, "periodSeconds": 1}, {"light": "blink", "phase": "writing", "toSeconds": 270, "fromSeconds": 150, "periodSeconds": 0.4}, {"light": "off", "phase": "finished"}], "fileName": "TERN4M.BIN", "holdSeconds": 3, "worstSeconds": 600, "harmlessLights": "PROC may stay on: there is no processor in it.", "gaveUpWithinSeconds": 15}, "model": "Tern 4-M", "format": "jovial-probe/board", "resets": [{"how": "pins", "where": "CLEAR, two pins under the coin cell", "seconds": 10}, {"how": "coin-cell", "where": "beside the first card slot", "seconds": 600}], "headers": [{"name": "FRONT", "pins": [{"row": 1, "label": "DISK+", "column": 1}, {"row": 1, "label": "DISK−", "column": 2}, {"row": 1, "label": "RESET", "column": 3}, {"row": 1, "label": "RESET", "column": 4}, {"row": 1, "label": "free", "column": 5}, {"row": 2, "label": "LIGHT+", "column": 1}, {"row": 2, "label": "LIGHT−", "column": 2}, {"row": 2, "label": "SWITCH", "column": 3}, {"row": 2, "label": "SWITCH", "column": 4}, {"row": 2, "label": "", "column": 5}], "rows": 2, "columns": 5, "purpose": "Case switch, reset switch and lights"}], "sharing": [{"filled": "M.2 2", "switchesOff": ["SATA 3", "SATA 4"]}], "version": 1, "setupKey": "Delete", "revisions": [{"releases": [{"date": "2023-02-14", "notes": "First release.", "version": "R1"}, {"date": "2023-09-01", "notes": "Memory training is quicker.", "version": "R2"}, {"date": "2024-06-11", "file": "tern-4m-r3.zip", "notes": "Knows Kestrel 4.", "version": "R3", "processorsAdded": ["Kestrel 4"]}], "revision": "1.0", "processors": ["Kestrel 2", "Kestrel 3"]}, {"releases": [{"date": "2023-09-01", "notes": "First release for this revision.", "version": "R2"}, {"date": "2024-06-11", "file": "tern-4m-11-r3.zip", "version": "R3", "processorsAdded": ["Kestrel 4"]}, {"date": "2024-12-03", "file": "tern-4m-11-r5.zip", "bytes": 16777216, "notes": "Makes room for larger releases. Install it before anything newer.", "version": "R5"}, {"date": "2025-08-19", "file": "tern-4m-11-r10.zip", "bytes": 16777216, "fixes": ["stops at the memory light with four modules"], "version": "R10", "processorsAdded": ["Kestrel 5", "Kestrel 6"], "minimumPredecessor": "R5"}, {"date": "2026-03-02", "file": "tern-4m-11-r11.zip", "bytes": 16777216, "notes": "Closes a hole in the start-up of network cards.", "version": "R11", "security": true, "minimumPredecessor": "R5"}, {"date": "2026-11-02", "file": "tern-4m-11-r12-try.zip", "bytes": 16777216, "fixes": ["wakes without a picture"], "version": "R12-try", "preRelease": true, "minimumPredecessor": "R5"}], "revision": "1.1", "processors": ["Kestrel 2", "Kestrel 3"]}], "memorySlots": [{"name": "A2", "channel": "A"}, {"name": "B2", "channel": "B"}, {"name": "A1", "channel": "A"}, {"name": "B1", "channel": "B"}], "stageLights": [{"link": "processor", "label": "PROC"}, {"link": "memory", "label": "MEM"}, {"link": "graphics", "label": "PICT"}, {"link": "load", "label": "START"}]}', '2026-11-27 18:54:09.057+00'),
	('0d3a0b00-0000-4000-8000-000000000002', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 1, 'Tern 4-H', '[{"revision": "1.0", "versions": ["R1", "K4", "K7"]}]', false, '{"model": "Tern 4-H", "format": "jovial-probe/board", "resets": [{"how": "pins", "where": "CLEAR, beside the 24-pin socket", "seconds": 10}], "headers": [{"name": "FRONT", "pins": [{"row": 1, "label": "DISK+", "column": 1}, {"row": 1, "label": "DISK−", "column": 2}, {"row": 1, "label": "RESET", "column": 3}, {"row": 1, "label": "RESET", "column": 4}, {"row": 1, "label": "free", "column": 5}, {"row": 2, "label": "LIGHT+", "column": 1}, {"row": 2, "label": "LIGHT−", "column": 2}, {"row": 2, "label": "SWITCH", "column": 3}, {"row": 2, "label": "SWITCH", "column": 4}, {"row": 2, "label": "", "column": 5}], "rows": 2, "columns": 5, "purpose": "Case switch, reset switch and lights"}], "version": 1, "setupKey": "Delete", "revisions": [{"releases": [{"date": "2023-03-20", "version": "R1"}, {"date": "2024-08-30", "version": "K4", "processorsAdded": ["Kestrel 4"]}, {"date": "2025-10-07", "version": "K7", "irreversible": true, "processorsAdded": ["Kestrel 5"]}], "revision": "1.0", "processors": ["Kestrel 2", "Kestrel 3"]}], "memorySlots": [{"name": "A1", "channel": "A"}, {"name": "B1", "channel": "B"}], "stageLights": [{"link": "processor", "label": "PROC"}, {"link": "memory", "label": "MEM"}, {"link": "graphics", "label": "PICT"}, {"link": "load", "label": "START"}]}', '2026-11-27 18:54:09.067+00'),
	('0d3a0b00-0000-4000-8000-000000000003', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 1, 'Auk 6', '[{"revision": "A2", "versions": ["22.3", "23.5", "25.1"]}]', false, '{"model": "Auk 6", "format": "jovial-probe/board", "resets": [{"how": "button", "where": "CLR, rear, behind a small hole", "seconds": 5}, {"how": "coin-cell", "where": "under the card", "seconds": 600}], "headers": [{"name": "FRONT", "pins": [{"row": 1, "label": "DISK+", "column": 1}, {"row": 1, "label": "DISK−", "column": 2}, {"row": 1, "label": "RESET", "column": 3}, {"row": 1, "label": "RESET", "column": 4}, {"row": 1, "label": "free", "column": 5}, {"row": 2, "label": "LIGHT+", "column": 1}, {"row": 2, "label": "LIGHT−", "column": 2}, {"row": 2, "label": "SWITCH", "column": 3}, {"row": 2, "label": "SWITCH", "column": 4}, {"row": 2, "label": "", "column": 5}], "rows": 2, "columns": 5, "purpose": "Case switch, reset switch and lights"}], "version": 1, "setupKey": "F2", "revisions": [{"releases": [{"date": "2022-11-15", "version": "22.3"}, {"date": "2023-10-24", "version": "23.5", "processorsAdded": ["Plover 90"]}, {"date": "2025-01-21", "notes": "No older one can be put back.", "version": "25.1", "security": true, "irreversible": true}], "revision": "A2", "processors": ["Plover 60", "Plover 80"]}], "secondImage": "Cord out. Set the slide beside the coin cell to B. Cord in, start, and wait two minutes."}', '2026-11-27 18:54:09.086+00'),
	('0d3a0b00-0000-4000-8000-000000000004', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 1, 'Petrel N2', '[{"revision": "2", "versions": ["1.08", "1.15"]}]', false, '{"model": "Petrel N2", "format": "jovial-probe/board", "resets": [{"how": "coin-cell", "where": "under the drive tray, on a short lead", "seconds": 300}], "headers": [{"name": "SWITCH", "pins": [{"row": 1, "label": "SWITCH", "column": 1}, {"row": 1, "label": "SWITCH", "column": 2}, {"row": 1, "label": "LIGHT+", "column": 3}, {"row": 1, "label": "LIGHT−", "column": 4}], "rows": 1, "columns": 4, "purpose": "Case switch and light"}], "version": 1, "setupKey": "F10", "revisions": [{"releases": [{"date": "2024-02-09", "version": "1.08"}, {"date": "2025-06-30", "fixes": ["does not start from the adapter after a storm"], "version": "1.15"}], "revision": "2", "processors": ["Plover 25"]}], "memorySlots": [{"name": "A1", "channel": "A"}, {"name": "B1", "channel": "B"}]}', '2026-11-27 18:54:09.092+00');


--
-- Data for Name: case_events; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.case_events VALUES
	('0d3a0c00-0000-4000-8000-000000000100', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000101', '{"at": "2026-11-24T18:54:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000101", "kind": "case-opened", "told": "blank", "owner": "sealed:340267d6e38b994d197a17f396a00bb898b665124e2fe1b6ccd22b7cce6cd1fe", "machine": {"name": "Ticket office, counter 2", "board": {"speaker": true, "stageLights": false}, "parts": [{"id": "supply", "kind": "supply"}, {"id": "module-1", "kind": "module"}, {"id": "module-2", "kind": "module"}, {"id": "drive", "kind": "drive"}, {"id": "front-usb", "kind": "front-usb"}, {"id": "printer", "kind": "usb-device", "name": "ticket printer"}], "builtInGraphics": true}, "complaint": "Since the painters were in, the screen stays black. It hums as always.", "circumstances": ["moved"]}', 'd82adb0283d63a0a657df78b18ba14315bc3bd2d8b107a160fa62203c8d57dbb', '2026-11-27 18:54:09.102+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000100', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000102', '{"at": "2026-11-24T18:58:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000102", "kind": "trial-done", "note": "Fans run, no beeps of complaint, no picture.", "trial": "start", "outcome": "blank"}', 'd428ce7d025b6955fb495651b5a05fa4318882f4f25e23f25a2701e82f6b477a', '2026-11-27 18:54:09.102+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000100', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000103', '{"at": "2026-11-24T19:01:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000103", "kind": "trial-done", "note": "Input 1 chosen, the cable is in input 2.", "trial": "look/monitor-input/monitor", "outcome": "other"}', '7d1f5a27934b14bec1a12214160f0e2641289e0788fc02cabedd027cdd0bc02b', '2026-11-27 18:54:09.102+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000100', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000104', '{"at": "2026-11-24T19:03:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000104", "kind": "trial-done", "trial": "fix/select-input@monitor", "outcome": "works"}', 'f9a6fc5c03f715c6e3606deed680b46be489cb7fed28f31af50f24cdad42f431', '2026-11-27 18:54:09.102+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000100', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000105', '{"at": "2026-11-24T19:12:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000105", "kind": "trial-done", "trial": "run-under-load", "outcome": "works"}', 'e984110664309431bc554b1aca22097939e5101f34496c2731eae87cbb004d96', '2026-11-27 18:54:09.102+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000100', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000106', '{"at": "2026-11-24T19:15:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000106", "done": "Input 2 selected. Label with the right input stuck to the frame.", "kind": "case-closed", "cause": "The monitor listens to another input", "fault": "monitor-wrong-input@monitor", "ending": "repaired"}', '3cc1d868de185326db45570a645bbf8f9be8d158d6a4ea744202d5df9f10ecff', '2026-11-27 18:54:09.102+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000200', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000201', '{"at": "2026-11-25T18:54:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000201", "kind": "case-opened", "told": "message-usb", "owner": "sealed:22ff624329a8c4bf2d64da503b4c56bcae963645b85a46ee7f7a2b87b69f89f7", "machine": {"name": "Lighthouse museum kiosk", "parts": [{"id": "supply", "kind": "supply"}, {"id": "module", "kind": "module"}, {"id": "m2-drive", "bus": "m2", "kind": "drive", "name": "M.2 drive"}, {"id": "front-usb", "kind": "front-usb", "name": "front USB lead"}, {"id": "touch", "kind": "usb-device", "name": "touch frame"}], "builtInGraphics": true}, "complaint": "It says something about USB and current and goes off after some seconds.", "circumstances": ["old"]}', '21c4d4f17a7be09c40d037c2b30ecdd5e166716d2577bef3b73c61eb3976b25e', '2026-11-27 18:54:09.196+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000200', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000202', '{"at": "2026-11-25T19:00:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000202", "kind": "trial-done", "note": "Off after 15 seconds.", "trial": "start", "outcome": "message-usb"}', 'a627d0a5766e38d0c134994f8d13075de5e4cc4077ad0733dedf4b8c782cf824', '2026-11-27 18:54:09.196+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000200', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000203', '{"at": "2026-11-25T19:05:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000203", "kind": "trial-done", "trial": "out/touch", "outcome": "message-usb"}', '8ebf3d6969d5aadeb90fb03fdff8c0fc7707bd088e9934868a8b99aa706d979c', '2026-11-27 18:54:09.196+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000200', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000204', '{"at": "2026-11-25T19:08:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000204", "kind": "trial-done", "trial": "back/touch", "outcome": "message-usb"}', '808a9cd7ea9b84745e063e5d05f5c3c7c48af2262f44848f3e6d8181d9bcc866', '2026-11-27 18:54:09.196+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000200', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000205', '{"at": "2026-11-25T19:14:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000205", "kind": "trial-done", "trial": "out/front-usb", "outcome": "works"}', '93b22788dd1d9d90340cff73bc85b987476514e24cc9cc90f41ba7216f8976da', '2026-11-27 18:54:09.196+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000200', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000206', '{"at": "2026-11-25T19:18:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000206", "kind": "trial-done", "trial": "back/front-usb", "outcome": "message-usb"}', 'ea61764dc819062a703889f7053e8adf643519d302029327215fca010ba62354', '2026-11-27 18:54:09.196+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000200', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000207', '{"at": "2026-11-25T19:22:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000207", "kind": "trial-done", "note": "The right front port has a contact bent over.", "trial": "fix/leave-unplugged@front-usb", "outcome": "works"}', '996ea4a737713ff0e08c4f9487e611fc8b9c727efcd8ffd14c4e341a177d8e92', '2026-11-27 18:54:09.196+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000200', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000208', '{"at": "2026-11-25T19:26:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000208", "kind": "note-added", "text": "Visitors need one front port: the museum wants the lead replaced."}', '85dea36a919b7f3b9788cece5742c8c48cc6a663977c755963620dae37dcb3f5', '2026-11-27 18:54:09.196+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000200', 9, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000209', '{"at": "2026-11-25T19:27:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000209", "kind": "case-parked", "until": "2026-11-29T19:27:09.095Z", "waitingFor": "a new front USB lead"}', '718ed45d701da03dfcc9f047091552e9c74e4e09ba4d5367a44cb41a0ac142a9', '2026-11-27 18:54:09.196+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000300', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000301', '{"at": "2026-11-26T16:54:09.095Z", "by": "Ebbe", "id": "0d3a0c00-0000-4000-8000-000000000301", "kind": "case-opened", "told": "cuts-out", "owner": "sealed:ca929d7c67ec77fd63ba0512a785f9dfc23598c6252dbd4eb144616ae4eec271", "machine": {"name": "Net-maker’s drawing PC", "board": {"sharing": [{"filled": "M.2 1", "switchesOff": ["SATA 5", "SATA 6"]}], "sockets": {"m2": ["M.2 1", "M.2 2"], "sata": ["SATA 1", "SATA 2", "SATA 3", "SATA 4", "SATA 5", "SATA 6"]}, "stageLights": true}, "parts": [{"id": "supply", "kind": "supply", "name": "supply 450 W"}, {"id": "module-1", "kind": "module"}, {"id": "module-2", "kind": "module"}, {"id": "card", "kind": "card", "name": "drawing card"}, {"id": "drive", "bus": "m2", "kind": "drive", "name": "M.2 drive"}, {"id": "archive", "bus": "sata", "kind": "drive", "name": "archive drive"}, {"id": "front-usb", "kind": "front-usb"}], "builtInGraphics": true}, "complaint": "Goes dead in the middle of a drawing. I have to pull the cord before it comes back.", "circumstances": ["card-changed"]}', '1da8ab045dde2cdf36a24d461c3b3820a22be1fb9ce74a4624844b3c629c83a2', '2026-11-27 18:54:09.226+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000300', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000302', '{"at": "2026-11-26T17:04:09.095Z", "by": "Ebbe", "id": "0d3a0c00-0000-4000-8000-000000000302", "kind": "trial-done", "note": "Off 40 seconds into the load. Button dead until the cord was pulled.", "trial": "run-under-load", "outcome": "cuts-out"}', 'cace97ff6fe182f551037d68cd271749832fb964500237cc3cc7a96e43e3c2ae', '2026-11-27 18:54:09.226+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000300', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000303', '{"at": "2026-11-26T17:10:09.095Z", "by": "Ebbe", "id": "0d3a0c00-0000-4000-8000-000000000303", "kind": "trial-done", "note": "Two leads of their own.", "trial": "look/card-leads/card", "outcome": "separate"}', '756d34be1b170019fe2a2003ce9233eea5016288b735202a29eb4530e95af0b8', '2026-11-27 18:54:09.226+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000300', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000304', '{"at": "2026-11-26T17:14:09.095Z", "by": "Ebbe", "id": "0d3a0c00-0000-4000-8000-000000000304", "kind": "trial-done", "trial": "look/cooler-fan/cooler", "outcome": "turns"}', 'bb93c0667c5a36b593e4e39cc3de493cdcc135d027937d162b49a0b91a4acbb3', '2026-11-27 18:54:09.226+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000400', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000401', '{"at": "2026-11-27T15:44:09.095Z", "by": "Ebbe", "id": "0d3a0c00-0000-4000-8000-000000000401", "kind": "case-opened", "told": "at-memory", "owner": "sealed:924fbaab6247d014b3d29b7be8e3ec989626c468361223e79d29324900e7f051", "machine": {"name": "Radio-drama club editing machine", "board": {"speaker": true, "stageLights": true}, "parts": [{"id": "supply", "kind": "supply"}, {"id": "module-1", "kind": "module", "slot": "A2"}, {"id": "module-2", "kind": "module", "slot": "B2"}, {"id": "card", "kind": "card", "name": "graphics card"}, {"id": "drive-1", "kind": "drive"}, {"id": "drive-2", "kind": "drive"}, {"id": "front-usb", "kind": "front-usb"}, {"id": "front-audio", "kind": "front-audio"}], "builtInGraphics": false}, "complaint": "Fans and lights, but the screen says no signal. It was fine at the last rehearsal.", "circumstances": ["used-parts"]}', '883bd329cf229f731438553a788feb70a38ff4ff5a9e1dfbe01142a593bb649c', '2026-11-27 18:54:09.246+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000400', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000402', '{"at": "2026-11-27T15:49:09.095Z", "by": "Ebbe", "id": "0d3a0c00-0000-4000-8000-000000000402", "kind": "trial-done", "note": "The memory light stays, three minutes.", "trial": "start", "outcome": "at-memory"}', 'd73d7eaaf48c6069ca85be5c9e238e8c30b284a4f617f19d4ffc58807fc7fc9a', '2026-11-27 18:54:09.246+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000400', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000403', '{"at": "2026-11-27T15:53:09.095Z", "by": "Ebbe", "id": "0d3a0c00-0000-4000-8000-000000000403", "kind": "trial-done", "trial": "look/module-latches/module-1", "outcome": "closed"}', 'ec4ddeb960d97587954f6603c33299c41339fa73b519c5283b3906eb59605ad8', '2026-11-27 18:54:09.246+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000400', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000404', '{"at": "2026-11-27T15:54:09.095Z", "by": "Ebbe", "id": "0d3a0c00-0000-4000-8000-000000000404", "kind": "trial-done", "trial": "look/module-latches/module-2", "outcome": "closed"}', 'c2d50dffcb30859600a41d3ad4c03f935bdf1639a90bfd7c337e1a572d203ed2', '2026-11-27 18:54:09.246+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000400', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000405', '{"at": "2026-11-27T16:00:09.095Z", "by": "Ebbe", "id": "0d3a0c00-0000-4000-8000-000000000405", "kind": "trial-done", "trial": "only/module-1/slot-A2", "outcome": "at-memory"}', 'e2a27f327450525279d84b935da350c01ee0d1a5c27d92f8aaa90207931255b2', '2026-11-27 18:54:09.246+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000400', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000406', '{"at": "2026-11-27T16:07:09.095Z", "by": "Ebbe", "id": "0d3a0c00-0000-4000-8000-000000000406", "kind": "trial-done", "note": "Picture after 20 seconds.", "trial": "only/module-2/slot-A2", "outcome": "works"}', 'efc768064e6692a54be82f145eb2d18cce3a9bbfdfaf84b5e6bce8ed65ade27c', '2026-11-27 18:54:09.246+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000500', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000501', '{"at": "2026-11-27T18:29:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000501", "kind": "case-opened", "told": "dead", "owner": "sealed:a82b89aa9f7c3bac70cc4bb6a5d5667642684d384525d2ca8dc4d20ed48fc8de", "machine": {"name": "Tide-gauge logger", "parts": [{"id": "supply", "kind": "supply"}, {"id": "module-1", "kind": "module"}, {"id": "module-2", "kind": "module"}, {"id": "card", "kind": "card"}, {"id": "drive", "kind": "drive"}, {"id": "front-usb", "kind": "front-usb"}], "builtInGraphics": true}, "complaint": "I press it and nothing happens.", "circumstances": ["spill"]}', '13e7ec23bc917eaa5f65fc6d2e67a29edf20007cdfa1c21a22df257ee9e598f6', '2026-11-27 18:54:09.255+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000500', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000502', '{"at": "2026-11-27T18:32:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000502", "kind": "trial-done", "note": "Complaint seen.", "trial": "start", "outcome": "dead"}', '270987f262a1bfa658a4dd6eaa58b1d298ec5e7e716d79665b41f334d5177665', '2026-11-27 18:54:09.255+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000500', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000503', '{"at": "2026-11-27T18:34:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000503", "kind": "trial-done", "trial": "look/rocker/supply", "outcome": "at-i"}', 'bb0ff06bdbf67e9727bf7fb203e57c3b5c76378aeb48e522df181df3d0c995af', '2026-11-27 18:54:09.255+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000500', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000504', '{"at": "2026-11-27T18:35:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000504", "kind": "trial-done", "trial": "look/cord/cord", "outcome": "home"}', 'fceaf7f9164073131559de10b323440587dd72cc2f7bc501a023158dfb9833f4', '2026-11-27 18:54:09.255+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000500', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000505', '{"at": "2026-11-27T18:36:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000505", "kind": "trial-done", "trial": "look/standby-light/board", "outcome": "lit"}', 'ba90764a3a90e2f819201b7e8ef49653f965d565740b9223c1558feca5297716', '2026-11-27 18:54:09.255+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000500', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000506', '{"at": "2026-11-27T18:40:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000506", "kind": "trial-done", "trial": "measure/vsb/supply", "volts": 5.04, "outcome": "within"}', 'd36698fa64c344b2873c69b379bb62ce6111aeb5f9eff750d4af79fb93719adb', '2026-11-27 18:54:09.255+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000600', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000601', '{"at": "2026-11-27T18:46:09.095Z", "by": "Ebbe", "id": "0d3a0c00-0000-4000-8000-000000000601", "kind": "case-opened", "told": "dead", "owner": "sealed:8b5d74ae18643975b1798b6d598e01d2753e7804b3d31884fd175283c3e30774", "machine": {"name": "Chart table mini, ferry bridge", "board": {"slots": [{"name": "A1", "channel": "A"}, {"name": "B1", "channel": "B"}], "standbyLight": false}, "parts": [{"id": "adapter", "kind": "adapter", "name": "19 V adapter"}, {"id": "module", "kind": "module", "slot": "A1"}, {"id": "m2-drive", "bus": "m2", "kind": "drive", "name": "M.2 drive"}], "builtInGraphics": true}, "complaint": "Dead since the storm. The lamp on the adapter is off, I think.", "circumstances": ["storm"]}', '43b547d74a352db311db58b9756df8e5a64aee9a76aff06a8c89dfb3b4cba8f9', '2026-11-27 18:54:09.263+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000900', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000904', '{"at": "2026-11-26T16:08:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000000904", "kind": "trial-done", "note": "The list names a later version for it.", "trial": "look/firmware-version/board", "outcome": "too-old"}', '9923b75f836774f2595df29bd4e4b5ed5eb27e1a12ffcc094459514f6387725b', '2026-11-27 18:54:09.3+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000700', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000701', '{"at": "2026-11-27T17:59:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000000701", "kind": "case-opened", "told": "at-memory", "owner": "sealed:14264ae6543cf2e5b9f8737e0ad56b6dc127214a86ced255a062de6dffe93ab7", "machine": {"name": "Net loft order machine", "board": {"stageLights": true}, "parts": [{"id": "module-1", "kind": "module", "slot": "A2"}, {"id": "module-2", "kind": "module", "slot": "B2"}, {"id": "drive", "kind": "drive"}]}, "complaint": "Since the processor was changed a light stays on and nothing comes.", "circumstances": ["processor-changed"]}', 'e65ec6eb6033ead71bec0fc4201c7fd3f5985ae9f56a21ba5800d5de7d7269e1', '2026-11-27 18:54:09.271+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000700', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000702', '{"at": "2026-11-27T18:03:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000000702", "kind": "trial-done", "note": "Complaint seen.", "trial": "start", "outcome": "at-memory"}', '773c1911a6cc4f2295f321a1c9155bd76712d070923674ca17f84a1ef2d3526e', '2026-11-27 18:54:09.271+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000700', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000703', '{"at": "2026-11-27T18:08:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000000703", "kind": "trial-done", "trial": "only/module-1/slot-A2", "outcome": "at-memory"}', 'cc7119568d10b908690326d573f0e9de7f188507731b8ac992a310ef59c0dedb', '2026-11-27 18:54:09.271+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000700', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000704', '{"at": "2026-11-27T18:14:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000000704", "kind": "trial-done", "trial": "only/module-2/slot-A2", "outcome": "at-memory"}', '08845db0dccdac578fbb896e72e0dc89b9fef515f1915a3946282c2edebf5775', '2026-11-27 18:54:09.271+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000700', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000705', '{"at": "2026-11-27T18:20:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000000705", "kind": "trial-done", "note": "Picture after 40 seconds.", "trial": "only/module-2/slot-B2", "outcome": "works"}', '7c6dbf5626ec7eb52c45bb0b2d13e167addb8d1637eb311e0d62ac40ebbe21e8', '2026-11-27 18:54:09.271+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000700', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000706', '{"at": "2026-11-27T18:26:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000000706", "kind": "trial-done", "trial": "only/module-1/slot-B2", "outcome": "works"}', '5d94294cf34acfa8287dbd92e7828e5be75e207cdf906f22d5576626169ece3b', '2026-11-27 18:54:09.271+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000700', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000707', '{"at": "2026-11-27T18:32:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000000707", "kind": "trial-done", "trial": "only/module-1/slot-A1", "outcome": "at-memory"}', '89f4db2b334fe06387eee7c96debf6080966ef76c796a1939647c3cb132256f7', '2026-11-27 18:54:09.271+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000800', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000801', '{"at": "2026-11-23T18:54:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000801", "kind": "case-opened", "told": "loop", "owner": "sealed:a2c16d2b13f05cfa3c9bf89fcdaf492eb4e85cb58675394826d4792dfa857a81", "machine": {"name": "Slipway label machine", "parts": [{"id": "adapter", "kind": "adapter"}]}, "complaint": "The small one starts over and over.", "circumstances": ["old"]}', '16a91a1d08724eff5f8f5992e0f7551dbe14e6af6e4d7b8bc47ff7e167302ca5', '2026-11-27 18:54:09.283+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000800', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000802', '{"at": "2026-11-23T18:57:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000802", "kind": "trial-done", "trial": "start", "outcome": "loop"}', 'e400c9354c26c0aa094e8b9ebc769f05ed833d011f876c288b5018059b9f5d92', '2026-11-27 18:54:09.283+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000800', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000803', '{"at": "2026-11-23T19:00:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000803", "kind": "trial-done", "trial": "measure/adapter-volts/adapter", "volts": 18.9, "outcome": "within"}', 'd892de016f47c99fb32e80fc4c566fce1ac3e0a508b69c76369e1ddbcdba8ab1', '2026-11-27 18:54:09.283+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000800', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000804', '{"at": "2026-11-23T19:06:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000804", "kind": "trial-done", "trial": "measure/adapter-load/adapter", "volts": 16.2, "outcome": "low"}', '3b43cc430847af621f8352e15d42d04578854b3713b9de30a561b1fcc4da5720', '2026-11-27 18:54:09.283+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000800', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000805', '{"at": "2026-11-23T19:09:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000805", "kind": "trial-done", "trial": "spare/adapter", "outcome": "works"}', '83c617ff6b13b3413d35923b29bc3873729f404549eeb25814c5919cfd46e546', '2026-11-27 18:54:09.283+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000800', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000806', '{"at": "2026-11-23T19:12:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000806", "kind": "trial-done", "trial": "back/adapter", "outcome": "loop"}', 'd56a3cf639c477c7d3a7a7641d6d892ef2f38d60ca4289fb18e09996ecdb6591', '2026-11-27 18:54:09.283+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000800', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000807', '{"at": "2026-11-23T19:14:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000807", "kind": "trial-done", "trial": "spare/adapter", "outcome": "works"}', 'cf12c3437b69aa2e7113abd11695246b95cbad8cc7f9604cf1fb93fa6c9512b7', '2026-11-27 18:54:09.283+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000800', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000808', '{"at": "2026-11-23T19:18:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000808", "kind": "trial-done", "trial": "fix/replace@adapter", "outcome": "works"}', '0bbfef6d2cba9e7490c47f42d1109ced33929553823c2e2c105e71074216aef5', '2026-11-27 18:54:09.283+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000800', 9, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000809', '{"at": "2026-11-23T19:26:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000809", "kind": "trial-done", "trial": "run-under-load", "outcome": "works"}', '0c2fa73766208a1aac3f5369d3d6efd12278a2ddb43c6a05206431a136b4fa8e', '2026-11-27 18:54:09.283+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000800', 10, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000810', '{"at": "2026-11-23T19:28:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000000810", "done": "New adapter of the same label. The old one marked and binned.", "kind": "case-closed", "cause": "The DC adapter sags under load", "fault": "adapter-sags@adapter", "ending": "repaired"}', 'c14f888fbb2e2396d73262e060d01358af8945d92e12ad8f7e9962da6640514d', '2026-11-27 18:54:09.283+00', NULL);
INSERT INTO public.case_events VALUES
	('0d3a0c00-0000-4000-8000-000000000900', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000901', '{"at": "2026-11-26T15:54:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000000901", "kind": "case-opened", "told": "at-processor", "owner": "sealed:34893a0ba1dd149b2c613907c197bd6b5385b08c310066686083ede037ea5c0d", "machine": {"name": "Pilot station plotter", "board": {"stageLights": true, "checkpointDisplay": true}, "parts": [{"id": "module-1", "kind": "module", "slot": "A2"}, {"id": "module-2", "kind": "module", "slot": "B2"}, {"id": "card", "kind": "card"}, {"id": "m2", "bus": "m2", "kind": "drive"}], "builtInGraphics": false}, "complaint": "Built with a new processor, it has never started.", "circumstances": ["new-build", "processor-changed"]}', '73ef20d310b39d297e18a0a796b72a9607f13a231f15b561971435d411cc82a5', '2026-11-27 18:54:09.3+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000900', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000902', '{"at": "2026-11-26T15:59:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000000902", "kind": "trial-done", "note": "The display stands still.", "trial": "start", "outcome": "at-processor"}', 'cd3a644385e204ec2390b06e8f5cefdc6144402c2dd485be14c782864bda7639', '2026-11-27 18:54:09.3+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000900', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000903', '{"at": "2026-11-26T16:03:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000000903", "kind": "trial-done", "trial": "look/power-plugs/board", "outcome": "home"}', 'fc99eadabc056fd8c10471dd59c20d06b7ea32705401c3f469de31528adf6206', '2026-11-27 18:54:09.3+00', NULL),
	('0d3a0c00-0000-4000-8000-000000000900', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000000905', '{"at": "2026-11-26T16:14:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000000905", "kind": "case-parked", "until": "2026-11-26T19:14:09.095Z", "waitingFor": "a supported processor on loan for the update"}', 'bcc7ca772590ba7c5427112d49b99b41f1f6f2cfd6e60aac1e55bb846e77e972', '2026-11-27 18:54:09.3+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001000', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001001', '{"at": "2026-11-27T16:34:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001001", "kind": "case-opened", "told": "message-settings", "owner": "sealed:5fcb2c715f33a9afe937ee6097a81d848ccfd27e27d0c8c3fbc793239dccbe24", "machine": {"name": "Kelp laboratory logger", "board": {"speaker": true}, "parts": [{"id": "module", "kind": "module"}, {"id": "drive", "kind": "drive"}, {"id": "front-usb", "kind": "front-usb"}]}, "complaint": "Bought used. It asks for a password that nobody has.", "circumstances": ["used-parts"]}', '67136a1c48ff0b3c1cb684e4b8216a3cd645406e7ba52d487fe73b6ae3de0d8e', '2026-11-27 18:54:09.308+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001000', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001002', '{"at": "2026-11-27T16:38:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001002", "kind": "trial-done", "trial": "start", "outcome": "message-settings"}', 'e7dc9060a2337f8e51e05b781a02ff001113a9cdb52adfbe46ea52716d2758bf', '2026-11-27 18:54:09.308+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001000', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001003', '{"at": "2026-11-27T16:41:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001003", "kind": "trial-done", "trial": "look/setup-entry/board", "outcome": "password"}', '3f67ba6e3637a026c161b75112c8d476c5f0bc988337a9f73f96a6c42ec5f54d', '2026-11-27 18:54:09.308+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001000', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001004', '{"at": "2026-11-27T16:43:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001004", "kind": "note-added", "text": "Bill of sale seen and copied: the machine is theirs."}', 'b5e422a15f7dea34644d8fc3ad0ffc4ff44fa7f5895c1aa3dc8f42a87cd5edf0', '2026-11-27 18:54:09.308+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001100', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001101', '{"at": "2026-11-27T17:39:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000001101", "kind": "case-opened", "told": null, "owner": "sealed:39ad399951346df3f0c645be7ef2a0fe5dee5d282a5e4c2c755736fcd1f1e203", "machine": {"bare": true, "name": "Rope walk, new parts", "board": {"speaker": true, "stageLights": true}, "parts": [{"id": "supply", "kind": "supply"}, {"id": "module-1", "kind": "module", "slot": "A2"}, {"id": "module-2", "kind": "module", "slot": "B2"}, {"id": "card", "kind": "card"}], "builtInGraphics": false}, "complaint": "New parts, please test before we build it in.", "circumstances": ["new-build"]}', 'c70a5ee48cd5f95aa736aa3b06546d8bdbce6b3f936d2c8fb4d1a5426edcda8d', '2026-11-27 18:54:09.315+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001100', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001102', '{"at": "2026-11-27T18:01:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000001102", "kind": "trial-done", "note": "Three long beeps, as it should.", "trial": "build/processor", "outcome": "at-memory"}', 'b779e59c11614c6a055d7373179b86669d295df53f45fc788d30244fbb7ca5e3', '2026-11-27 18:54:09.315+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001100', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001103', '{"at": "2026-11-27T18:06:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000001103", "kind": "trial-done", "trial": "build/memory", "outcome": "at-graphics"}', '7923f091444899b7f2e8d84a447c2354be29f0236bd3a445160efc88570ae96b', '2026-11-27 18:54:09.315+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001100', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001104', '{"at": "2026-11-27T18:12:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000001104", "kind": "trial-done", "note": "Expected a picture now.", "trial": "build/graphics", "outcome": "at-graphics"}', '1d50a8476857c3239186dac1e07afe379ff09a8c5746d178b1942bffc638963e', '2026-11-27 18:54:09.315+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001100', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001105', '{"at": "2026-11-27T18:15:09.095Z", "by": "Edda", "id": "0d3a0c00-0000-4000-8000-000000001105", "kind": "trial-done", "trial": "look/card-seat/card", "outcome": "no-power-lead"}', '677960e75eae29e5af32ca7d6c6f0de9b01d7bbe356354387ab1ae5d3b2c2576', '2026-11-27 18:54:09.315+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001200', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001201', '{"at": "2026-11-27T18:06:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001201", "kind": "case-opened", "told": "twitch", "owner": "sealed:136c986ea85d6e9aff57d88dd20addf4278ca266470a830ce1844c4f25d2ffd4", "machine": {"name": "Sail maker cutting machine", "board": {"stageLights": true}, "parts": [{"id": "module-1", "kind": "module", "slot": "A2"}, {"id": "module-2", "kind": "module", "slot": "B2"}, {"id": "card", "kind": "card"}, {"id": "drive", "kind": "drive"}, {"id": "front-usb", "kind": "front-usb", "name": "front USB lead"}, {"id": "front-usb-c", "kind": "front-usb", "name": "front USB-C lead"}, {"id": "front-audio", "kind": "front-audio"}, {"id": "fan", "kind": "fan"}], "builtInGraphics": true}, "complaint": "Fans twitch once and that is all.", "circumstances": ["moved"]}', '39d837f3aecb0c682931bc432c4827462542d9c484fa7eeca8da038906441afb', '2026-11-27 18:54:09.326+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001200', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001202', '{"at": "2026-11-27T18:07:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001202", "kind": "school-chosen", "school": "outside-in"}', 'fbdc855f82a915b679cf55f5b8f4d965b05c1d826bd2378d763faf070b43b8e1', '2026-11-27 18:54:09.326+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001200', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001203', '{"at": "2026-11-27T18:10:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001203", "kind": "trial-done", "note": "Complaint seen.", "trial": "start", "outcome": "twitch"}', '9d81cfd72c4550b19b3b77e47b9586abb66e3d260a2dc8cb81ca7920330a429e', '2026-11-27 18:54:09.326+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001200', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001204', '{"at": "2026-11-27T18:11:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001204", "kind": "lacking-set", "tools": ["scope"], "spares": ["supply", "board"]}', '18184c93aa332d41d61eed8f1f5d767043b73666eaf4f7d53232972b4e8325b6', '2026-11-27 18:54:09.326+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001200', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001205', '{"at": "2026-11-27T18:14:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001205", "kind": "trial-done", "trial": "look/power-plugs/board", "outcome": "home"}', '3e82db14e3885cff3f1473b8075821b25e3c7b19a0b510a9e6f98584f7730433', '2026-11-27 18:54:09.326+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001200', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001206', '{"at": "2026-11-27T18:19:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001206", "kind": "trial-done", "trial": "out/drive", "outcome": "twitch"}', '37f329b354cb6f5c0cdd262117afe5739a1d309687361ba08958c0d27362c1f5', '2026-11-27 18:54:09.326+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001200', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001207', '{"at": "2026-11-27T18:23:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001207", "kind": "trial-done", "trial": "out/front-usb", "outcome": "twitch"}', '1bc42eb2b2db31c0e8ecbc994bc9c59430751e99051c0d3fc23635bbb0c22a32', '2026-11-27 18:54:09.326+00', NULL),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 13, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000020', '{"at": "2026-06-01T09:32:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000020", "kind": "trial-done", "trial": "minimal-on-bench", "outcome": "dead"}', '1f89c04a42a9ea93cd7909d88e994a91688204379014c3d2ea24657e623ce609', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 14, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000021', '{"at": "2026-06-01T09:33:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000021", "kind": "trial-done", "trial": "measure/rail-12/supply", "outcome": "high"}', 'c0c25fffb48790b3443e5f63ecede8469a7e49680cb0865de066b90213671f5e', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0d3a0c00-0000-4000-8000-000000001300', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001301', '{"at": "2026-11-27T18:02:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001301", "kind": "case-opened", "told": null, "owner": "sealed:054f08841c8f52fb0895fe02d2c31c8ba31d1767a2cc1e0d7bec76705d9b9f7b", "machine": {"bare": true, "name": "Buoy store, used parts", "board": {"stageLights": true}, "parts": [{"id": "supply-1", "kind": "supply", "name": "supply 1"}, {"id": "supply-2", "kind": "supply", "name": "supply 2", "loose": true}, {"id": "module-1", "kind": "module", "slot": "A2"}, {"id": "module-2", "kind": "module", "slot": "B2"}, {"id": "module-3", "kind": "module", "name": "module 3", "loose": true}, {"id": "drive", "kind": "drive"}], "builtInGraphics": true}, "complaint": "Bought used at the harbour sale. What of it is good?", "circumstances": ["used-parts"]}', '6ec97f2ce25d88064c40572ab8d66ee4e623ca93291bed1fe0e934712ac2f189', '2026-11-27 18:54:09.334+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001300', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001302', '{"at": "2026-11-27T18:05:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001302", "kind": "part-noted", "paid": 15, "part": "supply-1"}', 'decb745c0d3848e88be9961680851d439b3288ba4e3c19149002ae024d0413f1', '2026-11-27 18:54:09.334+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001300', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001303', '{"at": "2026-11-27T18:05:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001303", "kind": "part-noted", "paid": 20, "part": "supply-2"}', '07e86f005731bb98e99aebe9ef95809463696caf98f1e4231a840a2e919683f2', '2026-11-27 18:54:09.334+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001300', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001304', '{"at": "2026-11-27T18:06:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001304", "kind": "part-noted", "paid": 12, "part": "module-1", "ratedMts": 2666}', '784a23680d594b716aa61987e803f44cdfa50f77bd3f6dedbcc19a1be0a81294', '2026-11-27 18:54:09.334+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001300', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001305', '{"at": "2026-11-27T18:06:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001305", "kind": "part-noted", "paid": 12, "part": "module-2", "ratedMts": 3200}', '624917e8d58339d5a0f3ec3413f19ba8cb9d83e57d5935d0464ede8ef940ecff', '2026-11-27 18:54:09.334+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001300', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001306', '{"at": "2026-11-27T18:11:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001306", "kind": "trial-done", "note": "With supply 1.", "trial": "start", "outcome": "dead"}', 'da6f2d4e815812c92d8ca26aae1c94940a3085300266b446831396659ad1a8f3', '2026-11-27 18:54:09.334+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001300', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001307', '{"at": "2026-11-27T18:14:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001307", "kind": "trial-done", "trial": "look/rocker/supply-1", "outcome": "at-i"}', 'c43f1578aca84de33b728c254e327ff30a701bef674a78ec2c7b83be18bf8708', '2026-11-27 18:54:09.334+00', NULL),
	('0d3a0c00-0000-4000-8000-000000001300', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0d3a0c00-0000-4000-8000-000000001308', '{"at": "2026-11-27T18:22:09.095Z", "by": "Runa", "id": "0d3a0c00-0000-4000-8000-000000001308", "kind": "trial-done", "note": "Picture after 20 seconds.", "trial": "back/supply-2", "outcome": "works"}', 'd9e76eb57e1ef871dbabbf9a8cece32c1fa5eb46f708bc9b2586862a77cb470a', '2026-11-27 18:54:09.334+00', NULL),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000014', '{"at": "2026-06-01T09:20:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000014", "kind": "case-opened", "told": "dark", "owner": "sealed:b0841929251d4174834abb4ae28484b5d8f9138e89badd8d2180b87fb060b3d9", "machine": {"name": "Counter machine", "board": {"slots": [{"name": "A2", "channel": "A"}, {"name": "B2", "channel": "B"}], "speaker": true, "trainsMemory": false}, "parts": [{"id": "module-1", "kind": "module"}, {"id": "drive", "kind": "drive"}, {"id": "front-usb", "kind": "front-usb"}]}, "complaint": "Does not start.", "circumstances": ["old"]}', 'fc8e29978d13aa19cb72a913896f016d48f902c0df398662357dc8d59086fc12', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000015', '{"at": "2026-06-01T09:21:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000015", "kind": "trial-done", "trial": "look/front-ports/front-usb", "outcome": "could-not"}', 'b85cc2aa5a3d770e98ede3b5b700c15c9d7099f442f483d2230984f825630346', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000016', '{"at": "2026-06-01T09:22:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000016", "kind": "trial-done", "trial": "minimal-in-case", "outcome": "works"}', 'b4c95ce67d65ccd835978ebaf521b74e443dc3ef5ea13f9b8d9de604489399de', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000017', '{"at": "2026-06-01T09:23:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000017", "kind": "trial-done", "trial": "load-with-defaults", "outcome": "could-not"}', 'e7ede260584c74e394d6004a5b13a9b18cc4cfb5297954358441f81e41cacd1d', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000018', '{"at": "2026-06-01T09:24:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000018", "kind": "trial-done", "trial": "bridge-pins", "outcome": "could-not"}', '1c7eeefb5f271a31404abc49f30052082da5a24873a0f28b8028cdaf4ff36a2b', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000019', '{"at": "2026-06-01T09:25:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000019", "kind": "trial-done", "trial": "start", "outcome": "dead"}', '9fe85821573bcf956d8c0730767c623f2764c5e6f10d06596bcb82018c7f86a8', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000001a', '{"at": "2026-06-01T09:26:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000001a", "kind": "trial-done", "trial": "start-and-wait", "outcome": "not-sure"}', '71acf7245ef44ba8fd22aa05701044bb06343120907a37307f9ffb7baf87c130', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000001b', '{"at": "2026-06-01T09:27:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000001b", "kind": "trial-done", "trial": "build/drive", "outcome": "twitch"}', '2b005b72608cf31b44180185ad5018fa88449dd6d60616e4ebf4cea6b1b766cb', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 9, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000001c', '{"at": "2026-06-01T09:28:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000001c", "kind": "trial-done", "trial": "load-with-spare/cooler", "outcome": "fans-full"}', 'ddfa9a21251ee376278a89e6017569fb4d6fb5ad7debf3bf18d3fa818a3416eb', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 10, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000001d', '{"at": "2026-06-01T09:29:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000001d", "kind": "trial-done", "trial": "load-with-defaults", "outcome": "cuts-out"}', '4bb51697995dce38d4ca287cdddf4c0399e8eaf82cd44df626b2d963c2625d93', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 11, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000001e', '{"at": "2026-06-01T09:30:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000001e", "kind": "trial-done", "trial": "run-under-load", "outcome": "no-boot"}', '5bbae643b1dbf54ab5bb4b8277478b2a5e0d74947da5652a44a5db60f3014a04', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 12, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000001f', '{"at": "2026-06-01T09:31:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000001f", "kind": "trial-done", "trial": "only/module-1/slot-B2", "outcome": "cuts-out"}', 'a61312a2bbd59cb50ed831b3de6262a4634fd2603e1dfb2998b349067a778539', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 15, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000022', '{"at": "2026-06-01T09:34:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000022", "kind": "trial-done", "trial": "measure/coin-cell-volts/coin-cell", "outcome": "not-sure"}', '737e44ed524367bc5b754e9d80e310689f4a20580e0e034e1a6acb0f2edbee94', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', 16, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000023', '{"at": "2026-06-01T09:35:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000023", "kind": "trial-done", "trial": "look/monitor-other-source/monitor", "outcome": "not-sure"}', '21dec0734559465edd549c034b3d9dfc05806657d40f8ff9ffdf7cedd3acb1bc', '2026-11-27 18:54:09.945+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000024', '{"at": "2026-06-01T09:36:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000024", "kind": "case-opened", "told": "fans-full", "owner": "sealed:c5ab8a1c792de3321c288a100666a4fca9d146f558fb9b4f75b3ff1967f17256", "machine": {"name": "Drawing machine", "board": {"slots": [{"name": "A2", "channel": "A"}, {"name": "B2", "channel": "B"}, {"name": "A1", "channel": "A"}, {"name": "B1", "channel": "B"}], "stageLights": true}, "parts": [{"id": "module-1", "kind": "module"}, {"id": "module-2", "kind": "module"}, {"id": "card", "kind": "card"}, {"id": "drive", "kind": "drive"}, {"id": "m2", "bus": "m2", "kind": "drive"}, {"id": "front-usb", "kind": "front-usb"}, {"id": "front-audio", "kind": "front-audio"}, {"id": "fan", "kind": "fan"}], "builtInGraphics": false}, "complaint": "Does not start.", "circumstances": ["new-build"]}', '071c844e954ba19b1c98fa5f684c61095561d2440b80e4d7ad8203ac2ff09890', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000025', '{"at": "2026-06-01T09:37:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000025", "kind": "trial-done", "trial": "spare/board", "outcome": "blank"}', 'd8aecffd2f2f34ec4ed1b6da127115f9967294147bb594f5223ab47b6b6559c1', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000026', '{"at": "2026-06-01T09:38:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000026", "kind": "trial-done", "trial": "measure/ripple-12/supply", "outcome": "high"}', 'bda39dc8e9052d823f7aacf6af5944275019c36bc345df8487e6b48eeaf89c89', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000027', '{"at": "2026-06-01T09:39:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000027", "kind": "trial-done", "trial": "out/front-audio", "outcome": "message-keyboard"}', '5c6b685b5139786e1f67d9dbb723cb16b6f7a7695cfc71994dcd6123bc63621b', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000028', '{"at": "2026-06-01T09:40:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000028", "kind": "trial-done", "trial": "back/board", "outcome": "at-processor"}', 'e302638af862082caa3b6b40c1d0c8cc3fed07bef5ccbaac9b74bcbd351a83be', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000029', '{"at": "2026-06-01T09:41:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000029", "kind": "trial-done", "trial": "start-and-wait", "outcome": "message-fan"}', '71ac288499a8e4c68a294f0fcc597fdace4ddfea24202047277b1a3b718fd249', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab');
INSERT INTO public.case_events VALUES
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000002a', '{"at": "2026-06-01T09:42:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000002a", "kind": "trial-done", "trial": "spare/drive", "outcome": "dark"}', '07521e761cc1b99d2f72f29d87a6cd37ed6d59abcf0fefb11d31c29947285e3f', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000002b', '{"at": "2026-06-01T09:43:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000002b", "kind": "trial-done", "trial": "start-and-wait", "outcome": "fans-full"}', '8f69fbfa2e68fb79ccfd5ffdd29e7663df07c10b2f4727f1499ade73d03ec383', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 9, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000002c', '{"at": "2026-06-01T09:44:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000002c", "kind": "trial-done", "trial": "run-under-load", "outcome": "message-keyboard"}', 'a8bc0c1fe281c5cb550731a0557230998a2fa351a51c05459c34bc2c748ef91c', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 10, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000002d', '{"at": "2026-06-01T09:45:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000002d", "kind": "trial-done", "trial": "minimal-in-case", "outcome": "at-processor"}', 'f39cceb26e71bfc110bb3bef24a8a01f2c90a66b6d64edc442a5d623b0e4ad94', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 11, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000002e', '{"at": "2026-06-01T09:46:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000002e", "kind": "trial-done", "trial": "spare/case-switch", "outcome": "message-settings"}', '4affeea1904f3282145594b38b9119242afe27779d9d5a76561a15f1e8c10e54', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 12, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000002f', '{"at": "2026-06-01T09:47:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000002f", "kind": "trial-done", "trial": "minimal-in-case", "outcome": "fans-full"}', 'b9710221cb35f62b02fc309745b8d88a90c4bea3fc24ad1e4fc9d491b479813e', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 13, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000030', '{"at": "2026-06-01T09:48:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000030", "kind": "trial-done", "trial": "only/module-1/slot-A2", "outcome": "at-memory"}', 'c3becfca4ce4b63590e751fdddc9059f525e39ae0fc5e037f52fa5731e384a91', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 14, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000031', '{"at": "2026-06-01T09:49:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000031", "kind": "trial-done", "trial": "build/drive", "outcome": "dark"}', 'a348f5651163c01ab172c31db4a019b7ffaa62ad5d41035c3bb71d21d2a8c949', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 15, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000032', '{"at": "2026-06-01T09:50:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000032", "kind": "trial-done", "trial": "out/drive", "outcome": "at-processor"}', '559c2baf1c2c507ab73d68c248fa9444917aec7d7b9bced28e8d3836b59e1eb7', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', 16, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000033', '{"at": "2026-06-01T09:51:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000033", "kind": "trial-done", "trial": "look/cable-elsewhere/display-cable", "outcome": "dark"}', '4a58ea9d7b3069d5d86b1b4fe44bba5e4a9922dcbd90961bc966295e734323e4', '2026-11-27 18:54:09.985+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000047', '{"at": "2026-06-01T10:11:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000047", "kind": "trial-done", "trial": "load-with-defaults", "outcome": "at-processor"}', '51777739bcccbdc3333c4c2938b642e9897ffa85993576c9f850544412b2d49b', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000048', '{"at": "2026-06-01T10:12:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000048", "kind": "trial-done", "trial": "minimal-in-case", "outcome": "cuts-out"}', '3cf6f21c74b703d955a91630b2aa94188e9a62b0355afe0354d57b55a9294c74', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000034', '{"at": "2026-06-01T09:52:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000034", "kind": "case-opened", "told": "dark", "owner": "sealed:467000fe33dce5316d1b07d60ec28a7772dcd1648ebfc61bab3f451f5ddbcb73", "machine": {"name": "Editing machine", "board": {"slots": [{"name": "A2", "channel": "A"}, {"name": "B2", "channel": "B"}, {"name": "A1", "channel": "A"}, {"name": "B1", "channel": "B"}], "stageLights": true, "checkpointDisplay": true}, "parts": [{"id": "module-1", "kind": "module"}, {"id": "module-2", "kind": "module"}, {"id": "module-3", "kind": "module"}, {"id": "module-4", "kind": "module"}, {"id": "card", "kind": "card"}, {"id": "drive", "kind": "drive"}, {"id": "m2", "bus": "m2", "kind": "drive"}, {"id": "front-usb", "kind": "front-usb"}, {"id": "front-usb-c", "kind": "front-usb"}, {"id": "reader", "kind": "usb-device"}], "builtInGraphics": true}, "complaint": "Does not start.", "circumstances": ["memory-changed"]}', '302b012ee8d1026348900665965a8e13fd408e22954bbeeb2af6b4888ea5f1ec', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000035', '{"at": "2026-06-01T09:53:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000035", "kind": "trial-done", "trial": "start-and-wait", "outcome": "no-boot"}', 'f54651a05f4d3e6d9aff4538bc1db8df664129d5e78085ae9839be20816cd515', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000036', '{"at": "2026-06-01T09:54:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000036", "kind": "trial-done", "trial": "spare/module-3", "outcome": "cuts-out"}', '5f656553d6eee16966a012067bd61973b3a3720459e36bb42ed9539afeb29ea4', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000037', '{"at": "2026-06-01T09:55:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000037", "kind": "trial-done", "trial": "measure/rail-12-load/supply", "outcome": "low"}', '1851daf4e4c57c2e197f0b9b67ecd9f66c97940bfd2a5a4f5abfb8671ac28eb3', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000038', '{"at": "2026-06-01T09:56:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000038", "kind": "trial-done", "trial": "build/memory", "outcome": "dead"}', 'e38701d0cd6ec0ca45f17a51625af2758dac3c91a210bf36b9a994200786e97d', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000039', '{"at": "2026-06-01T09:57:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000039", "kind": "trial-done", "trial": "back/module-3", "outcome": "could-not"}', '7a944356fdfb0d6ebd3252117b9438f8461710502b7663d52297859dc78b4a2e', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000003a', '{"at": "2026-06-01T09:58:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000003a", "kind": "trial-done", "trial": "look/front-leads/front-usb-c", "outcome": "not-sure"}', 'a28253afb890073254438ece91509c1152faa176f12fcd85eece9d99a42695a4', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000003b', '{"at": "2026-06-01T09:59:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000003b", "kind": "trial-done", "trial": "load-with-defaults", "outcome": "could-not"}', '0ec1931e5a2d5516ea86ee84ec2bed521c2a4357a6e495c9b374193c92201dea', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 9, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000003c', '{"at": "2026-06-01T10:00:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000003c", "kind": "trial-done", "trial": "look/cooler-mount/cooler", "outcome": "touches"}', '398a0a43e54164c127ed4e73e4de0911e640ac21a62654cff87541ad1693cf61', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 10, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000003d', '{"at": "2026-06-01T10:01:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000003d", "kind": "trial-done", "trial": "back/front-usb-c", "outcome": "message-fan"}', 'f5680b18ddc3ddf126f0f48afbf576475cf152ba3e48bd4b5429026dda40abc5', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 11, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000003e', '{"at": "2026-06-01T10:02:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000003e", "kind": "trial-done", "trial": "fix/clean-slot@slot-A2", "outcome": "message-fan"}', '1e6c09eff4c21e97fee4d16d32e985c33127f3945417612725d6c43d8ade3988', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 12, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000003f', '{"at": "2026-06-01T10:03:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000003f", "kind": "trial-done", "trial": "load-with-defaults", "outcome": "message-keyboard"}', '7e0223fb05252f213d8da905114b6c453536e8cb382ef100e20d59542887ccfb', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 13, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000040', '{"at": "2026-06-01T10:04:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000040", "kind": "trial-done", "trial": "build/memory", "outcome": "at-graphics"}', '9f591646cad4614b6ec6aded9dea4a35b7ba18cbda666a429c9cfa1f1a36e9bf', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 14, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000041', '{"at": "2026-06-01T10:05:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000041", "kind": "trial-done", "trial": "minimal-in-case", "outcome": "works"}', '6f480f576363cdc9089219ae776280d09360b4f556f030aab3649a807afc6b19', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 15, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000042', '{"at": "2026-06-01T10:06:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000042", "kind": "trial-done", "trial": "run-under-load", "outcome": "at-graphics"}', '0cd27d849b9423e79106efd0758d1cacf5b5f98dad91d3a2d8626f60f579bda3', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', 16, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000043', '{"at": "2026-06-01T10:07:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000043", "kind": "trial-done", "trial": "start", "outcome": "message-settings"}', 'f9720e01807d1b95c708ba2272cf353d67ec458b11976463e1bec18b9c7a8d20', '2026-11-27 18:54:10.015+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000044', '{"at": "2026-06-01T10:08:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000044", "kind": "case-opened", "told": "message-settings", "owner": "sealed:cffc1167e904d974c51868d9a44d823a33c9cdee515518bc7b0c79a92269c998", "machine": {"name": "Palm-size kiosk", "parts": [{"id": "module-1", "kind": "module"}, {"id": "adapter", "kind": "adapter"}, {"id": "drive", "kind": "drive"}]}, "complaint": "Does not start.", "circumstances": ["moved"]}', '69e27f0f5a22501655bead964f14d8002e1614ca981748210728a418009ebc22', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000045', '{"at": "2026-06-01T10:09:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000045", "kind": "trial-done", "trial": "bridge-pins", "outcome": "at-memory"}', '6181a4afe4bf5d8419942f79e1d35a8dc74db2d658a2b1ff9c8d07c50699256c', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000046', '{"at": "2026-06-01T10:10:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000046", "kind": "trial-done", "trial": "run-under-load", "outcome": "message-settings"}', '986fa8d0a913121823f829c9ed9193f3e1cc4472211835793cfac0bc1ca6c0e0', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000049', '{"at": "2026-06-01T10:13:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000049", "kind": "trial-done", "trial": "measure/coin-cell-volts/coin-cell", "outcome": "not-sure"}', 'ccb00a22ed62a539853014c3ba85492e4eb4bb6edf73805e9719b7bcc8db6399', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000004a', '{"at": "2026-06-01T10:14:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000004a", "kind": "trial-done", "trial": "start-and-wait", "outcome": "at-graphics"}', '7392a84e8752f189b4ff16489010fa5fc739ec866ae6ec1fe4aaa6c75e59e6c3', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000004b', '{"at": "2026-06-01T10:15:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000004b", "kind": "trial-done", "trial": "look/joint-press/board", "outcome": "answers"}', 'ec80ef8aa2271a1b4884feb9fcaab6a535b364df0fbe0a25671777e120787452', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 9, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000004c', '{"at": "2026-06-01T10:16:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000004c", "kind": "trial-done", "trial": "load-with-spare/cooler", "outcome": "dark"}', 'c54edb56a9abe41a548762e1bffb54bf05f0ee84630ffc4bdb4f1af3775d60fa', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 10, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000004d', '{"at": "2026-06-01T10:17:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000004d", "kind": "trial-done", "trial": "fix/push-cord@adapter", "outcome": "message-keyboard"}', '686f3203434049334bc1aae1fc7072ca14705a1055e2c1ee1234860ca4e3bca3', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 11, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000004e', '{"at": "2026-06-01T10:18:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000004e", "kind": "trial-done", "trial": "only/module-1/slot-A2", "outcome": "message-keyboard"}', '0f0a5ca7fe93d04c7bcd9b56719d45b604f4e39a104a7c982f2917a288b006cd', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 12, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000004f', '{"at": "2026-06-01T10:19:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000004f", "kind": "trial-done", "trial": "minimal-on-bench", "outcome": "dead"}', '53d4ba204c247b55ccb6db995837e71fd875393119edd06d061e850abbd8b646', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 13, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000050', '{"at": "2026-06-01T10:20:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000050", "kind": "trial-done", "trial": "build/memory", "outcome": "dark"}', '7371835f25839d5cbc57964e30ff85a15f2fd9e99b4515c7739eccdfcabb4794', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 14, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000051', '{"at": "2026-06-01T10:21:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000051", "kind": "trial-done", "trial": "minimal-on-bench", "outcome": "loop"}', '660705db6b0f4082d9d48a3c1f57780cb09e3d3ccd3ad646ddc3023a1938cbbb', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 15, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000052', '{"at": "2026-06-01T10:22:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000052", "kind": "trial-done", "trial": "build/processor", "outcome": "twitch"}', '0870a98b7319f95dc25b0081c00b2884f833af13adfa683a39e3103f97b04693', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', 16, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000053', '{"at": "2026-06-01T10:23:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000053", "kind": "trial-done", "trial": "bridge-pins", "outcome": "system-stops"}', '1c57d59d92625fe0b3d99dd6d7435ecab5554cfde57c9c2dd92f3866ab3be3c9', '2026-11-27 18:54:10.044+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000054', '{"at": "2026-06-01T10:24:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000054", "kind": "case-opened", "told": "message-keyboard", "owner": "sealed:98f5381e44a773778b60bf8c5651a5d90b41555b46e93286b5add449264e29a0", "machine": {"name": "Second-hand office machine", "board": {"slots": [{"name": "A2", "channel": "A"}, {"name": "B2", "channel": "B"}, {"name": "A1", "channel": "A"}, {"name": "B1", "channel": "B"}]}, "parts": [{"id": "module-1", "kind": "module"}, {"id": "module-2", "kind": "module"}, {"id": "drive", "kind": "drive"}, {"id": "front-usb", "kind": "front-usb"}, {"id": "stick", "kind": "usb-device"}]}, "complaint": "Does not start.", "circumstances": ["used-parts"]}', '3983618007bbe3a2111b51ea29f9dc50978bbcf5f239bf22d66750439d662923', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000055', '{"at": "2026-06-01T10:25:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000055", "kind": "trial-done", "trial": "only/module-1/slot-A2", "outcome": "blank"}', '44ea8eb108dfb27c4dbfd701c736b2d38d854ff3d68641b91c93e84b2dfd54a9', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000056', '{"at": "2026-06-01T10:26:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000056", "kind": "trial-done", "trial": "build/memory", "outcome": "fans-full"}', '5437c0c67a34bd67d1b30c626d03bf3dc76a15762d6ec7541db65fffa34ae529', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000057', '{"at": "2026-06-01T10:27:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000057", "kind": "trial-done", "trial": "bridge-pins", "outcome": "message-keyboard"}', '377b08cc053a6ccb44bf3ef88212f54cf656f998b948ba8c3731afad018496f1', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000058', '{"at": "2026-06-01T10:28:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000058", "kind": "trial-done", "trial": "load-with-spare/cooler", "outcome": "message-settings"}', '620eb140d39430096ed305c2a9c150fcdc4e6f51bd3c39f7e5362bc344f14f11', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000059', '{"at": "2026-06-01T10:29:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000059", "kind": "trial-done", "trial": "start-and-wait", "outcome": "loop"}', '9f6e994dc9aca7cd87d40306b3f6942cdcc9cd33164c5b2561878b3abfdb9edb', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000005a', '{"at": "2026-06-01T10:30:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000005a", "kind": "trial-done", "trial": "fix/correct-header@case-switch", "outcome": "at-processor"}', '8bcc9235c3538019c0c86fc8ca4576d8a4e2e2ae5c5c0ae35be8bc6c6a7f3300', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000005b', '{"at": "2026-06-01T10:31:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000005b", "kind": "trial-done", "trial": "start-and-wait", "outcome": "dark"}', '193aedde2fff8f7d3b30227c55187654fa954723a97b8e19c97df915e1bc896f', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab');
INSERT INTO public.case_events VALUES
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 9, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000005c', '{"at": "2026-06-01T10:32:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000005c", "kind": "trial-done", "trial": "only/module-1/slot-A2", "outcome": "twitch"}', 'ef681cd97de48ce3fd1c814015da13c449ee9bbf8ac9c3983a9bffce2e9c4427', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 10, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000005d', '{"at": "2026-06-01T10:33:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000005d", "kind": "trial-done", "trial": "start", "outcome": "message-fan"}', '88a62911200b8d5126e686007cb575d64bc40fae914fbbd79bd1b4f0cbaf9e9d', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 11, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000005e', '{"at": "2026-06-01T10:34:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000005e", "kind": "trial-done", "trial": "start", "outcome": "at-memory"}', 'f12df5885af96d1a4f949539ae2b470c9032255cdd33aa35d593a1f136b4fabb', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 12, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000005f', '{"at": "2026-06-01T10:35:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000005f", "kind": "trial-done", "trial": "run-under-load", "outcome": "at-graphics"}', '4a6a7a7f7f5856682a4ba3b6a73a15f22b9c9b65631783cdfbac98d49a5689ba', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 13, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000060', '{"at": "2026-06-01T10:36:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000060", "kind": "trial-done", "trial": "back-in-case", "outcome": "could-not"}', 'b38e30e22e773f92fa41fdf7fb0ca73f3d242c6a4f2924ffb2b47408fbe2433d', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 14, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000061', '{"at": "2026-06-01T10:37:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000061", "kind": "trial-done", "trial": "minimal-in-case", "outcome": "loop"}', '848bc8af266fbb2ef35a61c0559f10495b19369ea351ddd0a4a1c2d2d444d297', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 15, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000062', '{"at": "2026-06-01T10:38:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000062", "kind": "trial-done", "trial": "look/slot-debris/slot-B2", "outcome": "could-not"}', '7372ade7301598359419569f4db0bcc41d5347a3cf95fd44c4c5e80a0e7928c1', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', 16, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000063', '{"at": "2026-06-01T10:39:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000063", "kind": "trial-done", "trial": "back-in-case", "outcome": "no-boot"}', 'a9f4be2f46e0b30c05577ea9495a215eae1833d9807f359c3344d728b5a46b2d', '2026-11-27 18:54:10.078+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000064', '{"at": "2026-06-01T10:40:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000064", "kind": "case-opened", "told": "message-keyboard", "owner": "sealed:d54ddb403850675913b2c1aa267546a349d59ba15f684c1505227ee97d0eb978", "machine": {"name": "Home machine", "board": {"slots": [{"name": "A2", "channel": "A"}, {"name": "B2", "channel": "B"}, {"name": "A1", "channel": "A"}, {"name": "B1", "channel": "B"}], "stageLights": true}, "parts": [{"id": "module-1", "kind": "module"}, {"id": "module-2", "kind": "module"}, {"id": "card", "kind": "card"}, {"id": "drive", "kind": "drive"}, {"id": "front-usb", "kind": "front-usb"}, {"id": "front-audio", "kind": "front-audio"}], "builtInGraphics": true}, "complaint": "Does not start.", "circumstances": []}', '063960c159bd48fc8c78fb0657485e76eb4bfb8a554333361eab1b49c368ba42', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000065', '{"at": "2026-06-01T10:41:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000065", "kind": "trial-done", "trial": "start-and-wait", "outcome": "at-graphics"}', '0a805b5ca000d90d015c55d2e91f38cb52897dfd733efce5ea8c6a124ba8a0a0', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000066', '{"at": "2026-06-01T10:42:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000066", "kind": "trial-done", "trial": "bridge-pins", "outcome": "message-settings"}', 'c69507486bc5f8625659f86ef4f13ea3f5b6e257cfb9e6fe2fc3c050c1832365', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000067', '{"at": "2026-06-01T10:43:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000067", "kind": "trial-done", "trial": "only/module-2/slot-A1", "outcome": "message-usb"}', 'f84072a363b14743b3bde28b4d1427c66ec3f54b4489cb13c6e7c7dba00ed5fa', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000068', '{"at": "2026-06-01T10:44:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000068", "kind": "trial-done", "trial": "out-all/front-leads", "outcome": "loop"}', 'aa6da418bf7fa856072bb23d2128a57091a9d34b3b6426271a4112cb37f3fe1e', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000069', '{"at": "2026-06-01T10:45:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000069", "kind": "trial-done", "trial": "only/module-2/slot-A2", "outcome": "message-usb"}', 'db949a991a2517b33f15a30c405feb98049277a8c175287330f46b30d6a8c237', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000006a', '{"at": "2026-06-01T10:46:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000006a", "kind": "trial-done", "trial": "build/drive", "outcome": "message-keyboard"}', '2c60f4e2cb98d2b7d0bb5e4afd80916e8f4a1ef692b1dffe74254a3cc22738bb', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000006b', '{"at": "2026-06-01T10:47:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000006b", "kind": "trial-done", "trial": "only/module-2/slot-B1", "outcome": "at-graphics"}', '7385272b38808953a781ac7d0916aacef7d254bf9e9f5b1b7fdcae1f66b98d04', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 9, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000006c', '{"at": "2026-06-01T10:48:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000006c", "kind": "trial-done", "trial": "load-with-defaults", "outcome": "works"}', '1841e9aafe48e06743b6a00dfb79e9e354d85bd89d8b231e555d2ce8f3c36876', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 10, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000006d', '{"at": "2026-06-01T10:49:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000006d", "kind": "trial-done", "trial": "fix/look-deeper@link-picture", "outcome": "works"}', '044293dc04df6032da92350c3dace440074cb54d0b67a5589fcfdd8dbcfcd5f5', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 11, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000006e', '{"at": "2026-06-01T10:50:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000006e", "kind": "trial-done", "trial": "back-in-case", "outcome": "no-boot"}', 'd41f3d02b080f2a691a67b99b60a706c802392aee5586801c3ca14bba89c392b', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 12, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000006f', '{"at": "2026-06-01T10:51:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000006f", "kind": "trial-done", "trial": "start-and-wait", "outcome": "dead"}', '1097e4a84dc556e7b68c80c6ca8ff928e774df49896580aabb73093df128efcb', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 13, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000070', '{"at": "2026-06-01T10:52:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000070", "kind": "trial-done", "trial": "fix/use-live-outlet@outlet", "outcome": "works"}', '546556afecd285303f403edaa6540dfdec944f611a886853831267f13f10e33d', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 14, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000071', '{"at": "2026-06-01T10:53:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000071", "kind": "trial-done", "trial": "build/processor", "outcome": "dark"}', '0eacd294c769f2e4e6c5706075199eb17050383b1d91f921be2c557993f227e5', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 15, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000072', '{"at": "2026-06-01T10:54:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000072", "kind": "trial-done", "trial": "start-and-wait", "outcome": "dead"}', '1f914274ba365b53b6ab6e8bc7d2fbe5ef7e2def1485a242ffaf24398d8942a6', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', 16, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000073', '{"at": "2026-06-01T10:55:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000073", "kind": "trial-done", "trial": "measure/rail-12-load/supply", "outcome": "low"}', '0b2485a7c54297ecc14b045d010383951603b73ffbe143cbe99a9c406bb49139', '2026-11-27 18:54:10.106+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000074', '{"at": "2026-06-01T10:56:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000074", "kind": "case-opened", "told": "message-keyboard", "owner": "sealed:d4e544fa00f4fe70ff93557bdf98b81b06d03a44f204cd6ae242a475034ca895", "machine": {"name": "Workshop machine", "board": {"slots": [{"name": "A2", "channel": "A"}, {"name": "B2", "channel": "B"}, {"name": "A1", "channel": "A"}, {"name": "B1", "channel": "B"}], "speaker": true}, "parts": [{"id": "module-1", "kind": "module"}, {"id": "module-2", "kind": "module"}, {"id": "card", "kind": "card"}, {"id": "drive", "kind": "drive"}, {"id": "front-usb", "kind": "front-usb"}], "builtInGraphics": false}, "complaint": "Does not start.", "circumstances": ["spill", "moved"]}', '59752e25b8d56815efc8126a10b79322f7fccc88fea71609330ca948eacbb531', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000075', '{"at": "2026-06-01T10:57:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000075", "kind": "trial-done", "trial": "build/drive", "outcome": "at-graphics"}', '3fa1f4334d57a5289136a9fa9993f67538bc9a9c13ab4c813a65984f66a29f9d', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000076', '{"at": "2026-06-01T10:58:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000076", "kind": "trial-done", "trial": "minimal-on-bench", "outcome": "message-fan"}', '18e421dd7f449451f6e240c33368fedbcd04f26ea4a7523e0e7018ffc0537b77', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000077', '{"at": "2026-06-01T10:59:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000077", "kind": "trial-done", "trial": "run-under-load", "outcome": "message-usb"}', '0d3c0b5ad87675660be1ad6fc3c3fdac9edb599b4ab99c4e04c25bbc09128176', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000078', '{"at": "2026-06-01T11:00:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000078", "kind": "trial-done", "trial": "start-and-wait", "outcome": "dead"}', 'f2b08f70dd0fcf55fe7956fd00e1e424ba4e92ed8f824c3de84760e0d97ec471', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000079', '{"at": "2026-06-01T11:01:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000079", "kind": "trial-done", "trial": "run-under-load", "outcome": "at-memory"}', '3dfae18ea2aee02f5463c6996bc801f55f52121d01b567ba4b0bd06dabb4e398', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000007a', '{"at": "2026-06-01T11:02:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000007a", "kind": "trial-done", "trial": "spare/supply", "outcome": "message-usb"}', '093a09334eaa09dfc20f6d7b25547d3f1e04bf9736bd1186faffd793c1d80780', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000007b', '{"at": "2026-06-01T11:03:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000007b", "kind": "trial-done", "trial": "load-with-spare/cooler", "outcome": "not-sure"}', '10bec3005fee2966481dec1dc5bb2b3be6f08d4d6cc1e86988052f5ce8a3b3ab', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 9, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000007c', '{"at": "2026-06-01T11:04:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000007c", "kind": "trial-done", "trial": "load-with-defaults", "outcome": "system-stops"}', 'f6b1c808c8f3cfd867d4f2088d1dd113cba8f386e01ab0a6e81620595e1b98ec', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 10, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000007d', '{"at": "2026-06-01T11:05:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000007d", "kind": "trial-done", "trial": "start-and-wait", "outcome": "dark"}', 'edcda36343903687aeba99a7f9044f3a602be13d881fadc85e8e5d9572e2b862', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 11, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000007e', '{"at": "2026-06-01T11:06:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000007e", "kind": "trial-done", "trial": "build/graphics", "outcome": "dead"}', 'dac740c980865144e138b220f02e6aa289f96c5f632ccbd1e58779911ef68142', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 12, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000007f', '{"at": "2026-06-01T11:07:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000007f", "kind": "trial-done", "trial": "run-under-load", "outcome": "system-stops"}', '0842b2d564114f966c92f28e5fe223172e434d582c06ad9fa21541fd9325e6bb', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 13, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000080', '{"at": "2026-06-01T11:08:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000080", "kind": "trial-done", "trial": "only/module-2/slot-A1", "outcome": "blank"}', '945383419d1e5dd85b24ce4594041fca6fbb342e997faaa0e2dde3aa18fc7616', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 14, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000081', '{"at": "2026-06-01T11:09:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000081", "kind": "trial-done", "trial": "start", "outcome": "message-settings"}', 'ffc7b3d84aad600249115cccf0994139dba7bbdde4bad4a075595a428ed2e208', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 15, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000082', '{"at": "2026-06-01T11:10:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000082", "kind": "trial-done", "trial": "only/module-1/slot-B1", "outcome": "message-keyboard"}', 'c7691831c9ed5f951559e22509ba689097f7980a3d908adc02e90bf81215acaa', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', 16, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000083', '{"at": "2026-06-01T11:11:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000083", "kind": "trial-done", "trial": "bridge-pins", "outcome": "dead"}', '6bfa4ea24be7479d5929c8f6f83760f3da0c07d3b5c2647e91bd7132b96016e8', '2026-11-27 18:54:10.126+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000084', '{"at": "2026-06-01T11:12:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000084", "kind": "case-opened", "told": "no-boot", "owner": "sealed:a31905b12f6971f05188f6c8ec6dac18cc5d4f92b32be2bf80a07013a9e78a86", "machine": {"name": "Tuned machine", "board": {"slots": [{"name": "A2", "channel": "A"}, {"name": "B2", "channel": "B"}, {"name": "A1", "channel": "A"}, {"name": "B1", "channel": "B"}], "stageLights": true, "checkpointDisplay": true}, "parts": [{"id": "module-1", "kind": "module"}, {"id": "module-2", "kind": "module"}, {"id": "card", "kind": "card"}, {"id": "m2", "bus": "m2", "kind": "drive"}, {"id": "fan", "kind": "fan"}], "builtInGraphics": false}, "complaint": "Does not start.", "circumstances": ["settings-changed"]}', 'feb6e50a6ea6918a634fbd8d2d8e851350201ae7c72346b9b0a041f583fd44ad', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000085', '{"at": "2026-06-01T11:13:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000085", "kind": "trial-done", "trial": "fix/replace@case-switch", "outcome": "blank"}', '53098447f2dc0fca10e44308442832f7b381b343f27298d8ccca4b4b8faa8e7d', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000086', '{"at": "2026-06-01T11:14:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000086", "kind": "trial-done", "trial": "measure/power-good/supply", "outcome": "could-not"}', 'cadc639df1dbf0a74e8d73a8bc56b4d4b9fce91f7fd8c26d4382ef46989775f2', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000087', '{"at": "2026-06-01T11:15:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000087", "kind": "trial-done", "trial": "start-and-wait", "outcome": "loop"}', '25147c4e001f00e548df41bec82477562630ea62777fe45b5acf6e3ccdeab599', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000088', '{"at": "2026-06-01T11:16:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000088", "kind": "trial-done", "trial": "minimal-in-case", "outcome": "message-fan"}', '9188d1d4ce5319d718da163b5debabe20bdaaed65d1c81aa53523191ddf98ef7', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000089', '{"at": "2026-06-01T11:17:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000089", "kind": "trial-done", "trial": "fix/reset-settings@board", "outcome": "message-settings"}', '32d6fbcee6467cdbeeec4167eb7b602a2bcfab52676ddf82b5f6a7b5ff4dc161', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000008a', '{"at": "2026-06-01T11:18:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000008a", "kind": "trial-done", "trial": "fix/look-deeper@link-boot", "outcome": "message-settings"}', '0b2a377254db97a69275c7b0980029cb1bc4913e0474af39680cf661aa2cd662', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000008b', '{"at": "2026-06-01T11:19:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000008b", "kind": "trial-done", "trial": "minimal-in-case", "outcome": "cuts-out"}', 'b970c87fb1f2a3bf18704ee6ed3870f866639e88ba8123a37dfac8d0f84e792f', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 9, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000008c', '{"at": "2026-06-01T11:20:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000008c", "kind": "trial-done", "trial": "only/module-2/slot-A2", "outcome": "cuts-out"}', '14315ef9c1f02a2aabc19335316239cc9049d2b76deb3635ff030e633309bed7', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 10, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000008d', '{"at": "2026-06-01T11:21:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000008d", "kind": "trial-done", "trial": "spare/module-2", "outcome": "at-memory"}', 'fa0b836287b87f62b5b8cbc0641e5dce736229ca12b5be8f2f1ee13852974e99', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab');
INSERT INTO public.case_events VALUES
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 11, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000008e', '{"at": "2026-06-01T11:22:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000008e", "kind": "trial-done", "trial": "fix/look-deeper@link-start", "outcome": "could-not"}', '6da0730ecd283a15cad6e0ba51776ba157045e735ed399a7ea7a26c92e79db0d', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 12, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000008f', '{"at": "2026-06-01T11:23:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000008f", "kind": "trial-done", "trial": "only/module-1/slot-B2", "outcome": "message-settings"}', '06c237053745a2f4b314f8554413837ae8d6fc75e284bbccf1d678f821a9f266', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 13, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000090', '{"at": "2026-06-01T11:24:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000090", "kind": "trial-done", "trial": "look/case-fans/fan", "outcome": "not-sure"}', 'bfe1d9c683e9e7a11ae81f54eb6f8bb5e539725e3570ce280dfe7605c57b7724', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 14, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000091', '{"at": "2026-06-01T11:25:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000091", "kind": "trial-done", "trial": "run-under-load", "outcome": "message-fan"}', 'd38035e57fab4ce7f24f24bbc4fd520efaa1c2d26080ccbd1a2db45fa02ab270', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 15, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000092', '{"at": "2026-06-01T11:26:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000092", "kind": "trial-done", "trial": "run-under-load", "outcome": "dead"}', '69cb3d44b67b6a387ba49283b78ae9b28fedefdc5298a10f730dcf3e9258662e', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', 16, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000093', '{"at": "2026-06-01T11:27:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000093", "kind": "trial-done", "trial": "start", "outcome": "no-boot"}', '8b6164379a7f8176fbf547ec208ffe2db8cf91736b6d572f64bad04a24f1df3a', '2026-11-27 18:54:10.144+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000001', '{"at": "2026-06-01T09:01:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000001", "kind": "case-opened", "told": "dead", "owner": "sealed:5c2486822b08e3ab9a497cec07cd55ea66db232875c5efd0ac4c24bc25e760b5", "machine": {"name": "Every kind of entry", "board": {"speaker": true, "stageLights": true}, "parts": [{"id": "module-1", "kind": "module"}, {"id": "module-2", "kind": "module"}, {"id": "drive", "kind": "drive"}, {"id": "front-usb", "kind": "front-usb"}, {"id": "card", "kind": "card"}, {"id": "supply-2", "kind": "supply", "loose": true}], "builtInGraphics": true}, "complaint": "Nothing happens.", "circumstances": ["spill", "old"]}', 'faff99fedbecaf0d099dbfa2e9b38bd20aa9fe353464eaf968c27a866336d436', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000002', '{"at": "2026-06-01T09:02:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000002", "kind": "school-chosen", "school": "strip-down"}', 'a052a7aacef31a5f0a544a64be0f0f38b0be8a841a4972bafed34a899b6a141a', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000003', '{"at": "2026-06-01T09:03:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000003", "kind": "lacking-set", "tools": ["oscilloscope"], "spares": ["board"]}', '275d2846e6729cf1060c86a338c5e32987e0946c7dfe4ae1eef5e7c981492f61', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000004', '{"at": "2026-06-01T09:04:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000004", "kind": "trial-done", "note": "No light.", "trial": "start", "outcome": "dead"}', '3d18a2bf65a40b98f46d5f2b9337d774e80e169d9c510f141731ad5062aa6112', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-0000000000aa', '{"at": "2026-06-01T09:05:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-0000000000aa", "kind": "trial-done", "trial": "look/rocker/supply", "outcome": "off"}', '253e2d41b8f1b6509310449019296c5149dcceb3124f685fd93a858486ae3567', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000006', '{"at": "2026-06-01T09:06:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000006", "kind": "entry-struck", "entry": "0f0f0f0f-0000-4000-8000-0000000000aa", "reason": "Mistaken."}', '671f73f950c2436ab3feb62ef4095997b1e3ffdfdaf0303c6d1101cef3a54b6a', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000007', '{"at": "2026-06-01T09:07:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000007", "kind": "trial-done", "trial": "measure/vsb/supply", "volts": 5.02, "outcome": "within"}', '366099c34842746de014ddfe73d5a42de9340f5ae411945f5e309d43b9f77745', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000008', '{"at": "2026-06-01T09:08:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000008", "kind": "trial-done", "trial": "bridge-pins", "outcome": "could-not"}', '81dcb3f89ec1f0c90cbb7e75989d2ed1a13633a37bc54682bad4976822cb8147', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 9, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000009', '{"at": "2026-06-01T09:09:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000009", "kind": "configuration-changed", "changes": [{"to": {"state": "out"}, "kind": "place", "part": "module-2"}, {"to": "defaults", "kind": "settings"}]}', '9ad1371ed3f3989383d17a7d91fc62a052ced713b68f363845420a8863f11249', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 10, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000000a', '{"at": "2026-06-01T09:10:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000000a", "kind": "part-noted", "paid": 18, "part": "module-1", "ratedMts": 3200, "runningMts": 2666}', '2c55059256b5cfe8cd9d04322544b25ec9f1125ea5b7d59735f630868035eb7c', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 11, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000000b', '{"at": "2026-06-01T09:11:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000000b", "kind": "note-added", "text": "The strip is loose."}', '717baf1e42282a64cb11fdf7a0d2ea6e2d01a941e822d78d50dcf59caf245549', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 12, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000000c', '{"at": "2026-06-01T09:12:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000000c", "kind": "board-noted", "board": "1f1f1f1f-0000-4000-8000-000000000001", "model": "Skerry 4", "revision": "1.1", "installed": "1.02"}', '66c0d549a12c2ea2b8f636b33cc190fd3796ebc3d2255ee37dd16f06513a0ee3', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 13, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000000d', '{"at": "2026-06-01T09:13:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000000d", "to": "1.10", "end": "finished", "from": "1.02", "kind": "firmware-flashed", "method": "bare-board", "purpose": "update", "seconds": 210}', '8fdba1178b3ff1730e547556944283e5ec22304c43fb6a0501add68f008c0a85', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 14, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000000e', '{"at": "2026-06-01T09:14:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000000e", "done": ["Drained"], "kind": "firmware-verified", "version": "1.10", "setAgain": ["Boot order"]}', '1e8630afed605e4579b127aa9b2ab78fca114a2dba3bd31f3531623aff041f49', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 15, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-00000000000f', '{"at": "2026-06-01T09:15:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-00000000000f", "kind": "case-parked", "until": "2026-06-03T09:00:00Z", "waitingFor": "A switch"}', '0d8d113fa428df2c53e3f2c8e9feaa713c22228d2e88b2250e903927e1ee50b1', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 16, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000010', '{"at": "2026-06-01T09:16:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000010", "kind": "case-resumed"}', '6378ea9d8fcaa13c021058cd9c44316e09a1d989d57b099114de74d4593690c5', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 17, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000011', '{"at": "2026-06-01T09:17:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000011", "kind": "trial-done", "trial": "start", "outcome": "works"}', '76ec35095ca93cbb52463a50aa1ac43fbdcb8cf0027a2903b174194c39fc0364', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 18, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000012', '{"at": "2026-06-01T09:18:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000012", "done": "Written anew.", "kind": "case-closed", "cause": "Firmware", "fault": null, "ending": "repaired"}', 'f6a1d0eb924547d5955709407b0aa997f89c9797a7ce06bd7d5f803f6b886617', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', 19, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0f0f0f0f-0000-4000-8000-000000000013', '{"at": "2026-06-01T09:19:00.000Z", "by": "Runa", "id": "0f0f0f0f-0000-4000-8000-000000000013", "kind": "case-reopened", "reason": "Came back."}', 'd5c6b2e062a98918d0deb7f975f90a68051dca7e161b89aa6e9e5e9ed055db38', '2026-11-27 18:54:10.236+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '50a20517-1d57-4102-b4b2-a49ea1c308db', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "50a20517-1d57-4102-b4b2-a49ea1c308db", "kind": "case-opened", "told": "blank", "owner": "sealed:d81b7da8939a90762c6cbdc3357653874cf178b1b63bb006d55fad393404dcf3", "machine": {"name": "Radio-drama machine", "board": {"checkpointDisplay": true}, "parts": [{"id": "module-1", "kind": "module", "slot": "A2"}, {"id": "module-2", "kind": "module", "slot": "B2"}]}, "complaint": "The update stopped half way.", "circumstances": ["firmware-updated"]}', '7f4dc910407edb0d33914d9d9cd63a4d0c7a3b442d2705fb0cbfbf7b213eadfc', '2026-11-27 18:54:10.275+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '027dcdf2-adc8-46ac-854d-26f20e9832c1', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "027dcdf2-adc8-46ac-854d-26f20e9832c1", "kind": "trial-done", "trial": "start", "outcome": "at-processor"}', 'afc412a668c0111a00b88595ea338c7871515daaf5f920fa99d84fa228f145e7', '2026-11-27 18:54:10.275+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'e928e002-8813-40ac-9210-075b51ed616a', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "e928e002-8813-40ac-9210-075b51ed616a", "kind": "trial-done", "trial": "look/power-plugs/board", "outcome": "home"}', 'b317a8736e20ee839ed69ccc3a66d6e66309ae06c0bc3da8c642b65706dd5b63', '2026-11-27 18:54:10.275+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '9cc1444b-a82a-4f61-aea5-3447f620d7b9', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "9cc1444b-a82a-4f61-aea5-3447f620d7b9", "kind": "trial-done", "trial": "look/board-signs/board", "outcome": "clean"}', 'e5510b2840c307d75c3c14f8fa4640cf88cbcbdc026bbf5069303436d9d8ac5b', '2026-11-27 18:54:10.275+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '1678b38e-3be1-46a3-81b3-6bff96d32f29', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "1678b38e-3be1-46a3-81b3-6bff96d32f29", "kind": "trial-done", "trial": "spare/processor", "outcome": "at-processor"}', 'b648228636f439d754d2b9d6b53123e34fba55383764358624b7ffb2873ebb02', '2026-11-27 18:54:10.275+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '06f90c63-e8d6-42a1-915b-ef7ce02fcccc', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "06f90c63-e8d6-42a1-915b-ef7ce02fcccc", "kind": "trial-done", "trial": "fix/recover-firmware@board", "outcome": "works"}', '27d34aa165ff51d68935ec2b13a53df2c403f66f6bb72377b51e8f5f026918c2', '2026-11-27 18:54:10.275+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '392c7b7a-c359-4d86-b06c-ffd3102acfa0', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "392c7b7a-c359-4d86-b06c-ffd3102acfa0", "done": "Recovered from the second image.", "kind": "case-closed", "cause": "The firmware image was broken by a stopped update", "fault": "firmware-corrupt@board", "ending": "repaired"}', '11e9ae3e27e11ffbbcbdff27784b7bb60ebddead0f5ef1b1935a1a9fb6f1958c', '2026-11-27 18:54:10.275+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6fbd31d9-1c4d-4962-ba60-f2ca2971e39f', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'cf0ce9ff-5004-462e-97f0-51204c1ce780', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "cf0ce9ff-5004-462e-97f0-51204c1ce780", "kind": "trial-done", "trial": "start", "outcome": "message-settings"}', '8530877ab7ca79b3e0633450fd90ed6a50596cf3a37d93810cb4a576b572ff8b', '2026-11-27 18:54:10.344+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6fbd31d9-1c4d-4962-ba60-f2ca2971e39f', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '3adc7a78-ba5b-4368-900a-c3e2da84778f', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "3adc7a78-ba5b-4368-900a-c3e2da84778f", "kind": "trial-done", "trial": "look/setup-entry/board", "outcome": "password"}', 'e65e5accc3dc9c1613b885d1cc56200faf009d15cbef69cb4005ddafbcba6b96', '2026-11-27 18:54:10.344+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('3427da59-9d66-4b9c-a9e5-15ba9b23e2e3', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '92d48ce5-cfbf-49c0-bca6-c1b7438b0669', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "92d48ce5-cfbf-49c0-bca6-c1b7438b0669", "kind": "case-opened", "told": "dead", "owner": "sealed:85c225360efa4c0e8780add7fbd8d3f8cdbe52e823bb6e149ce95511f86e18b9", "machine": {"name": "Tide-gauge logger", "board": {"stageLights": true}, "parts": [{"id": "module-1", "kind": "module", "slot": "A2"}, {"id": "module-2", "kind": "module", "slot": "B2"}, {"id": "card", "kind": "card"}, {"id": "front-usb", "kind": "front-usb"}], "builtInGraphics": true}, "complaint": "I press it and nothing happens.", "circumstances": ["spill"]}', 'eb766c97169f435ee535462114fb8b291d98a513de926e8082d3a132f8778f5d', '2026-11-27 18:54:10.305+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('3427da59-9d66-4b9c-a9e5-15ba9b23e2e3', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '149ae25b-5fe1-4e24-b02b-29850b1169e7', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "149ae25b-5fe1-4e24-b02b-29850b1169e7", "kind": "trial-done", "trial": "start", "outcome": "dead"}', 'c6f821454f2b70c994b548205dd80e21335656b676911474a56aa8c4203d9612', '2026-11-27 18:54:10.305+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('3427da59-9d66-4b9c-a9e5-15ba9b23e2e3', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '14d3d137-ad9a-47c0-8507-117a87f85e15', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "14d3d137-ad9a-47c0-8507-117a87f85e15", "kind": "trial-done", "trial": "look/rocker/supply", "outcome": "at-i"}', '3f243d7e44641eeccfbf9db94b048a89ede87f2b471a0cc1d6b4c1aea79cc498', '2026-11-27 18:54:10.305+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('3427da59-9d66-4b9c-a9e5-15ba9b23e2e3', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '9f69890c-18ac-430a-8df2-32220dae3745', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "9f69890c-18ac-430a-8df2-32220dae3745", "kind": "trial-done", "trial": "look/standby-light/board", "outcome": "lit"}', '817441e7ba560b2f8babce878d8dccea5b3cf3430480834e4a9ea1754cae1e7b', '2026-11-27 18:54:10.305+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('3427da59-9d66-4b9c-a9e5-15ba9b23e2e3', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '45e8b880-f0cf-4d21-8c76-5c38022fc088', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "45e8b880-f0cf-4d21-8c76-5c38022fc088", "kind": "trial-done", "trial": "measure/vsb/supply", "volts": 5.04, "outcome": "within"}', 'cdf593049f36e3f0cf299840e2b5d91cd69859e671193341e37b1d2464bc6e4f', '2026-11-27 18:54:10.305+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('3427da59-9d66-4b9c-a9e5-15ba9b23e2e3', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'f3d22240-055c-47de-8896-22813b60b4e3', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "f3d22240-055c-47de-8896-22813b60b4e3", "kind": "trial-done", "trial": "bridge-pins", "outcome": "works"}', '591673803f5959c44c04204dd733636f31dda2f05dedc591a342278f3d9a0597', '2026-11-27 18:54:10.305+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('3427da59-9d66-4b9c-a9e5-15ba9b23e2e3', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'b010ca08-9115-496a-bd71-6610561eb278', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "b010ca08-9115-496a-bd71-6610561eb278", "kind": "trial-done", "trial": "look/switch-feel/case-switch", "outcome": "sticky"}', '7eaffeef0997301afd4e054015227eea216db31b8cb2192310995e795e0adf9d', '2026-11-27 18:54:10.305+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('3427da59-9d66-4b9c-a9e5-15ba9b23e2e3', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2f5f781c-5f0e-4400-8008-9eeca5d49d86', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "2f5f781c-5f0e-4400-8008-9eeca5d49d86", "done": "Switch cleaned and dried.", "kind": "case-closed", "cause": "Salt spray in the case switch", "fault": "switch-wet@case-switch", "ending": "repaired"}', 'ca997bdfe1102658daa681458bfdada3b32f8fedcfc829839abb8677f855dbc4', '2026-11-27 18:54:10.305+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c13cbb46-8b14-4dd5-bd77-7e664016b42d', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'ec263ca5-78ab-4f9c-b1ba-1ebd9098171b', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "ec263ca5-78ab-4f9c-b1ba-1ebd9098171b", "kind": "case-opened", "told": "cuts-out", "owner": "sealed:6431195f42bc4d1383a5325121c80116b0ed654259f05f62b01f36909b282a3a", "machine": {"name": "Drawing PC", "board": {"stageLights": true}, "parts": [{"id": "module-1", "kind": "module", "slot": "A2"}, {"id": "module-2", "kind": "module", "slot": "B2"}, {"id": "card", "kind": "card"}, {"id": "drive", "kind": "drive"}], "builtInGraphics": false}, "complaint": "It goes off as soon as a drawing turns.", "circumstances": ["card-changed"]}', '6d1cf42ba8fcbb97167f546fd08b0513fe091855736b8132c1755c2da6ae0cca', '2026-11-27 18:54:10.32+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c13cbb46-8b14-4dd5-bd77-7e664016b42d', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '7e3b1815-9fe6-4956-bdd8-d95838c038f2', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "7e3b1815-9fe6-4956-bdd8-d95838c038f2", "kind": "trial-done", "trial": "run-under-load", "outcome": "cuts-out"}', '4b1d029826264f375e35abe05211494b64985fab520541c546bb4cba1d579c8e', '2026-11-27 18:54:10.32+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c13cbb46-8b14-4dd5-bd77-7e664016b42d', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '8e9ddc1d-2356-47e9-8177-a7bbe441ad34', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "8e9ddc1d-2356-47e9-8177-a7bbe441ad34", "kind": "trial-done", "trial": "look/cooler-fan/cooler", "outcome": "turns"}', '1d56e22a1bb47219a16cfa12583ccd045b94bf18f8d57d5d22b903ca3e1667a4', '2026-11-27 18:54:10.32+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c13cbb46-8b14-4dd5-bd77-7e664016b42d', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0cba198a-9bc2-4130-a168-69915011e388', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "0cba198a-9bc2-4130-a168-69915011e388", "kind": "trial-done", "trial": "look/card-leads/card", "outcome": "separate"}', '5396981c46b842969fdf5631aa3062e12481224a379d56af3d94aef68031c066', '2026-11-27 18:54:10.32+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c13cbb46-8b14-4dd5-bd77-7e664016b42d', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '207b7239-49f4-46bf-8aab-125f054463d7', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "207b7239-49f4-46bf-8aab-125f054463d7", "kind": "trial-done", "trial": "measure/rail-12-load/supply", "volts": 10.9, "outcome": "low"}', 'e76460de38a87c39e83a7d9d65d4fac8391466f5ec4bb4f0653fda8dd70c15b9', '2026-11-27 18:54:10.32+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c13cbb46-8b14-4dd5-bd77-7e664016b42d', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '8709a150-69fd-4bc5-bb8c-f05ee7a6137b', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "8709a150-69fd-4bc5-bb8c-f05ee7a6137b", "kind": "trial-done", "trial": "load-with-spare/supply", "outcome": "works"}', 'd5082da54e29481113b744a7914cebacf6ddc6fe1f5da4bd5e870f04edcde3ed', '2026-11-27 18:54:10.32+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c13cbb46-8b14-4dd5-bd77-7e664016b42d', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '95b5a2d1-9f1f-41b8-95b3-89e1019c668c', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "95b5a2d1-9f1f-41b8-95b3-89e1019c668c", "kind": "trial-done", "trial": "back/supply", "outcome": "works"}', '9b04b1840437cf8412fee83e47b8eef102ff417090835daccf447a75bafa4dd5', '2026-11-27 18:54:10.32+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c13cbb46-8b14-4dd5-bd77-7e664016b42d', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'a9927a1d-c342-4b10-b4b1-2a935b291df1', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "a9927a1d-c342-4b10-b4b1-2a935b291df1", "kind": "trial-done", "trial": "run-under-load", "outcome": "cuts-out"}', '6f179fba46cd9ecc2e320c12ef6a4c825935837431c16d109439a4b310acd3f7', '2026-11-27 18:54:10.32+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab');
INSERT INTO public.case_events VALUES
	('c13cbb46-8b14-4dd5-bd77-7e664016b42d', 9, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '1182fdc5-b31c-4b1c-ae20-6a62419f18b8', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "1182fdc5-b31c-4b1c-ae20-6a62419f18b8", "done": "Supply of the right rating fitted, run under load.", "kind": "case-closed", "cause": "The supply is too small for the new card", "fault": "supply-too-small@supply", "ending": "repaired"}', '4b83e035513510c2fc9b915dd87046ea71d31dc71f92a96306fd54d43df71c1e', '2026-11-27 18:54:10.32+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6fbd31d9-1c4d-4962-ba60-f2ca2971e39f', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '07a5e684-04b4-46ba-9853-a818b2a4327c', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "07a5e684-04b4-46ba-9853-a818b2a4327c", "kind": "case-opened", "told": "message-settings", "owner": "sealed:923c4f2736f3ed129a6d77bc7b2211b25545ccfaa56408f2e94c0531c70d994c", "machine": {"name": "Second-hand office machine", "board": {}, "parts": [{"id": "module-1", "kind": "module", "slot": "A2"}, {"id": "module-2", "kind": "module", "slot": "B2"}]}, "complaint": "It asks for a password that nobody has.", "circumstances": ["used-parts"]}', 'b6fd10ce934268363d87d2d5dd44c29ccc02c98a3af4a40350f3ed98eb5e8c38', '2026-11-27 18:54:10.344+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('6fbd31d9-1c4d-4962-ba60-f2ca2971e39f', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '03a0075d-adcc-4a2a-a58a-d4571ee0391d', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "03a0075d-adcc-4a2a-a58a-d4571ee0391d", "done": "Cleared by the board''s jumper, proof of ownership on record, jumper put back.", "kind": "case-closed", "cause": "The settings were locked by a former owner", "fault": "settings-locked@board", "ending": "repaired"}', '4b4633c1aa90253c0231d8ba8e6aecdc32cb5d5dec97e1bb690203800af4f5a8', '2026-11-27 18:54:10.344+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c6891898-3be9-4a0d-83b2-c33b9d5b237f', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'cfc2f7f4-97cb-4a4e-9d36-3ecbf248ef5f', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "cfc2f7f4-97cb-4a4e-9d36-3ecbf248ef5f", "kind": "case-opened", "told": "message-fan", "owner": "sealed:2f2ea71f3438bb06135e06f74da4e300d9dfbce61225054f8b995c96a5265cd4", "machine": {"name": "Ferry desk", "board": {"speaker": true}, "parts": [{"id": "module-1", "kind": "module", "slot": "A2"}, {"id": "module-2", "kind": "module", "slot": "B2"}]}, "complaint": "It warns of a fan and goes off.", "circumstances": ["new-build"]}', '1b95d0b80a9799c56cfa793f27773fc149cc3e757e715e55f1bcd2446423996e', '2026-11-27 18:54:10.377+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c6891898-3be9-4a0d-83b2-c33b9d5b237f', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0fc04750-669b-4705-a921-d5eef37d231e', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "0fc04750-669b-4705-a921-d5eef37d231e", "kind": "trial-done", "trial": "start", "outcome": "message-fan"}', 'a1724291253a460143eb1cb658b74a43972efe69afe7f853abd15bf9202bfcc3', '2026-11-27 18:54:10.377+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c6891898-3be9-4a0d-83b2-c33b9d5b237f', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'bfca7e46-0e5b-4207-a633-b055d0d6ebdf', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "bfca7e46-0e5b-4207-a633-b055d0d6ebdf", "kind": "trial-done", "trial": "look/cooler-fan/cooler", "outcome": "elsewhere"}', '68ce4956b3f10ac649a31071c25798c5b964af5c1b8ae5affc6d8b2a9c2d1017', '2026-11-27 18:54:10.377+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c6891898-3be9-4a0d-83b2-c33b9d5b237f', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'fe20c8a8-e64a-492a-b8b7-50cfa9e04174', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "fe20c8a8-e64a-492a-b8b7-50cfa9e04174", "kind": "trial-done", "trial": "fix/plug-cooler-fan@cooler", "outcome": "works"}', 'e05ca4aa4c8ef4155abef6ca85931659e2fa481cbb635ee42b60f8aa57b86665', '2026-11-27 18:54:10.377+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c6891898-3be9-4a0d-83b2-c33b9d5b237f', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '33f97864-f39e-4440-ac19-74ce5aebe2d6', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "33f97864-f39e-4440-ac19-74ce5aebe2d6", "kind": "trial-done", "trial": "run-under-load", "outcome": "works"}', '5427f3a864a0e2bbf276f1637a45f4fe003c5a3c25b81584533a42ca220f5187', '2026-11-27 18:54:10.377+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c6891898-3be9-4a0d-83b2-c33b9d5b237f', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '870176c7-17c6-4d5c-a51c-26997c1e37f7', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "870176c7-17c6-4d5c-a51c-26997c1e37f7", "done": "Fan plugged into the processor-fan header.", "kind": "case-closed", "cause": "The cooler fan was in another header", "fault": "cooler-fan-unplugged@cooler", "ending": "repaired"}', '2fec7dbea9ba0ec4ca8acf94bb21e145ec873262a23ed78ce2d458408ee371e3', '2026-11-27 18:54:10.377+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('52874fef-bf7a-4902-be4d-eabd7728820f', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '1c8e5104-9e86-4544-be6e-e31a7cda41a6', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "1c8e5104-9e86-4544-be6e-e31a7cda41a6", "kind": "case-opened", "told": "at-processor", "owner": "sealed:ec31e32edb4611bff86e0460f125165db98863911b6671510a55198a7de5ea82", "machine": {"name": "Editing machine", "board": {"stageLights": true}, "parts": [{"id": "module-1", "kind": "module", "slot": "A2"}, {"id": "module-2", "kind": "module", "slot": "B2"}, {"id": "card", "kind": "card"}], "builtInGraphics": false}, "complaint": "A new processor, and it never starts.", "circumstances": ["processor-changed", "new-build"]}', '269895016a9334a2a98793c4298b739d2a6ed67e39f1c6fe20679c21234db0f5', '2026-11-27 18:54:10.398+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('52874fef-bf7a-4902-be4d-eabd7728820f', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '1a84f3ce-9825-4f31-91f7-0165e969bfce', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "1a84f3ce-9825-4f31-91f7-0165e969bfce", "kind": "trial-done", "trial": "start", "outcome": "at-processor"}', 'a3a370f6d3333b257f488b0b314f12c857c727fb236dcb3f13181af04ff44c68', '2026-11-27 18:54:10.398+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('52874fef-bf7a-4902-be4d-eabd7728820f', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '7223a3bc-6535-425e-bee1-f847fab61675', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "7223a3bc-6535-425e-bee1-f847fab61675", "kind": "trial-done", "trial": "look/power-plugs/board", "outcome": "home"}', 'beec2850a8a108ce21c456ddb3380daeac889db80fec77c173f7821e1110658a', '2026-11-27 18:54:10.398+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('52874fef-bf7a-4902-be4d-eabd7728820f', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '3a023b64-edbe-478c-90ee-78b437ac0dfe', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "3a023b64-edbe-478c-90ee-78b437ac0dfe", "kind": "trial-done", "trial": "look/firmware-version/board", "outcome": "too-old"}', '00c79de9c015c700ae5c4bef263afb37d465446a0316c8ad37256dd83bc0c2c5', '2026-11-27 18:54:10.398+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('52874fef-bf7a-4902-be4d-eabd7728820f', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '054984ec-2b53-4db0-9a8c-d3354230e2c5', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "054984ec-2b53-4db0-9a8c-d3354230e2c5", "kind": "trial-done", "trial": "look/socket-pins/board", "outcome": "straight"}', '464436a348f8a5c1dcd58e13aa5bf444db31e277f78718d65eae3d5136559aa2', '2026-11-27 18:54:10.398+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('52874fef-bf7a-4902-be4d-eabd7728820f', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'a91673c4-0591-4b0d-b04d-8cd9718e7f2c', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "a91673c4-0591-4b0d-b04d-8cd9718e7f2c", "kind": "trial-done", "trial": "spare/processor", "outcome": "works"}', '63421b0ac8bf42cc5b1cb8e82c293b4e34bff527db12be7180cd8b53d62d92a7', '2026-11-27 18:54:10.398+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('52874fef-bf7a-4902-be4d-eabd7728820f', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '06a9f64c-f746-4709-b356-a17da5222547', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "06a9f64c-f746-4709-b356-a17da5222547", "kind": "trial-done", "trial": "back/processor", "outcome": "at-processor"}', '9bb3e5f5a1680403ea1f9f6dfee5728360caefa00438163c2e99831e97ec1578', '2026-11-27 18:54:10.398+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('52874fef-bf7a-4902-be4d-eabd7728820f', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '80784946-5a08-4286-b8ba-2a3a965c91e8', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "80784946-5a08-4286-b8ba-2a3a965c91e8", "done": "Firmware updated with a borrowed processor, version written down.", "kind": "case-closed", "cause": "The firmware is older than the processor", "fault": "firmware-too-old@board", "ending": "repaired"}', '34ef1d0898d8b03959b1c1c408399f4cf5cf387b5a7ff0aca7261d1cc72e5b0b', '2026-11-27 18:54:10.398+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('104fec3a-16ba-413c-a18d-1206a74c8ca3', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '08ebb4bb-d091-4cfc-a409-dccda0df1190', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "08ebb4bb-d091-4cfc-a409-dccda0df1190", "kind": "case-opened", "told": "dark", "owner": "sealed:15295d3bfb12f9fb9aaba9e1a31fe1ea2643510dfd27871eb3de024c827a5ba4", "machine": {"name": "Museum kiosk", "board": {"stageLights": true}, "parts": [{"id": "module-1", "kind": "module", "slot": "A2"}, {"id": "module-2", "kind": "module", "slot": "B2"}, {"id": "card", "kind": "card"}], "builtInGraphics": false}, "complaint": "Lights and fans, but no signal.", "circumstances": ["moved"]}', '1d4c799812a447786e86f5a6d4577e0d9043f8a549e54042a62b4aeaa984b367', '2026-11-27 18:54:10.415+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('104fec3a-16ba-413c-a18d-1206a74c8ca3', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'd46f0a4c-4b0c-4238-a98f-4a0f746093ed', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "d46f0a4c-4b0c-4238-a98f-4a0f746093ed", "kind": "trial-done", "trial": "start", "outcome": "dark"}', '957d4ef253f5fd17e315947429d0205c0eddc76f84f9a45384ad1117492ba8fd', '2026-11-27 18:54:10.415+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('104fec3a-16ba-413c-a18d-1206a74c8ca3', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '78a9a32c-984d-4a16-9e88-8a8a3d05f33e', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "78a9a32c-984d-4a16-9e88-8a8a3d05f33e", "kind": "trial-done", "trial": "look/display-cable/display-cable", "outcome": "home"}', 'e07a490ef2bcb91ea23f2d0c01df19e2bf3f2f8f9f02682612f86415ad8e8764', '2026-11-27 18:54:10.415+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('104fec3a-16ba-413c-a18d-1206a74c8ca3', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '73bc6a35-0981-4bda-a841-06966ffea30f', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "73bc6a35-0981-4bda-a841-06966ffea30f", "kind": "trial-done", "trial": "look/monitor-input/monitor", "outcome": "other"}', '7d4075310f9e682e41e85575ba2baa56bc1bf4f3350079aedc352cc17bcc95b1', '2026-11-27 18:54:10.415+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('104fec3a-16ba-413c-a18d-1206a74c8ca3', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '4d060476-177c-4fca-91ed-2da292d710a1', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "4d060476-177c-4fca-91ed-2da292d710a1", "kind": "trial-done", "trial": "fix/select-input@monitor", "outcome": "works"}', '72dcf8608467cb8d9f6fd969d999be8139a4b7b9856fb7c34ae07d0ecab186f8', '2026-11-27 18:54:10.415+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('104fec3a-16ba-413c-a18d-1206a74c8ca3', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'f1623e87-c29c-4d4b-b069-235cef55515d', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "f1623e87-c29c-4d4b-b069-235cef55515d", "done": "Input selected and shown to the owner.", "kind": "case-closed", "cause": "The monitor listened to another input", "fault": "monitor-wrong-input@monitor", "ending": "repaired"}', 'b7eb564a92aaece044db0f83fe398af7e4ee08b2c49bfa79d2f5f9e5863be075', '2026-11-27 18:54:10.415+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1491f9ef-1dbf-4712-aebb-0bdd596fdca1', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'ca1ac8ac-9c28-4f76-85a3-5156df242918', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "ca1ac8ac-9c28-4f76-85a3-5156df242918", "kind": "case-opened", "told": "dead", "owner": "sealed:2a40ad2bc070d55eb8bb789ba408a20c8f71383be87c13491ae2cecad67778d5", "machine": {"name": "Palm-size ticket printer", "board": {}, "parts": [{"id": "adapter", "kind": "adapter"}]}, "complaint": "It is dead since it was moved.", "circumstances": ["moved"]}', '769651ff881060430c09cecebba04e15a338586e5474f3fc99099299bfe57cc9', '2026-11-27 18:54:10.43+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1491f9ef-1dbf-4712-aebb-0bdd596fdca1', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '9a53969b-1999-4d00-8f2b-8037dc1b8b96', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "9a53969b-1999-4d00-8f2b-8037dc1b8b96", "kind": "trial-done", "trial": "start", "outcome": "dead"}', '85a54111fd5ab3b722f1ef30ce73cd276ed269aa9042732cfd1cb3d8125087d5', '2026-11-27 18:54:10.43+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1491f9ef-1dbf-4712-aebb-0bdd596fdca1', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '397236e6-9b39-4f2a-8780-392e7155a890', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "397236e6-9b39-4f2a-8780-392e7155a890", "kind": "trial-done", "trial": "measure/adapter-volts/adapter", "volts": 19.1, "outcome": "within"}', '005f4fe469cc9a5c6fc14f9774f4679c1766aad9cfcc5d2ba962998bff0b39ab', '2026-11-27 18:54:10.43+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1491f9ef-1dbf-4712-aebb-0bdd596fdca1', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'cf037acb-297f-43e6-adc0-8bff38d27458', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "cf037acb-297f-43e6-adc0-8bff38d27458", "kind": "trial-done", "trial": "look/adapter-cord/adapter", "outcome": "loose"}', 'a92b00ef0b86fc80359ae353435fa45111e43358e09e5e4ad7e3490b42bc8905', '2026-11-27 18:54:10.43+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1491f9ef-1dbf-4712-aebb-0bdd596fdca1', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '93e612ec-26f4-4c68-87b5-09f473c7e5cb', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "93e612ec-26f4-4c68-87b5-09f473c7e5cb", "kind": "trial-done", "trial": "fix/push-cord@adapter", "outcome": "works"}', '35eaa4abab382f88e7500590701b5686f5d958e7337f0ab844a016fda334d4d7', '2026-11-27 18:54:10.43+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1491f9ef-1dbf-4712-aebb-0bdd596fdca1', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'b7e25510-8bbf-4bd3-98ce-9bd2cf61b755', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "b7e25510-8bbf-4bd3-98ce-9bd2cf61b755", "kind": "trial-done", "trial": "run-under-load", "outcome": "works"}', '51c3e2fd8f8dfb48d184d9a9e9213294c14188a86b5108ebe476c79cc8a00d00', '2026-11-27 18:54:10.43+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1491f9ef-1dbf-4712-aebb-0bdd596fdca1', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'e413e7e7-a629-417d-895f-7e79843e6733', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "e413e7e7-a629-417d-895f-7e79843e6733", "done": "Plug pushed home, strain relief fitted.", "kind": "case-closed", "cause": "The barrel plug made no contact", "fault": "jack-loose@adapter", "ending": "repaired"}', 'dad26b6d0bb22e555f1309fea59b0bfd30c990a283e06c79685220d6d2e0d4a7', '2026-11-27 18:54:10.43+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c0a25175-4010-4b0b-808b-63b7583266c6', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '4025db87-3403-4a84-a337-23a45502bf2a', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "4025db87-3403-4a84-a337-23a45502bf2a", "kind": "case-opened", "told": "at-memory", "owner": "sealed:92ec8516a02d06865c7ae5ff6a69c60b727c2d595b414bb6b80cfa972ce9d213", "machine": {"name": "Ticket office 2", "board": {"stageLights": true}, "parts": [{"id": "module-1", "kind": "module", "slot": "A2"}, {"id": "module-2", "kind": "module", "slot": "B2"}]}, "complaint": "A light stays on and nothing comes.", "circumstances": ["used-parts"]}', 'cceee49545b42669e4a195f599fa923d5610edf193c62c0f52abfedc7c6b2eb5', '2026-11-27 18:54:10.443+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c0a25175-4010-4b0b-808b-63b7583266c6', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '592fa211-471d-45fc-bac5-0346b7aa813b', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "592fa211-471d-45fc-bac5-0346b7aa813b", "kind": "trial-done", "trial": "start", "outcome": "at-memory"}', '42196b8414651b05f96c58404d42f345f0ffa23d9f62ef3cc337416e5e17dd17', '2026-11-27 18:54:10.443+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c0a25175-4010-4b0b-808b-63b7583266c6', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '985a70d4-5359-4e2f-a0cd-16b092c6c85b', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "985a70d4-5359-4e2f-a0cd-16b092c6c85b", "kind": "trial-done", "trial": "only/module-1/slot-A2", "outcome": "at-memory"}', '4640c06d90cf0a07cc2e5d79d4d52b8279a93a87951b45ae9c970bdc87a34f16', '2026-11-27 18:54:10.443+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c0a25175-4010-4b0b-808b-63b7583266c6', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '0a49c8c8-c5d5-41bb-a801-994d1251d808', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "0a49c8c8-c5d5-41bb-a801-994d1251d808", "kind": "trial-done", "trial": "only/module-2/slot-A2", "outcome": "at-memory"}', '869b028b9e60f531948248814745d5a3952d0a0cedbfe32c04308ce088a0db88', '2026-11-27 18:54:10.443+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c0a25175-4010-4b0b-808b-63b7583266c6', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '8421f174-eb24-4e85-8269-6fca67d563c2', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "8421f174-eb24-4e85-8269-6fca67d563c2", "kind": "trial-done", "trial": "only/module-2/slot-B2", "outcome": "works"}', 'cd5443a9d4763d6bc650aa637f516c1fa0848e1e70db8990b7054264e0f02b11', '2026-11-27 18:54:10.443+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c0a25175-4010-4b0b-808b-63b7583266c6', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '75e78a58-152d-4b12-840c-177b8b32d286', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "75e78a58-152d-4b12-840c-177b8b32d286", "kind": "trial-done", "trial": "only/module-1/slot-B2", "outcome": "works"}', '9baa63665f2d1f6f547e91c8958ee04bfea6daafe79a8e2c780049fedd6bfd34', '2026-11-27 18:54:10.443+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c0a25175-4010-4b0b-808b-63b7583266c6', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'bb4097c6-1790-4974-90e0-97f661814d94', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "bb4097c6-1790-4974-90e0-97f661814d94", "kind": "trial-done", "trial": "only/module-1/slot-A1", "outcome": "works"}', '0854ed9c3a565e1a0c9cf52b659636dffb443d9578e9120b99ddbced41055354', '2026-11-27 18:54:10.443+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c0a25175-4010-4b0b-808b-63b7583266c6', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '173b387f-9391-4a64-a9ae-54e6bf9c3b69', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "173b387f-9391-4a64-a9ae-54e6bf9c3b69", "kind": "trial-done", "trial": "look/slot-debris/slot-A2", "outcome": "clean"}', 'fcb2d12a6a9481727652d9e2d40466fef5f21c88bb5e9d292eecc65a7635e5c1', '2026-11-27 18:54:10.443+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('c0a25175-4010-4b0b-808b-63b7583266c6', 9, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '48dc4595-e0f5-49d6-87f3-bef0a1c30ae4', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "48dc4595-e0f5-49d6-87f3-bef0a1c30ae4", "done": "Slot left empty, modules in B2 and A1.", "kind": "case-closed", "cause": "Slot A2 is dead", "fault": "slot-dead@slot-A2", "ending": "repaired"}', 'fb06aa263ef0f0f51d2d6e7eaedf9a822c48f796825000639ad59e0734127d98', '2026-11-27 18:54:10.443+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1f0cc807-70b5-4e83-a965-05182e7fbead', 1, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '760fd26c-dea3-423f-b8d4-40393aa954b5', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "760fd26c-dea3-423f-b8d4-40393aa954b5", "kind": "case-opened", "told": "twitch", "owner": "sealed:a3ae44e8bd9c1d2a2d542fd647e89ff0aec5768f623fdcb35bd60ef8f826d62e", "machine": {"name": "Chart table", "board": {"stageLights": true}, "parts": [{"id": "module-1", "kind": "module", "slot": "A2"}, {"id": "module-2", "kind": "module", "slot": "B2"}, {"id": "front-usb", "kind": "front-usb"}, {"id": "front-usb-c", "kind": "front-usb", "name": "front USB-C lead"}, {"id": "drive", "kind": "drive"}]}, "complaint": "It starts for a second and goes out.", "circumstances": []}', 'af62d9ab2be769028abbd56aeec94d0bf92a7add48640160c3cf3f57c44f6ab4', '2026-11-27 18:54:10.455+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1f0cc807-70b5-4e83-a965-05182e7fbead', 2, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'b5cfe895-03ea-4981-b6fd-e2cf05a1f43d', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "b5cfe895-03ea-4981-b6fd-e2cf05a1f43d", "kind": "trial-done", "trial": "start", "outcome": "twitch"}', '21cfc059191e80c7de4ac94186b4ea2d686967afa8fb98a38929cdd877dd6513', '2026-11-27 18:54:10.455+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1f0cc807-70b5-4e83-a965-05182e7fbead', 3, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '80ba3c59-7ca7-47ef-ab65-e8aba15d92e8', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "80ba3c59-7ca7-47ef-ab65-e8aba15d92e8", "kind": "trial-done", "trial": "look/power-plugs/board", "outcome": "home"}', '8f491a48414202eb00d76846b688026ec838b0b36cd46678809fa7bb1d42143a', '2026-11-27 18:54:10.455+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1f0cc807-70b5-4e83-a965-05182e7fbead', 4, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '30e26734-6c49-40e4-a0c9-faa652351c6a', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "30e26734-6c49-40e4-a0c9-faa652351c6a", "kind": "trial-done", "trial": "out/drive", "outcome": "twitch"}', 'a0733ec340fd32d01dccae5246345c6bcb0c922e500c1cca549c339ebeea405e', '2026-11-27 18:54:10.455+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1f0cc807-70b5-4e83-a965-05182e7fbead', 5, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '8d4c0b70-9a3d-4e4c-b2de-58f855e05679', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "8d4c0b70-9a3d-4e4c-b2de-58f855e05679", "kind": "trial-done", "trial": "out/front-usb", "outcome": "twitch"}', 'd38bee7aabee810f41fbf99271252cc2210b55c9f4f0d39434fd570bce3a7193', '2026-11-27 18:54:10.455+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1f0cc807-70b5-4e83-a965-05182e7fbead', 6, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '14817124-f66d-4be0-9a08-fb064d64b1e9', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "14817124-f66d-4be0-9a08-fb064d64b1e9", "kind": "trial-done", "trial": "out/front-usb-c", "outcome": "no-boot"}', '462234ac3002d5a3a288f4406e7f86dd33a8dfcf42407e83da9babf20f4393e4', '2026-11-27 18:54:10.455+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1f0cc807-70b5-4e83-a965-05182e7fbead', 7, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '9264d07c-ba2e-40d7-a9e1-72ca0e0bf940', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "9264d07c-ba2e-40d7-a9e1-72ca0e0bf940", "kind": "trial-done", "trial": "back/front-usb-c", "outcome": "twitch"}', 'c4b1049f5f92bf19cfd889a7c9227f530be5f4a24875437c85b7c8fd2e062da5', '2026-11-27 18:54:10.455+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1f0cc807-70b5-4e83-a965-05182e7fbead', 8, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '69baa1b1-e4bb-4e75-94e5-64c9374d0a4a', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "69baa1b1-e4bb-4e75-94e5-64c9374d0a4a", "kind": "trial-done", "trial": "out/front-usb-c", "outcome": "no-boot"}', '823a9e54f7a9d42514503a6a23caaeb26a7989345a601b6eb6fee7fd2fa3c0fc', '2026-11-27 18:54:10.455+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1f0cc807-70b5-4e83-a965-05182e7fbead', 9, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'ea5a74dd-7026-4054-84f0-fb40d41375a9', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "ea5a74dd-7026-4054-84f0-fb40d41375a9", "kind": "trial-done", "trial": "look/front-leads/front-usb-c", "outcome": "square"}', '655294a2d82529541477a77be1f0add1e0ff8dbed9095588e1546a7db2378b46', '2026-11-27 18:54:10.455+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab'),
	('1f0cc807-70b5-4e83-a965-05182e7fbead', 10, '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'b08ea207-bfb2-4517-89e6-b935439b2e46', '{"at": "2000-01-01T00:00:00Z", "by": "not written down", "id": "b08ea207-bfb2-4517-89e6-b935439b2e46", "done": "Lead left unplugged, agreed with the owner.", "kind": "case-closed", "cause": "A short in the front USB-C lead", "fault": "front-usb-short@front-usb-c", "ending": "repaired"}', 'a5f06c7dc46128a84338883a7bd181e120a15b015bf021f39cb7b7f4f01b1f4b', '2026-11-27 18:54:10.455+00', '08fa5144-bc19-43bb-98c7-d1885c57f3ab');


--
-- Data for Name: case_owners; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.case_owners VALUES
	('0d3a0c00-0000-4000-8000-000000000100', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Ferry ticket office', '3ce18d5e48930ff2b1884a5ec2a71c4a'),
	('0d3a0c00-0000-4000-8000-000000000200', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Lighthouse museum', 'dee313cdf653d3d3a9f3813e4e930e45'),
	('0d3a0c00-0000-4000-8000-000000000300', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Net-maker’s loft', '63832bf34bf46bddefa9b8915101aed2'),
	('0d3a0c00-0000-4000-8000-000000000400', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Radio-drama club', '6c79509d4a99ba2b972ac42b27ce6442'),
	('0d3a0c00-0000-4000-8000-000000000500', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Harbour master', 'eefb8063bcf2d1b0220cd62fd11d106f'),
	('0d3a0c00-0000-4000-8000-000000000600', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Ferry crew', 'b036f6b712a1b6841c045942dd6ab031'),
	('0d3a0c00-0000-4000-8000-000000000700', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Net loft', '6c305e691cef9ab881b1e9e2f7b49d72'),
	('0d3a0c00-0000-4000-8000-000000000800', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Slipway', 'a6afe8c21dc0eedb0691f10b9398c8ee'),
	('0d3a0c00-0000-4000-8000-000000000900', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Pilot station', 'bf15970ed8ff1769de5500446c9439d3'),
	('0d3a0c00-0000-4000-8000-000000001000', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Kelp laboratory', '3291bfaeefef7e722228e4c3cfad2114'),
	('0d3a0c00-0000-4000-8000-000000001100', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Rope walk', '558b70d998a3edb11a694baeceb60631'),
	('0d3a0c00-0000-4000-8000-000000001200', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Sail maker', '0336c055ccdc99cbcb17547fbd9961df'),
	('0d3a0c00-0000-4000-8000-000000001300', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Buoy store', '4f71ed22c8098cbf68bd367993140dae'),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Nobody', '381f99c56bd99700125b6602e7286fa4'),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Nobody', '82a77b33732359249ca9e822f3f34d98'),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Nobody', '25c16fd139015931e7e8b1746392c100'),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Nobody', '52d483fe99cd54bdc680c2b6834d2c35'),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Nobody', 'a6ddea6587d8dbd5207ddbe47583dbb6'),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Nobody', '2fb41232570a27d3972585fc2e6fb995'),
	('4be1e659-1404-4076-93c0-d06de4661ee6', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Nobody', '86e8f69f95e2db5e084603d8646f7c8d'),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Nobody', 'b6327ef9340f67167c17650cc82c74fb'),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Net loft', 'e51b603a31b1ba824dac86f88c174859'),
	('5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not written down', '55fc38d6f68de0b77b6e511b523daa56'),
	('3427da59-9d66-4b9c-a9e5-15ba9b23e2e3', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not written down', 'a3483bf40bb1e205d40fa2a8274c9806'),
	('c13cbb46-8b14-4dd5-bd77-7e664016b42d', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not written down', '3f401c01597a2d8ffe1af115350a5670'),
	('6fbd31d9-1c4d-4962-ba60-f2ca2971e39f', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not written down', 'd77210a66cacf7c7172801b6de34c53f'),
	('c6891898-3be9-4a0d-83b2-c33b9d5b237f', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not written down', 'c43c4642fcf6391612a79f205405cf5e'),
	('52874fef-bf7a-4902-be4d-eabd7728820f', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not written down', 'c0f37ecb7a06acd454f26cb7c786c3a3'),
	('104fec3a-16ba-413c-a18d-1206a74c8ca3', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not written down', '172aa9b16fb5f4a6ca36a41329a954f7'),
	('1491f9ef-1dbf-4712-aebb-0bdd596fdca1', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not written down', 'b72db5055921741f09ee1937d4f9b21e'),
	('c0a25175-4010-4b0b-808b-63b7583266c6', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not written down', 'f93eca1fb6db5214c42445b6b9a217b8'),
	('1f0cc807-70b5-4e83-a965-05182e7fbead', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not written down', 'e18fc27afb411983a08bb871d882c270');


--
-- Data for Name: case_words; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.case_words VALUES
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'always', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'as', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'black', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'counter', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'ferry', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'hums', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'in', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'office', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'painters', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'screen', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'since', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'stays', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'the', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'ticket', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'were', '0d3a0c00-0000-4000-8000-000000000100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'about', '0d3a0c00-0000-4000-8000-000000000200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'after', '0d3a0c00-0000-4000-8000-000000000200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'and', '0d3a0c00-0000-4000-8000-000000000200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'current', '0d3a0c00-0000-4000-8000-000000000200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'goes', '0d3a0c00-0000-4000-8000-000000000200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', '0d3a0c00-0000-4000-8000-000000000200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'kiosk', '0d3a0c00-0000-4000-8000-000000000200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'lighthouse', '0d3a0c00-0000-4000-8000-000000000200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'museum', '0d3a0c00-0000-4000-8000-000000000200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'off', '0d3a0c00-0000-4000-8000-000000000200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'says', '0d3a0c00-0000-4000-8000-000000000200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'seconds', '0d3a0c00-0000-4000-8000-000000000200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'some', '0d3a0c00-0000-4000-8000-000000000200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'something', '0d3a0c00-0000-4000-8000-000000000200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'usb', '0d3a0c00-0000-4000-8000-000000000200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'a', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'back', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'before', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'comes', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'cord', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'dead', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'drawing', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'goes', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'have', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'i', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'in', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'loft', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'maker’s', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'middle', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'net', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'of', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'pc', '0d3a0c00-0000-4000-8000-000000000300');
INSERT INTO public.case_words VALUES
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'pull', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'the', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'to', '0d3a0c00-0000-4000-8000-000000000300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'and', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'at', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'but', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'club', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'drama', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'editing', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'fans', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'fine', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'last', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'lights', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'machine', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'no', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'radio', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'rehearsal', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'says', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'screen', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'signal', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'the', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'was', '0d3a0c00-0000-4000-8000-000000000400'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'and', '0d3a0c00-0000-4000-8000-000000000500'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'gauge', '0d3a0c00-0000-4000-8000-000000000500'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'happens', '0d3a0c00-0000-4000-8000-000000000500'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'harbour', '0d3a0c00-0000-4000-8000-000000000500'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'i', '0d3a0c00-0000-4000-8000-000000000500'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', '0d3a0c00-0000-4000-8000-000000000500'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'logger', '0d3a0c00-0000-4000-8000-000000000500'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'master', '0d3a0c00-0000-4000-8000-000000000500'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'nothing', '0d3a0c00-0000-4000-8000-000000000500'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'press', '0d3a0c00-0000-4000-8000-000000000500'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'tide', '0d3a0c00-0000-4000-8000-000000000500'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'adapter', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'bridge', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'chart', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'crew', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'dead', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'ferry', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'i', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'is', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'lamp', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'mini', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'off', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'on', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'since', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'storm', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'table', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'the', '0d3a0c00-0000-4000-8000-000000000600');
INSERT INTO public.case_words VALUES
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'think', '0d3a0c00-0000-4000-8000-000000000600'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'a', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'and', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'changed', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'comes', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'light', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'loft', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'machine', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'net', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'nothing', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'on', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'order', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'processor', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'since', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'stays', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'the', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'was', '0d3a0c00-0000-4000-8000-000000000700'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'and', '0d3a0c00-0000-4000-8000-000000000800'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'label', '0d3a0c00-0000-4000-8000-000000000800'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'machine', '0d3a0c00-0000-4000-8000-000000000800'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'one', '0d3a0c00-0000-4000-8000-000000000800'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'over', '0d3a0c00-0000-4000-8000-000000000800'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'slipway', '0d3a0c00-0000-4000-8000-000000000800'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'small', '0d3a0c00-0000-4000-8000-000000000800'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'starts', '0d3a0c00-0000-4000-8000-000000000800'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'the', '0d3a0c00-0000-4000-8000-000000000800'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'a', '0d3a0c00-0000-4000-8000-000000000900'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'built', '0d3a0c00-0000-4000-8000-000000000900'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'has', '0d3a0c00-0000-4000-8000-000000000900'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', '0d3a0c00-0000-4000-8000-000000000900'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'never', '0d3a0c00-0000-4000-8000-000000000900'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'new', '0d3a0c00-0000-4000-8000-000000000900'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'pilot', '0d3a0c00-0000-4000-8000-000000000900'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'plotter', '0d3a0c00-0000-4000-8000-000000000900'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'processor', '0d3a0c00-0000-4000-8000-000000000900'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'started', '0d3a0c00-0000-4000-8000-000000000900'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'station', '0d3a0c00-0000-4000-8000-000000000900'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'with', '0d3a0c00-0000-4000-8000-000000000900'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'a', '0d3a0c00-0000-4000-8000-000000001000'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'asks', '0d3a0c00-0000-4000-8000-000000001000'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'bought', '0d3a0c00-0000-4000-8000-000000001000'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'for', '0d3a0c00-0000-4000-8000-000000001000'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'has', '0d3a0c00-0000-4000-8000-000000001000'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', '0d3a0c00-0000-4000-8000-000000001000'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'kelp', '0d3a0c00-0000-4000-8000-000000001000'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'laboratory', '0d3a0c00-0000-4000-8000-000000001000'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'logger', '0d3a0c00-0000-4000-8000-000000001000'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'nobody', '0d3a0c00-0000-4000-8000-000000001000'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'password', '0d3a0c00-0000-4000-8000-000000001000'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'that', '0d3a0c00-0000-4000-8000-000000001000');
INSERT INTO public.case_words VALUES
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'used', '0d3a0c00-0000-4000-8000-000000001000'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'before', '0d3a0c00-0000-4000-8000-000000001100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'build', '0d3a0c00-0000-4000-8000-000000001100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'in', '0d3a0c00-0000-4000-8000-000000001100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', '0d3a0c00-0000-4000-8000-000000001100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'new', '0d3a0c00-0000-4000-8000-000000001100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'parts', '0d3a0c00-0000-4000-8000-000000001100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'please', '0d3a0c00-0000-4000-8000-000000001100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'rope', '0d3a0c00-0000-4000-8000-000000001100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'test', '0d3a0c00-0000-4000-8000-000000001100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'walk', '0d3a0c00-0000-4000-8000-000000001100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'we', '0d3a0c00-0000-4000-8000-000000001100'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'all', '0d3a0c00-0000-4000-8000-000000001200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'and', '0d3a0c00-0000-4000-8000-000000001200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'cutting', '0d3a0c00-0000-4000-8000-000000001200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'fans', '0d3a0c00-0000-4000-8000-000000001200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'is', '0d3a0c00-0000-4000-8000-000000001200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'machine', '0d3a0c00-0000-4000-8000-000000001200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'maker', '0d3a0c00-0000-4000-8000-000000001200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'once', '0d3a0c00-0000-4000-8000-000000001200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'sail', '0d3a0c00-0000-4000-8000-000000001200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'that', '0d3a0c00-0000-4000-8000-000000001200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'twitch', '0d3a0c00-0000-4000-8000-000000001200'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'at', '0d3a0c00-0000-4000-8000-000000001300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'bought', '0d3a0c00-0000-4000-8000-000000001300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'buoy', '0d3a0c00-0000-4000-8000-000000001300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'good', '0d3a0c00-0000-4000-8000-000000001300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'harbour', '0d3a0c00-0000-4000-8000-000000001300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'is', '0d3a0c00-0000-4000-8000-000000001300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', '0d3a0c00-0000-4000-8000-000000001300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'of', '0d3a0c00-0000-4000-8000-000000001300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'parts', '0d3a0c00-0000-4000-8000-000000001300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'sale', '0d3a0c00-0000-4000-8000-000000001300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'store', '0d3a0c00-0000-4000-8000-000000001300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'the', '0d3a0c00-0000-4000-8000-000000001300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'used', '0d3a0c00-0000-4000-8000-000000001300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'what', '0d3a0c00-0000-4000-8000-000000001300'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'counter', '962056fc-cd88-4a81-a0c5-37a37fbf2ffa'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'does', '962056fc-cd88-4a81-a0c5-37a37fbf2ffa'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'machine', '962056fc-cd88-4a81-a0c5-37a37fbf2ffa'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'nobody', '962056fc-cd88-4a81-a0c5-37a37fbf2ffa'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', '962056fc-cd88-4a81-a0c5-37a37fbf2ffa'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'start', '962056fc-cd88-4a81-a0c5-37a37fbf2ffa'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'does', '0619be4d-a42e-4e5c-b382-6f7163c031dd'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'drawing', '0619be4d-a42e-4e5c-b382-6f7163c031dd'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'machine', '0619be4d-a42e-4e5c-b382-6f7163c031dd'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'nobody', '0619be4d-a42e-4e5c-b382-6f7163c031dd'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', '0619be4d-a42e-4e5c-b382-6f7163c031dd'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'start', '0619be4d-a42e-4e5c-b382-6f7163c031dd'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'does', 'af739ae9-57b9-4ccb-9b11-6ef470e32218');
INSERT INTO public.case_words VALUES
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'editing', 'af739ae9-57b9-4ccb-9b11-6ef470e32218'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'machine', 'af739ae9-57b9-4ccb-9b11-6ef470e32218'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'nobody', 'af739ae9-57b9-4ccb-9b11-6ef470e32218'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', 'af739ae9-57b9-4ccb-9b11-6ef470e32218'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'start', 'af739ae9-57b9-4ccb-9b11-6ef470e32218'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'does', '6850ca43-c27e-40f0-9fca-7aee50d9bb24'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'kiosk', '6850ca43-c27e-40f0-9fca-7aee50d9bb24'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'nobody', '6850ca43-c27e-40f0-9fca-7aee50d9bb24'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', '6850ca43-c27e-40f0-9fca-7aee50d9bb24'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'palm', '6850ca43-c27e-40f0-9fca-7aee50d9bb24'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'size', '6850ca43-c27e-40f0-9fca-7aee50d9bb24'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'start', '6850ca43-c27e-40f0-9fca-7aee50d9bb24'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'does', '92f50243-f3a1-42bf-86f7-f8482e07b94f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'hand', '92f50243-f3a1-42bf-86f7-f8482e07b94f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'machine', '92f50243-f3a1-42bf-86f7-f8482e07b94f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'nobody', '92f50243-f3a1-42bf-86f7-f8482e07b94f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', '92f50243-f3a1-42bf-86f7-f8482e07b94f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'office', '92f50243-f3a1-42bf-86f7-f8482e07b94f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'second', '92f50243-f3a1-42bf-86f7-f8482e07b94f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'start', '92f50243-f3a1-42bf-86f7-f8482e07b94f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'does', '5ac85d88-60c8-4d4f-905c-a7b29afca7b7'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'home', '5ac85d88-60c8-4d4f-905c-a7b29afca7b7'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'machine', '5ac85d88-60c8-4d4f-905c-a7b29afca7b7'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'nobody', '5ac85d88-60c8-4d4f-905c-a7b29afca7b7'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', '5ac85d88-60c8-4d4f-905c-a7b29afca7b7'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'start', '5ac85d88-60c8-4d4f-905c-a7b29afca7b7'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'does', '4be1e659-1404-4076-93c0-d06de4661ee6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'machine', '4be1e659-1404-4076-93c0-d06de4661ee6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'nobody', '4be1e659-1404-4076-93c0-d06de4661ee6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', '4be1e659-1404-4076-93c0-d06de4661ee6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'start', '4be1e659-1404-4076-93c0-d06de4661ee6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'workshop', '4be1e659-1404-4076-93c0-d06de4661ee6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'does', 'f5aae3e9-8a73-481d-838a-d2f45a0d4693'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'machine', 'f5aae3e9-8a73-481d-838a-d2f45a0d4693'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'nobody', 'f5aae3e9-8a73-481d-838a-d2f45a0d4693'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', 'f5aae3e9-8a73-481d-838a-d2f45a0d4693'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'start', 'f5aae3e9-8a73-481d-838a-d2f45a0d4693'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'tuned', 'f5aae3e9-8a73-481d-838a-d2f45a0d4693'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'entry', '7c97dacb-8347-4442-b245-7bd780fa2aba'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'every', '7c97dacb-8347-4442-b245-7bd780fa2aba'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'happens', '7c97dacb-8347-4442-b245-7bd780fa2aba'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'kind', '7c97dacb-8347-4442-b245-7bd780fa2aba'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'loft', '7c97dacb-8347-4442-b245-7bd780fa2aba'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'net', '7c97dacb-8347-4442-b245-7bd780fa2aba'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'nothing', '7c97dacb-8347-4442-b245-7bd780fa2aba'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'of', '7c97dacb-8347-4442-b245-7bd780fa2aba'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'down', '5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'drama', '5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'half', '5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'machine', '5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4');
INSERT INTO public.case_words VALUES
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', '5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'radio', '5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'stopped', '5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'the', '5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'update', '5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'way', '5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'written', '5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'and', '3427da59-9d66-4b9c-a9e5-15ba9b23e2e3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'down', '3427da59-9d66-4b9c-a9e5-15ba9b23e2e3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'gauge', '3427da59-9d66-4b9c-a9e5-15ba9b23e2e3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'happens', '3427da59-9d66-4b9c-a9e5-15ba9b23e2e3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'i', '3427da59-9d66-4b9c-a9e5-15ba9b23e2e3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', '3427da59-9d66-4b9c-a9e5-15ba9b23e2e3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'logger', '3427da59-9d66-4b9c-a9e5-15ba9b23e2e3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', '3427da59-9d66-4b9c-a9e5-15ba9b23e2e3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'nothing', '3427da59-9d66-4b9c-a9e5-15ba9b23e2e3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'press', '3427da59-9d66-4b9c-a9e5-15ba9b23e2e3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'tide', '3427da59-9d66-4b9c-a9e5-15ba9b23e2e3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'written', '3427da59-9d66-4b9c-a9e5-15ba9b23e2e3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'a', 'c13cbb46-8b14-4dd5-bd77-7e664016b42d'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'as', 'c13cbb46-8b14-4dd5-bd77-7e664016b42d'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'down', 'c13cbb46-8b14-4dd5-bd77-7e664016b42d'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'drawing', 'c13cbb46-8b14-4dd5-bd77-7e664016b42d'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'goes', 'c13cbb46-8b14-4dd5-bd77-7e664016b42d'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', 'c13cbb46-8b14-4dd5-bd77-7e664016b42d'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', 'c13cbb46-8b14-4dd5-bd77-7e664016b42d'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'off', 'c13cbb46-8b14-4dd5-bd77-7e664016b42d'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'pc', 'c13cbb46-8b14-4dd5-bd77-7e664016b42d'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'soon', 'c13cbb46-8b14-4dd5-bd77-7e664016b42d'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'turns', 'c13cbb46-8b14-4dd5-bd77-7e664016b42d'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'written', 'c13cbb46-8b14-4dd5-bd77-7e664016b42d'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'a', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'asks', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'down', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'for', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'hand', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'has', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'machine', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'nobody', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'office', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'password', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'second', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'that', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'written', '6fbd31d9-1c4d-4962-ba60-f2ca2971e39f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'a', 'c6891898-3be9-4a0d-83b2-c33b9d5b237f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'and', 'c6891898-3be9-4a0d-83b2-c33b9d5b237f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'desk', 'c6891898-3be9-4a0d-83b2-c33b9d5b237f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'down', 'c6891898-3be9-4a0d-83b2-c33b9d5b237f');
INSERT INTO public.case_words VALUES
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'fan', 'c6891898-3be9-4a0d-83b2-c33b9d5b237f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'ferry', 'c6891898-3be9-4a0d-83b2-c33b9d5b237f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'goes', 'c6891898-3be9-4a0d-83b2-c33b9d5b237f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', 'c6891898-3be9-4a0d-83b2-c33b9d5b237f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', 'c6891898-3be9-4a0d-83b2-c33b9d5b237f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'of', 'c6891898-3be9-4a0d-83b2-c33b9d5b237f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'off', 'c6891898-3be9-4a0d-83b2-c33b9d5b237f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'warns', 'c6891898-3be9-4a0d-83b2-c33b9d5b237f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'written', 'c6891898-3be9-4a0d-83b2-c33b9d5b237f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'a', '52874fef-bf7a-4902-be4d-eabd7728820f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'and', '52874fef-bf7a-4902-be4d-eabd7728820f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'down', '52874fef-bf7a-4902-be4d-eabd7728820f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'editing', '52874fef-bf7a-4902-be4d-eabd7728820f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', '52874fef-bf7a-4902-be4d-eabd7728820f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'machine', '52874fef-bf7a-4902-be4d-eabd7728820f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'never', '52874fef-bf7a-4902-be4d-eabd7728820f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'new', '52874fef-bf7a-4902-be4d-eabd7728820f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', '52874fef-bf7a-4902-be4d-eabd7728820f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'processor', '52874fef-bf7a-4902-be4d-eabd7728820f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'starts', '52874fef-bf7a-4902-be4d-eabd7728820f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'written', '52874fef-bf7a-4902-be4d-eabd7728820f'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'and', '104fec3a-16ba-413c-a18d-1206a74c8ca3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'but', '104fec3a-16ba-413c-a18d-1206a74c8ca3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'down', '104fec3a-16ba-413c-a18d-1206a74c8ca3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'fans', '104fec3a-16ba-413c-a18d-1206a74c8ca3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'kiosk', '104fec3a-16ba-413c-a18d-1206a74c8ca3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'lights', '104fec3a-16ba-413c-a18d-1206a74c8ca3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'museum', '104fec3a-16ba-413c-a18d-1206a74c8ca3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'no', '104fec3a-16ba-413c-a18d-1206a74c8ca3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', '104fec3a-16ba-413c-a18d-1206a74c8ca3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'signal', '104fec3a-16ba-413c-a18d-1206a74c8ca3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'written', '104fec3a-16ba-413c-a18d-1206a74c8ca3'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'dead', '1491f9ef-1dbf-4712-aebb-0bdd596fdca1'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'down', '1491f9ef-1dbf-4712-aebb-0bdd596fdca1'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'is', '1491f9ef-1dbf-4712-aebb-0bdd596fdca1'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', '1491f9ef-1dbf-4712-aebb-0bdd596fdca1'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'moved', '1491f9ef-1dbf-4712-aebb-0bdd596fdca1'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', '1491f9ef-1dbf-4712-aebb-0bdd596fdca1'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'palm', '1491f9ef-1dbf-4712-aebb-0bdd596fdca1'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'printer', '1491f9ef-1dbf-4712-aebb-0bdd596fdca1'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'since', '1491f9ef-1dbf-4712-aebb-0bdd596fdca1'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'size', '1491f9ef-1dbf-4712-aebb-0bdd596fdca1'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'ticket', '1491f9ef-1dbf-4712-aebb-0bdd596fdca1'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'was', '1491f9ef-1dbf-4712-aebb-0bdd596fdca1'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'written', '1491f9ef-1dbf-4712-aebb-0bdd596fdca1'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '2', 'c0a25175-4010-4b0b-808b-63b7583266c6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'a', 'c0a25175-4010-4b0b-808b-63b7583266c6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'and', 'c0a25175-4010-4b0b-808b-63b7583266c6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'comes', 'c0a25175-4010-4b0b-808b-63b7583266c6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'down', 'c0a25175-4010-4b0b-808b-63b7583266c6');
INSERT INTO public.case_words VALUES
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'light', 'c0a25175-4010-4b0b-808b-63b7583266c6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', 'c0a25175-4010-4b0b-808b-63b7583266c6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'nothing', 'c0a25175-4010-4b0b-808b-63b7583266c6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'office', 'c0a25175-4010-4b0b-808b-63b7583266c6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'on', 'c0a25175-4010-4b0b-808b-63b7583266c6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'stays', 'c0a25175-4010-4b0b-808b-63b7583266c6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'ticket', 'c0a25175-4010-4b0b-808b-63b7583266c6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'written', 'c0a25175-4010-4b0b-808b-63b7583266c6'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'a', '1f0cc807-70b5-4e83-a965-05182e7fbead'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'and', '1f0cc807-70b5-4e83-a965-05182e7fbead'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'chart', '1f0cc807-70b5-4e83-a965-05182e7fbead'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'down', '1f0cc807-70b5-4e83-a965-05182e7fbead'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'for', '1f0cc807-70b5-4e83-a965-05182e7fbead'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'goes', '1f0cc807-70b5-4e83-a965-05182e7fbead'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'it', '1f0cc807-70b5-4e83-a965-05182e7fbead'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'not', '1f0cc807-70b5-4e83-a965-05182e7fbead'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'out', '1f0cc807-70b5-4e83-a965-05182e7fbead'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'second', '1f0cc807-70b5-4e83-a965-05182e7fbead'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'starts', '1f0cc807-70b5-4e83-a965-05182e7fbead'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'table', '1f0cc807-70b5-4e83-a965-05182e7fbead'),
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'written', '1f0cc807-70b5-4e83-a965-05182e7fbead');


--
-- Data for Name: cases; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.cases VALUES
	('0d3a0c00-0000-4000-8000-000000000100', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 1, 'Ticket office, counter 2', 'Ferry ticket office', 'Since the painters were in, the screen stays black. It hums as always.', 'closed', NULL, 4, 6, '2026-11-24 18:54:09.095+00', '2026-11-24 19:15:09.095+00', NULL, DEFAULT),
	('0d3a0c00-0000-4000-8000-000000000200', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 2, 'Lighthouse museum kiosk', 'Lighthouse museum', 'It says something about USB and current and goes off after some seconds.', 'parked', 'a new front USB lead', 6, 9, '2026-11-25 18:54:09.095+00', '2026-11-25 19:27:09.095+00', '2026-11-29 19:27:09.095+00', DEFAULT),
	('0d3a0c00-0000-4000-8000-000000000300', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 3, 'Net-maker’s drawing PC', 'Net-maker’s loft', 'Goes dead in the middle of a drawing. I have to pull the cord before it comes back.', 'on-bench', NULL, 3, 4, '2026-11-26 16:54:09.095+00', '2026-11-26 17:14:09.095+00', NULL, DEFAULT),
	('0d3a0c00-0000-4000-8000-000000000400', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 4, 'Radio-drama club editing machine', 'Radio-drama club', 'Fans and lights, but the screen says no signal. It was fine at the last rehearsal.', 'on-bench', NULL, 5, 6, '2026-11-27 15:44:09.095+00', '2026-11-27 16:07:09.095+00', NULL, DEFAULT),
	('0d3a0c00-0000-4000-8000-000000000500', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 5, 'Tide-gauge logger', 'Harbour master', 'I press it and nothing happens.', 'on-bench', NULL, 5, 6, '2026-11-27 18:29:09.095+00', '2026-11-27 18:40:09.095+00', NULL, DEFAULT),
	('0d3a0c00-0000-4000-8000-000000000600', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 6, 'Chart table mini, ferry bridge', 'Ferry crew', 'Dead since the storm. The lamp on the adapter is off, I think.', 'waiting', NULL, 0, 1, '2026-11-27 18:46:09.095+00', '2026-11-27 18:46:09.095+00', NULL, DEFAULT),
	('0d3a0c00-0000-4000-8000-000000000700', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 7, 'Net loft order machine', 'Net loft', 'Since the processor was changed a light stays on and nothing comes.', 'on-bench', NULL, 6, 7, '2026-11-27 17:59:09.095+00', '2026-11-27 18:32:09.095+00', NULL, DEFAULT),
	('0d3a0c00-0000-4000-8000-000000000800', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 8, 'Slipway label machine', 'Slipway', 'The small one starts over and over.', 'closed', NULL, 8, 10, '2026-11-23 18:54:09.095+00', '2026-11-23 19:28:09.095+00', NULL, DEFAULT),
	('0d3a0c00-0000-4000-8000-000000000900', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 9, 'Pilot station plotter', 'Pilot station', 'Built with a new processor, it has never started.', 'parked', 'a supported processor on loan for the update', 3, 5, '2026-11-26 15:54:09.095+00', '2026-11-26 16:14:09.095+00', '2026-11-26 19:14:09.095+00', DEFAULT),
	('0d3a0c00-0000-4000-8000-000000001000', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 10, 'Kelp laboratory logger', 'Kelp laboratory', 'Bought used. It asks for a password that nobody has.', 'on-bench', NULL, 2, 4, '2026-11-27 16:34:09.095+00', '2026-11-27 16:43:09.095+00', NULL, DEFAULT),
	('0d3a0c00-0000-4000-8000-000000001100', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 11, 'Rope walk, new parts', 'Rope walk', 'New parts, please test before we build it in.', 'on-bench', NULL, 4, 5, '2026-11-27 17:39:09.095+00', '2026-11-27 18:15:09.095+00', NULL, DEFAULT),
	('0d3a0c00-0000-4000-8000-000000001200', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 12, 'Sail maker cutting machine', 'Sail maker', 'Fans twitch once and that is all.', 'on-bench', NULL, 4, 7, '2026-11-27 18:06:09.095+00', '2026-11-27 18:23:09.095+00', NULL, DEFAULT),
	('0d3a0c00-0000-4000-8000-000000001300', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 13, 'Buoy store, used parts', 'Buoy store', 'Bought used at the harbour sale. What of it is good?', 'on-bench', NULL, 3, 8, '2026-11-27 18:02:09.095+00', '2026-11-27 18:22:09.095+00', NULL, DEFAULT),
	('962056fc-cd88-4a81-a0c5-37a37fbf2ffa', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 14, 'Counter machine', 'Nobody', 'Does not start.', 'on-bench', NULL, 15, 16, '2026-06-01 09:20:00+00', '2026-06-01 09:35:00+00', NULL, DEFAULT),
	('0619be4d-a42e-4e5c-b382-6f7163c031dd', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 15, 'Drawing machine', 'Nobody', 'Does not start.', 'on-bench', NULL, 15, 16, '2026-06-01 09:36:00+00', '2026-06-01 09:51:00+00', NULL, DEFAULT),
	('af739ae9-57b9-4ccb-9b11-6ef470e32218', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 16, 'Editing machine', 'Nobody', 'Does not start.', 'on-bench', NULL, 15, 16, '2026-06-01 09:52:00+00', '2026-06-01 10:07:00+00', NULL, DEFAULT),
	('6850ca43-c27e-40f0-9fca-7aee50d9bb24', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 17, 'Palm-size kiosk', 'Nobody', 'Does not start.', 'on-bench', NULL, 15, 16, '2026-06-01 10:08:00+00', '2026-06-01 10:23:00+00', NULL, DEFAULT),
	('92f50243-f3a1-42bf-86f7-f8482e07b94f', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 18, 'Second-hand office machine', 'Nobody', 'Does not start.', 'on-bench', NULL, 15, 16, '2026-06-01 10:24:00+00', '2026-06-01 10:39:00+00', NULL, DEFAULT),
	('5ac85d88-60c8-4d4f-905c-a7b29afca7b7', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 19, 'Home machine', 'Nobody', 'Does not start.', 'on-bench', NULL, 15, 16, '2026-06-01 10:40:00+00', '2026-06-01 10:55:00+00', NULL, DEFAULT),
	('4be1e659-1404-4076-93c0-d06de4661ee6', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 20, 'Workshop machine', 'Nobody', 'Does not start.', 'on-bench', NULL, 15, 16, '2026-06-01 10:56:00+00', '2026-06-01 11:11:00+00', NULL, DEFAULT),
	('f5aae3e9-8a73-481d-838a-d2f45a0d4693', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 21, 'Tuned machine', 'Nobody', 'Does not start.', 'on-bench', NULL, 15, 16, '2026-06-01 11:12:00+00', '2026-06-01 11:27:00+00', NULL, DEFAULT),
	('7c97dacb-8347-4442-b245-7bd780fa2aba', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 22, 'Every kind of entry', 'Net loft', 'Nothing happens.', 'on-bench', NULL, 4, 19, '2026-06-01 09:01:00+00', '2026-06-01 09:19:00+00', NULL, DEFAULT),
	('5ee0a6a9-e680-4e62-b162-8eb2d1e9fab4', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 23, 'Radio-drama machine', 'not written down', 'The update stopped half way.', 'closed', NULL, 5, 7, '2000-01-01 00:00:00+00', '2000-01-01 00:00:00+00', NULL, DEFAULT),
	('3427da59-9d66-4b9c-a9e5-15ba9b23e2e3', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 24, 'Tide-gauge logger', 'not written down', 'I press it and nothing happens.', 'closed', NULL, 6, 8, '2000-01-01 00:00:00+00', '2000-01-01 00:00:00+00', NULL, DEFAULT),
	('c13cbb46-8b14-4dd5-bd77-7e664016b42d', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 25, 'Drawing PC', 'not written down', 'It goes off as soon as a drawing turns.', 'closed', NULL, 7, 9, '2000-01-01 00:00:00+00', '2000-01-01 00:00:00+00', NULL, DEFAULT),
	('6fbd31d9-1c4d-4962-ba60-f2ca2971e39f', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 26, 'Second-hand office machine', 'not written down', 'It asks for a password that nobody has.', 'closed', NULL, 2, 4, '2000-01-01 00:00:00+00', '2000-01-01 00:00:00+00', NULL, DEFAULT),
	('c6891898-3be9-4a0d-83b2-c33b9d5b237f', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 27, 'Ferry desk', 'not written down', 'It warns of a fan and goes off.', 'closed', NULL, 4, 6, '2000-01-01 00:00:00+00', '2000-01-01 00:00:00+00', NULL, DEFAULT),
	('52874fef-bf7a-4902-be4d-eabd7728820f', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 28, 'Editing machine', 'not written down', 'A new processor, and it never starts.', 'closed', NULL, 6, 8, '2000-01-01 00:00:00+00', '2000-01-01 00:00:00+00', NULL, DEFAULT),
	('104fec3a-16ba-413c-a18d-1206a74c8ca3', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 29, 'Museum kiosk', 'not written down', 'Lights and fans, but no signal.', 'closed', NULL, 4, 6, '2000-01-01 00:00:00+00', '2000-01-01 00:00:00+00', NULL, DEFAULT),
	('1491f9ef-1dbf-4712-aebb-0bdd596fdca1', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 30, 'Palm-size ticket printer', 'not written down', 'It is dead since it was moved.', 'closed', NULL, 5, 7, '2000-01-01 00:00:00+00', '2000-01-01 00:00:00+00', NULL, DEFAULT),
	('c0a25175-4010-4b0b-808b-63b7583266c6', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 31, 'Ticket office 2', 'not written down', 'A light stays on and nothing comes.', 'closed', NULL, 7, 9, '2000-01-01 00:00:00+00', '2000-01-01 00:00:00+00', NULL, DEFAULT),
	('1f0cc807-70b5-4e83-a965-05182e7fbead', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 32, 'Chart table', 'not written down', 'It starts for a second and goes out.', 'closed', NULL, 8, 10, '2000-01-01 00:00:00+00', '2000-01-01 00:00:00+00', NULL, DEFAULT);


--
-- Data for Name: installation; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.installation VALUES
	(true, NULL, '2026-11-27 18:54:08.814+00');


--
-- Data for Name: invitations; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: migrations; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.migrations VALUES
	('0001_cases.sql', 'c015aa72cf52c061964f403093f5fce9a9fd101d737003ecd350bf227809a253', '2026-11-27 18:54:08.671176+00'),
	('0002_waiting_until.sql', '813d56c433e1e0a05844e3b1d481e6710e8755b34c403552a3c52cdb401b339e', '2026-11-27 18:54:08.691555+00'),
	('0003_boards.sql', '2857add1b6046dcad46ca1a54e84c0a1e9edcd6a3381bb2cc6e0891975429789', '2026-11-27 18:54:08.694607+00'),
	('0004_people.sql', '7eb01a7c9ea172648883aef157c7b8bdd5eaba0d22d6c5c0deeba1ae933ff268', '2026-11-27 18:54:08.702707+00'),
	('0005_search.sql', '84ffe1649aea097940653174c0c04f7ab161f10841daf4ab305c5586b50a510a', '2026-11-27 18:54:08.738818+00');


--
-- Data for Name: people; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.people VALUES
	('08fa5144-bc19-43bb-98c7-d1885c57f3ab', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'edda', 'Edda', 'lead', '$argon2id$v=19$m=19456,t=2,p=1$9uFtID3lEgdI/RrwzZWV8g$MatIz2SMyNUzrxKW8x4F7mzrJG5nO0NAzLIFyAphLl8', true, '2026-11-27 18:54:08.814+00'),
	('41ae4708-75ea-4430-8686-bb729f23f46c', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'runa', 'Runa', 'technician', '$argon2id$v=19$m=19456,t=2,p=1$QnsvlxHkN88o8F8VfjKCew$yq+lAOa3ScXdvo3YCY2l/IfipBlpMkWBgv51LQgoJag', true, '2026-11-27 18:54:08.814+00'),
	('4957484e-dadb-4aa1-9ba5-24c63ba2477b', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'ebbe', 'Ebbe', 'trainee', '$argon2id$v=19$m=19456,t=2,p=1$t3VqQtg2JEJjsgGT+0flzw$4ew+T3nFzBhrQPYkV5j6XG5Mq4KXrGyQUxEazvCV9SM', true, '2026-11-27 18:54:08.814+00'),
	('62127839-bcce-4f1d-a36e-5e9291d04fd7', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'desk', 'Ticket desk', 'reader', '$argon2id$v=19$m=19456,t=2,p=1$RDN4GthZAVQxgi/1aP8blg$nGp3fKwLkPGZsfIysYNnfg5xhqLtYUknhb7FInuIhRI', true, '2026-11-27 18:54:08.814+00');


--
-- Data for Name: sessions; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.sessions VALUES
	('55dbee4d18e9101f2d1a0d1b0c2f425d460f589be682821eae5569a21ff823c0', '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', '08fa5144-bc19-43bb-98c7-d1885c57f3ab', '2026-11-27 18:54:09.775+00', '2026-11-27 18:54:09.775+00');


--
-- Data for Name: shops; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.shops VALUES
	('5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11', 'Harbour bench, Ollersund Ferry and Harbour Cooperative', 33, '2026-11-27 18:54:08.849073+00');


--
-- Data for Name: sign_in_failures; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.sign_in_failures VALUES
	('05d4b45f7dc288281604a9493ed149ecb857a8d91cbb9680073732359b79b9bb', 0, '2026-11-27 18:54:09.632+00', '2026-11-27 18:54:09.632+00');


--
-- Name: audit_entries_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.audit_entries_id_seq', 37, true);


--
-- Name: audit_entries audit_entries_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.audit_entries
    ADD CONSTRAINT audit_entries_pkey PRIMARY KEY (id);


--
-- Name: boards boards_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.boards
    ADD CONSTRAINT boards_pkey PRIMARY KEY (id);


--
-- Name: case_events case_events_case_id_event_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.case_events
    ADD CONSTRAINT case_events_case_id_event_id_key UNIQUE (case_id, event_id);


--
-- Name: case_events case_events_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.case_events
    ADD CONSTRAINT case_events_pkey PRIMARY KEY (case_id, sequence);


--
-- Name: case_owners case_owners_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.case_owners
    ADD CONSTRAINT case_owners_pkey PRIMARY KEY (case_id);


--
-- Name: case_words case_words_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.case_words
    ADD CONSTRAINT case_words_pkey PRIMARY KEY (shop_id, word, case_id);


--
-- Name: cases cases_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.cases
    ADD CONSTRAINT cases_pkey PRIMARY KEY (id);


--
-- Name: cases cases_shop_id_number_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.cases
    ADD CONSTRAINT cases_shop_id_number_key UNIQUE (shop_id, number);


--
-- Name: installation installation_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.installation
    ADD CONSTRAINT installation_pkey PRIMARY KEY (singleton);


--
-- Name: invitations invitations_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.invitations
    ADD CONSTRAINT invitations_pkey PRIMARY KEY (code_hash);


--
-- Name: migrations migrations_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.migrations
    ADD CONSTRAINT migrations_pkey PRIMARY KEY (name);


--
-- Name: people people_login_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.people
    ADD CONSTRAINT people_login_key UNIQUE (login);


--
-- Name: people people_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.people
    ADD CONSTRAINT people_pkey PRIMARY KEY (id);


--
-- Name: sessions sessions_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.sessions
    ADD CONSTRAINT sessions_pkey PRIMARY KEY (token_hash);


--
-- Name: shops shops_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.shops
    ADD CONSTRAINT shops_pkey PRIMARY KEY (id);


--
-- Name: sign_in_failures sign_in_failures_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.sign_in_failures
    ADD CONSTRAINT sign_in_failures_pkey PRIMARY KEY (key_hash);


--
-- Name: audit_by_time; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX audit_by_time ON public.audit_entries USING btree (shop_id, id DESC);


--
-- Name: audit_of_subject; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX audit_of_subject ON public.audit_entries USING btree (shop_id, subject, action, person_id, at DESC);


--
-- Name: boards_by_model; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX boards_by_model ON public.boards USING btree (shop_id, model);


--
-- Name: case_owners_by_name; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX case_owners_by_name ON public.case_owners USING btree (shop_id, lower(owner));


--
-- Name: cases_by_stage; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX cases_by_stage ON public.cases USING btree (shop_id, stage, updated_at DESC);


--
-- Name: cases_by_time; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX cases_by_time ON public.cases USING btree (shop_id, ((stage = 'closed'::text)), updated_at DESC);


--
-- Name: people_by_shop; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX people_by_shop ON public.people USING btree (shop_id, name);


--
-- Name: sessions_by_person; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX sessions_by_person ON public.sessions USING btree (person_id);


--
-- Name: cases words_of_changed_case; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER words_of_changed_case AFTER UPDATE ON public.cases FOR EACH ROW WHEN ((old.words IS DISTINCT FROM new.words)) EXECUTE FUNCTION public.keep_case_words();


--
-- Name: cases words_of_new_case; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER words_of_new_case AFTER INSERT ON public.cases FOR EACH ROW EXECUTE FUNCTION public.keep_case_words();


--
-- Name: audit_entries audit_entries_person_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.audit_entries
    ADD CONSTRAINT audit_entries_person_id_fkey FOREIGN KEY (person_id) REFERENCES public.people(id);


--
-- Name: audit_entries audit_entries_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.audit_entries
    ADD CONSTRAINT audit_entries_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shops(id);


--
-- Name: boards boards_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.boards
    ADD CONSTRAINT boards_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shops(id);


--
-- Name: case_events case_events_case_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.case_events
    ADD CONSTRAINT case_events_case_id_fkey FOREIGN KEY (case_id) REFERENCES public.cases(id);


--
-- Name: case_events case_events_recorded_by_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.case_events
    ADD CONSTRAINT case_events_recorded_by_fkey FOREIGN KEY (recorded_by) REFERENCES public.people(id);


--
-- Name: case_events case_events_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.case_events
    ADD CONSTRAINT case_events_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shops(id);


--
-- Name: case_owners case_owners_case_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.case_owners
    ADD CONSTRAINT case_owners_case_id_fkey FOREIGN KEY (case_id) REFERENCES public.cases(id);


--
-- Name: case_owners case_owners_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.case_owners
    ADD CONSTRAINT case_owners_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shops(id);


--
-- Name: case_words case_words_case_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.case_words
    ADD CONSTRAINT case_words_case_id_fkey FOREIGN KEY (case_id) REFERENCES public.cases(id);


--
-- Name: case_words case_words_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.case_words
    ADD CONSTRAINT case_words_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shops(id);


--
-- Name: cases cases_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.cases
    ADD CONSTRAINT cases_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shops(id);


--
-- Name: invitations invitations_invited_by_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.invitations
    ADD CONSTRAINT invitations_invited_by_fkey FOREIGN KEY (invited_by) REFERENCES public.people(id);


--
-- Name: invitations invitations_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.invitations
    ADD CONSTRAINT invitations_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shops(id);


--
-- Name: people people_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.people
    ADD CONSTRAINT people_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shops(id);


--
-- Name: sessions sessions_person_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.sessions
    ADD CONSTRAINT sessions_person_id_fkey FOREIGN KEY (person_id) REFERENCES public.people(id);


--
-- Name: sessions sessions_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.sessions
    ADD CONSTRAINT sessions_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shops(id);


--
-- Name: audit_entries; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.audit_entries ENABLE ROW LEVEL SECURITY;

--
-- Name: boards; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.boards ENABLE ROW LEVEL SECURITY;

--
-- Name: invitations by_code; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY by_code ON public.invitations FOR SELECT USING ((code_hash = public.presented('code'::text)));


--
-- Name: people by_login; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY by_login ON public.people FOR SELECT USING ((login = public.presented('login'::text)));


--
-- Name: sessions by_token; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY by_token ON public.sessions FOR SELECT USING ((token_hash = public.presented('token'::text)));


--
-- Name: case_events; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.case_events ENABLE ROW LEVEL SECURITY;

--
-- Name: case_owners; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.case_owners ENABLE ROW LEVEL SECURITY;

--
-- Name: case_words; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.case_words ENABLE ROW LEVEL SECURITY;

--
-- Name: cases; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.cases ENABLE ROW LEVEL SECURITY;

--
-- Name: invitations; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.invitations ENABLE ROW LEVEL SECURITY;

--
-- Name: audit_entries own_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY own_shop ON public.audit_entries USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: boards own_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY own_shop ON public.boards USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: case_events own_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY own_shop ON public.case_events USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: case_owners own_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY own_shop ON public.case_owners USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: case_words own_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY own_shop ON public.case_words USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: cases own_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY own_shop ON public.cases USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: invitations own_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY own_shop ON public.invitations USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: people own_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY own_shop ON public.people USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: sessions own_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY own_shop ON public.sessions USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: shops own_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY own_shop ON public.shops USING ((id = public.current_shop())) WITH CHECK ((id = public.current_shop()));


--
-- Name: people; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.people ENABLE ROW LEVEL SECURITY;

--
-- Name: sessions; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.sessions ENABLE ROW LEVEL SECURITY;

--
-- Name: shops; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.shops ENABLE ROW LEVEL SECURITY;

--
-- Name: SCHEMA public; Type: ACL; Schema: -; Owner: -
--

GRANT USAGE ON SCHEMA public TO probe_app;


--
-- Name: TABLE audit_entries; Type: ACL; Schema: public; Owner: -
--

GRANT SELECT,INSERT ON TABLE public.audit_entries TO probe_app;


--
-- Name: TABLE boards; Type: ACL; Schema: public; Owner: -
--

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.boards TO probe_app;


--
-- Name: TABLE case_events; Type: ACL; Schema: public; Owner: -
--

GRANT SELECT,INSERT ON TABLE public.case_events TO probe_app;


--
-- Name: TABLE case_owners; Type: ACL; Schema: public; Owner: -
--

GRANT SELECT,INSERT,DELETE ON TABLE public.case_owners TO probe_app;


--
-- Name: TABLE case_words; Type: ACL; Schema: public; Owner: -
--

GRANT SELECT,INSERT,DELETE ON TABLE public.case_words TO probe_app;


--
-- Name: TABLE cases; Type: ACL; Schema: public; Owner: -
--

GRANT SELECT,INSERT,UPDATE ON TABLE public.cases TO probe_app;


--
-- Name: TABLE installation; Type: ACL; Schema: public; Owner: -
--

GRANT SELECT,INSERT,UPDATE ON TABLE public.installation TO probe_app;


--
-- Name: TABLE invitations; Type: ACL; Schema: public; Owner: -
--

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.invitations TO probe_app;


--
-- Name: TABLE people; Type: ACL; Schema: public; Owner: -
--

GRANT SELECT,INSERT,UPDATE ON TABLE public.people TO probe_app;


--
-- Name: TABLE sessions; Type: ACL; Schema: public; Owner: -
--

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.sessions TO probe_app;


--
-- Name: TABLE shops; Type: ACL; Schema: public; Owner: -
--

GRANT SELECT,INSERT,UPDATE ON TABLE public.shops TO probe_app;


--
-- Name: TABLE sign_in_failures; Type: ACL; Schema: public; Owner: -
--

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.sign_in_failures TO probe_app;


--
-- PostgreSQL database dump complete
--

\unrestrict uqrqkFPn55iWVEuHJbdxJhhZ5sGFqh3VwAFE0G9QpmrG3kfO0lyuDSvErPnmdi9

