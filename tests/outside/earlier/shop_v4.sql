-- A shop's logbook as version 0.2 wrote it (schema 4): two jobs, one of them closed, one changed once.
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

SET default_tablespace = '';

SET default_table_access_method = heap;

CREATE TABLE public.goods (
    "row" bigint NOT NULL,
    quantity text NOT NULL,
    value double precision NOT NULL,
    celsius double precision,
    vehicle text NOT NULL,
    module text NOT NULL,
    part text NOT NULL,
    circuit text NOT NULL,
    place text NOT NULL,
    taken text NOT NULL,
    trace text NOT NULL
);

CREATE SEQUENCE public.goods_row_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;

ALTER SEQUENCE public.goods_row_seq OWNED BY public.goods."row";

CREATE TABLE public.jobs (
    "row" bigint NOT NULL,
    id text NOT NULL,
    path text NOT NULL,
    folder text NOT NULL,
    title text NOT NULL,
    vehicle text NOT NULL,
    suspect text NOT NULL,
    headline text NOT NULL,
    changed text NOT NULL COLLATE pg_catalog."C",
    state text DEFAULT 'open'::text NOT NULL,
    revision text DEFAULT ''::text NOT NULL,
    words tsvector NOT NULL
);

CREATE SEQUENCE public.jobs_row_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;

ALTER SEQUENCE public.jobs_row_seq OWNED BY public.jobs."row";

CREATE TABLE public.outcomes (
    "row" bigint NOT NULL,
    vehicle text NOT NULL,
    class text NOT NULL,
    fault text NOT NULL,
    closed text NOT NULL,
    minutes double precision NOT NULL,
    proved integer NOT NULL,
    comeback integer NOT NULL
);

CREATE TABLE public.peers (
    url text NOT NULL,
    claimed bigint NOT NULL,
    sent bigint NOT NULL,
    got text NOT NULL
);

CREATE TABLE public.practice (
    "row" bigint NOT NULL,
    trainee text NOT NULL,
    case_id text NOT NULL,
    seed bigint NOT NULL,
    skill text NOT NULL,
    level integer NOT NULL,
    points integer NOT NULL,
    minutes double precision NOT NULL,
    best_minutes double precision NOT NULL,
    correct integer NOT NULL,
    wrong_parts integer NOT NULL,
    hints integer NOT NULL,
    brier double precision NOT NULL,
    played text NOT NULL
);

CREATE SEQUENCE public.practice_row_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;

ALTER SEQUENCE public.practice_row_seq OWNED BY public.practice."row";

CREATE TABLE public.revisions (
    "row" bigint NOT NULL,
    job text NOT NULL,
    revision text NOT NULL,
    parent text NOT NULL,
    changed text NOT NULL COLLATE pg_catalog."C",
    origin text NOT NULL,
    path text NOT NULL,
    folder text NOT NULL,
    headline text NOT NULL,
    content text NOT NULL,
    xid xid8 DEFAULT pg_current_xact_id() NOT NULL
);

CREATE SEQUENCE public.revisions_row_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;

ALTER SEQUENCE public.revisions_row_seq OWNED BY public.revisions."row";

CREATE TABLE public.schema_version (
    version integer NOT NULL
);

ALTER TABLE ONLY public.goods ALTER COLUMN "row" SET DEFAULT nextval('public.goods_row_seq'::regclass);

ALTER TABLE ONLY public.jobs ALTER COLUMN "row" SET DEFAULT nextval('public.jobs_row_seq'::regclass);

ALTER TABLE ONLY public.practice ALTER COLUMN "row" SET DEFAULT nextval('public.practice_row_seq'::regclass);

ALTER TABLE ONLY public.revisions ALTER COLUMN "row" SET DEFAULT nextval('public.revisions_row_seq'::regclass);

INSERT INTO public.goods VALUES (1, 'coil-resistance', 1100, 21.5, 'Hay wagon', 'M-1', 'S-9', 'RL', 'C2', '2026-11-02', '');

INSERT INTO public.jobs VALUES (2, 'closed-job', '', '/tmp/tmpem9w6eka', 'Closed one', 'Hay wagon 2', 'RR', '', '2026-11-29T09:08:00.516Z', 'closed', 'e9595491-1ebe-4fb5-b052-23e956a859ff', '''b2'' ''bafter'' ''bat'' ''bclosed'' ''bford'' ''bhay'' ''blamp'' ''blr'' ''bmuller'' ''bone'' ''bopen'' ''brr'' ''bs'' ''bsensor'' ''bthe'' ''bwagon'' ''bwash'' ''tcircuitrr'' ''tfaultsensoropen'' ''tmonth2026'' ''tmonth202611'' ''tzone'' ''v2'' ''vhay'' ''vwagon''');
INSERT INTO public.jobs VALUES (1, 'first-job', '', '/tmp/tmpem9w6eka', 'Lamp after the ford, again', 'Hay wagon 2', 'RR', '', '2026-11-29T09:08:00.563Z', 'open', 'b0de4403-3b22-4358-88c2-17ed24bb52d0', '''b2'' ''bafter'' ''bagain'' ''bat'' ''bford'' ''bhay'' ''blamp'' ''blr'' ''bmuller'' ''brr'' ''bs'' ''bthe'' ''bwagon'' ''bwash'' ''tcircuitrr'' ''tmonth2026'' ''tmonth202611'' ''v2'' ''vhay'' ''vwagon''');

INSERT INTO public.outcomes VALUES (2, 'Hay wagon 2', 'sensor', 'sensor-open', '2026-11-20', 12, 1, 0);

INSERT INTO public.practice VALUES (1, 'Mo', 'first', 1, 'open', 2, 88, 12.5, 9, 1, 0, 1, 0.04, '2026-11-02T09:00:00Z');

INSERT INTO public.revisions VALUES (1, 'first-job', '1802bed5-a0b9-429c-b918-a7dca703a226', '', '2026-11-29T09:08:00.512Z', 'bay 1', '', '/tmp/tmpem9w6eka', '', '{
  "format": "haybale-case",
  "id": "first-job",
  "version": 1,
  "job": {
    "title": "Lamp after the ford",
    "vehicle": "Hay wagon 1",
    "tyre": ""
  },
  "circuits": [
    {
      "name": "RR",
      "location": "",
      "sensor": {
        "kind": "unknown"
      },
      "path": [
        {
          "id": "module",
          "kind": "module",
          "zone": "engine-bay",
          "access_min": 4.0
        },
        {
          "id": "L1",
          "kind": "leg",
          "length_m": 2.5,
          "area_mm2": 0.5,
          "zone": "cabin",
          "access_min": 6.0
        },
        {
          "id": "C1",
          "kind": "connector",
          "zone": "underbody",
          "access_min": 6.0
        },
        {
          "id": "L2",
          "kind": "leg",
          "length_m": 0.8,
          "area_mm2": 0.5,
          "zone": "flex",
          "access_min": 3.0
        },
        {
          "id": "C2",
          "kind": "connector",
          "zone": "wheelhouse",
          "access_min": 3.0
        },
        {
          "id": "sensor",
          "kind": "sensor",
          "zone": "wheelhouse",
          "access_min": 8.0
        },
        {
          "id": "ring",
          "kind": "ring",
          "zone": "wheelhouse",
          "access_min": 5.0
        }
      ],
      "wires": {}
    },
    {
      "name": "LR",
      "location": "",
      "sensor": {
        "kind": "unknown"
      },
      "path": [
        {
          "id": "module",
          "kind": "module",
          "zone": "engine-bay",
          "access_min": 4.0
        },
        {
          "id": "L1",
          "kind": "leg",
          "length_m": 2.5,
          "area_mm2": 0.5,
          "zone": "cabin",
          "access_min": 6.0
        },
        {
          "id": "C1",
          "kind": "connector",
          "zone": "underbody",
          "access_min": 6.0
        },
        {
          "id": "L2",
          "kind": "leg",
          "length_m": 0.8,
          "area_mm2": 0.5,
          "zone": "flex",
          "access_min": 3.0
        },
        {
          "id": "C2",
          "kind": "connector",
          "zone": "wheelhouse",
          "access_min": 3.0
        },
        {
          "id": "sensor",
          "kind": "sensor",
          "zone": "wheelhouse",
          "access_min": 8.0
        },
        {
          "id": "ring",
          "kind": "ring",
          "zone": "wheelhouse",
          "access_min": 5.0
        }
      ],
      "wires": {}
    }
  ],
  "suspect": "RR",
  "complaint": {
    "when": [],
    "earlier_repair": [],
    "text": "lamp after the wash at Müller''s ford"
  },
  "toolbox": [
    "multimeter"
  ],
  "allowed": [
    "unplug",
    "back-probe"
  ],
  "costs": {
    "hour": 90.0,
    "parts": {
      "sensor": 60.0,
      "ring": 180.0,
      "jumper": 80.0,
      "module": 600.0
    }
  },
  "limits": [
    {
      "quantity": "coil-resistance",
      "min": 800.0,
      "max": 2500.0,
      "left_right_ratio": 1.15,
      "at_celsius": 20.0,
      "provenance": "common-practice",
      "source": "no published source"
    },
    {
      "quantity": "wire-insulation",
      "min": 20000000.0,
      "provenance": "common-practice",
      "source": "no published source"
    },
    {
      "quantity": "wire-continuity",
      "max": 5.0,
      "provenance": "common-practice",
      "source": "no published source"
    },
    {
      "quantity": "ac-output",
      "min": 0.1,
      "max": 1.5,
      "provenance": "common-practice",
      "source": "no published source"
    },
    {
      "quantity": "bias-unplugged",
      "left_right_ratio": 1.1,
      "provenance": "common-practice",
      "source": "no published source"
    }
  ],
  "meter": {
    "name": "3 1/2 digits, 0.5 % + 2",
    "input_ohm": 10000000.0,
    "low_input_ohm": 300000.0,
    "ac_bandwidth_hz": 1000.0,
    "shunt_ohm": 1.0,
    "lead_ohm": 0.2,
    "zeroed": true,
    "ohm_ranges": [
      {
        "full_scale_ohm": 600.0,
        "source_v": 1.2,
        "source_ohm": 600.0
      },
      {
        "full_scale_ohm": 6000.0,
        "source_v": 1.2,
        "source_ohm": 6000.0
      },
      {
        "full_scale_ohm": 60000.0,
        "source_v": 1.2,
        "source_ohm": 60000.0
      },
      {
        "full_scale_ohm": 600000.0,
        "source_v": 1.2,
        "source_ohm": 600000.0
      },
      {
        "full_scale_ohm": 6000000.0,
        "source_v": 1.2,
        "source_ohm": 6000000.0
      },
      {
        "full_scale_ohm": 60000000.0,
        "source_v": 1.2,
        "source_ohm": 60000000.0
      }
    ],
    "dc": {
      "percent": 0.5,
      "counts": 2.0
    },
    "ac": {
      "percent": 1.0,
      "counts": 3.0
    },
    "ohm": {
      "percent": 0.8,
      "counts": 2.0
    },
    "ampere": {
      "percent": 1.0,
      "counts": 3.0
    }
  },
  "evidence": []
}
', '727');
INSERT INTO public.revisions VALUES (2, 'closed-job', 'e9595491-1ebe-4fb5-b052-23e956a859ff', '', '2026-11-29T09:08:00.516Z', 'bay 1', '', '/tmp/tmpem9w6eka', '', '{
  "format": "haybale-case",
  "id": "closed-job",
  "version": 1,
  "job": {
    "title": "Closed one",
    "vehicle": "Hay wagon 2",
    "tyre": ""
  },
  "circuits": [
    {
      "name": "RR",
      "location": "",
      "sensor": {
        "kind": "unknown"
      },
      "path": [
        {
          "id": "module",
          "kind": "module",
          "zone": "engine-bay",
          "access_min": 4.0
        },
        {
          "id": "L1",
          "kind": "leg",
          "length_m": 2.5,
          "area_mm2": 0.5,
          "zone": "cabin",
          "access_min": 6.0
        },
        {
          "id": "C1",
          "kind": "connector",
          "zone": "underbody",
          "access_min": 6.0
        },
        {
          "id": "L2",
          "kind": "leg",
          "length_m": 0.8,
          "area_mm2": 0.5,
          "zone": "flex",
          "access_min": 3.0
        },
        {
          "id": "C2",
          "kind": "connector",
          "zone": "wheelhouse",
          "access_min": 3.0
        },
        {
          "id": "sensor",
          "kind": "sensor",
          "zone": "wheelhouse",
          "access_min": 8.0
        },
        {
          "id": "ring",
          "kind": "ring",
          "zone": "wheelhouse",
          "access_min": 5.0
        }
      ],
      "wires": {}
    },
    {
      "name": "LR",
      "location": "",
      "sensor": {
        "kind": "unknown"
      },
      "path": [
        {
          "id": "module",
          "kind": "module",
          "zone": "engine-bay",
          "access_min": 4.0
        },
        {
          "id": "L1",
          "kind": "leg",
          "length_m": 2.5,
          "area_mm2": 0.5,
          "zone": "cabin",
          "access_min": 6.0
        },
        {
          "id": "C1",
          "kind": "connector",
          "zone": "underbody",
          "access_min": 6.0
        },
        {
          "id": "L2",
          "kind": "leg",
          "length_m": 0.8,
          "area_mm2": 0.5,
          "zone": "flex",
          "access_min": 3.0
        },
        {
          "id": "C2",
          "kind": "connector",
          "zone": "wheelhouse",
          "access_min": 3.0
        },
        {
          "id": "sensor",
          "kind": "sensor",
          "zone": "wheelhouse",
          "access_min": 8.0
        },
        {
          "id": "ring",
          "kind": "ring",
          "zone": "wheelhouse",
          "access_min": 5.0
        }
      ],
      "wires": {}
    }
  ],
  "suspect": "RR",
  "complaint": {
    "when": [],
    "earlier_repair": [],
    "text": "lamp after the wash at Müller''s ford"
  },
  "toolbox": [
    "multimeter"
  ],
  "allowed": [
    "unplug",
    "back-probe"
  ],
  "costs": {
    "hour": 90.0,
    "parts": {
      "sensor": 60.0,
      "ring": 180.0,
      "jumper": 80.0,
      "module": 600.0
    }
  },
  "limits": [
    {
      "quantity": "coil-resistance",
      "min": 800.0,
      "max": 2500.0,
      "left_right_ratio": 1.15,
      "at_celsius": 20.0,
      "provenance": "common-practice",
      "source": "no published source"
    },
    {
      "quantity": "wire-insulation",
      "min": 20000000.0,
      "provenance": "common-practice",
      "source": "no published source"
    },
    {
      "quantity": "wire-continuity",
      "max": 5.0,
      "provenance": "common-practice",
      "source": "no published source"
    },
    {
      "quantity": "ac-output",
      "min": 0.1,
      "max": 1.5,
      "provenance": "common-practice",
      "source": "no published source"
    },
    {
      "quantity": "bias-unplugged",
      "left_right_ratio": 1.1,
      "provenance": "common-practice",
      "source": "no published source"
    }
  ],
  "meter": {
    "name": "3 1/2 digits, 0.5 % + 2",
    "input_ohm": 10000000.0,
    "low_input_ohm": 300000.0,
    "ac_bandwidth_hz": 1000.0,
    "shunt_ohm": 1.0,
    "lead_ohm": 0.2,
    "zeroed": true,
    "ohm_ranges": [
      {
        "full_scale_ohm": 600.0,
        "source_v": 1.2,
        "source_ohm": 600.0
      },
      {
        "full_scale_ohm": 6000.0,
        "source_v": 1.2,
        "source_ohm": 6000.0
      },
      {
        "full_scale_ohm": 60000.0,
        "source_v": 1.2,
        "source_ohm": 60000.0
      },
      {
        "full_scale_ohm": 600000.0,
        "source_v": 1.2,
        "source_ohm": 600000.0
      },
      {
        "full_scale_ohm": 6000000.0,
        "source_v": 1.2,
        "source_ohm": 6000000.0
      },
      {
        "full_scale_ohm": 60000000.0,
        "source_v": 1.2,
        "source_ohm": 60000000.0
      }
    ],
    "dc": {
      "percent": 0.5,
      "counts": 2.0
    },
    "ac": {
      "percent": 1.0,
      "counts": 3.0
    },
    "ohm": {
      "percent": 0.8,
      "counts": 2.0
    },
    "ampere": {
      "percent": 1.0,
      "counts": 3.0
    }
  },
  "evidence": [],
  "closing": {
    "date": "2026-11-20",
    "circuit": "RR",
    "element": "sensor",
    "fault": "sensor-open",
    "minutes": 12.0,
    "proved": true
  }
}
', '728');
INSERT INTO public.revisions VALUES (3, 'first-job', 'b0de4403-3b22-4358-88c2-17ed24bb52d0', '1802bed5-a0b9-429c-b918-a7dca703a226', '2026-11-29T09:08:00.563Z', 'bay 1', '', '/tmp/tmpem9w6eka', '', '{
  "format": "haybale-case",
  "id": "first-job",
  "version": 1,
  "job": {
    "title": "Lamp after the ford, again",
    "vehicle": "Hay wagon 2",
    "tyre": ""
  },
  "circuits": [
    {
      "name": "RR",
      "location": "",
      "sensor": {
        "kind": "unknown"
      },
      "path": [
        {
          "id": "module",
          "kind": "module",
          "zone": "engine-bay",
          "access_min": 4.0
        },
        {
          "id": "L1",
          "kind": "leg",
          "length_m": 2.5,
          "area_mm2": 0.5,
          "zone": "cabin",
          "access_min": 6.0
        },
        {
          "id": "C1",
          "kind": "connector",
          "zone": "underbody",
          "access_min": 6.0
        },
        {
          "id": "L2",
          "kind": "leg",
          "length_m": 0.8,
          "area_mm2": 0.5,
          "zone": "flex",
          "access_min": 3.0
        },
        {
          "id": "C2",
          "kind": "connector",
          "zone": "wheelhouse",
          "access_min": 3.0
        },
        {
          "id": "sensor",
          "kind": "sensor",
          "zone": "wheelhouse",
          "access_min": 8.0
        },
        {
          "id": "ring",
          "kind": "ring",
          "zone": "wheelhouse",
          "access_min": 5.0
        }
      ],
      "wires": {}
    },
    {
      "name": "LR",
      "location": "",
      "sensor": {
        "kind": "unknown"
      },
      "path": [
        {
          "id": "module",
          "kind": "module",
          "zone": "engine-bay",
          "access_min": 4.0
        },
        {
          "id": "L1",
          "kind": "leg",
          "length_m": 2.5,
          "area_mm2": 0.5,
          "zone": "cabin",
          "access_min": 6.0
        },
        {
          "id": "C1",
          "kind": "connector",
          "zone": "underbody",
          "access_min": 6.0
        },
        {
          "id": "L2",
          "kind": "leg",
          "length_m": 0.8,
          "area_mm2": 0.5,
          "zone": "flex",
          "access_min": 3.0
        },
        {
          "id": "C2",
          "kind": "connector",
          "zone": "wheelhouse",
          "access_min": 3.0
        },
        {
          "id": "sensor",
          "kind": "sensor",
          "zone": "wheelhouse",
          "access_min": 8.0
        },
        {
          "id": "ring",
          "kind": "ring",
          "zone": "wheelhouse",
          "access_min": 5.0
        }
      ],
      "wires": {}
    }
  ],
  "suspect": "RR",
  "complaint": {
    "when": [],
    "earlier_repair": [],
    "text": "lamp after the wash at Müller''s ford"
  },
  "toolbox": [
    "multimeter"
  ],
  "allowed": [
    "unplug",
    "back-probe"
  ],
  "costs": {
    "hour": 90.0,
    "parts": {
      "sensor": 60.0,
      "ring": 180.0,
      "jumper": 80.0,
      "module": 600.0
    }
  },
  "limits": [
    {
      "quantity": "coil-resistance",
      "min": 800.0,
      "max": 2500.0,
      "left_right_ratio": 1.15,
      "at_celsius": 20.0,
      "provenance": "common-practice",
      "source": "no published source"
    },
    {
      "quantity": "wire-insulation",
      "min": 20000000.0,
      "provenance": "common-practice",
      "source": "no published source"
    },
    {
      "quantity": "wire-continuity",
      "max": 5.0,
      "provenance": "common-practice",
      "source": "no published source"
    },
    {
      "quantity": "ac-output",
      "min": 0.1,
      "max": 1.5,
      "provenance": "common-practice",
      "source": "no published source"
    },
    {
      "quantity": "bias-unplugged",
      "left_right_ratio": 1.1,
      "provenance": "common-practice",
      "source": "no published source"
    }
  ],
  "meter": {
    "name": "3 1/2 digits, 0.5 % + 2",
    "input_ohm": 10000000.0,
    "low_input_ohm": 300000.0,
    "ac_bandwidth_hz": 1000.0,
    "shunt_ohm": 1.0,
    "lead_ohm": 0.2,
    "zeroed": true,
    "ohm_ranges": [
      {
        "full_scale_ohm": 600.0,
        "source_v": 1.2,
        "source_ohm": 600.0
      },
      {
        "full_scale_ohm": 6000.0,
        "source_v": 1.2,
        "source_ohm": 6000.0
      },
      {
        "full_scale_ohm": 60000.0,
        "source_v": 1.2,
        "source_ohm": 60000.0
      },
      {
        "full_scale_ohm": 600000.0,
        "source_v": 1.2,
        "source_ohm": 600000.0
      },
      {
        "full_scale_ohm": 6000000.0,
        "source_v": 1.2,
        "source_ohm": 6000000.0
      },
      {
        "full_scale_ohm": 60000000.0,
        "source_v": 1.2,
        "source_ohm": 60000000.0
      }
    ],
    "dc": {
      "percent": 0.5,
      "counts": 2.0
    },
    "ac": {
      "percent": 1.0,
      "counts": 3.0
    },
    "ohm": {
      "percent": 0.8,
      "counts": 2.0
    },
    "ampere": {
      "percent": 1.0,
      "counts": 3.0
    }
  },
  "evidence": []
}
', '729');

INSERT INTO public.schema_version VALUES (4);

SELECT pg_catalog.setval('public.goods_row_seq', 1, true);

SELECT pg_catalog.setval('public.jobs_row_seq', 3, true);

SELECT pg_catalog.setval('public.practice_row_seq', 1, true);

SELECT pg_catalog.setval('public.revisions_row_seq', 3, true);

ALTER TABLE ONLY public.goods
    ADD CONSTRAINT goods_pkey PRIMARY KEY ("row");

ALTER TABLE ONLY public.jobs
    ADD CONSTRAINT jobs_id_key UNIQUE (id);

ALTER TABLE ONLY public.jobs
    ADD CONSTRAINT jobs_pkey PRIMARY KEY ("row");

ALTER TABLE ONLY public.outcomes
    ADD CONSTRAINT outcomes_pkey PRIMARY KEY ("row");

ALTER TABLE ONLY public.peers
    ADD CONSTRAINT peers_pkey PRIMARY KEY (url);

ALTER TABLE ONLY public.practice
    ADD CONSTRAINT practice_pkey PRIMARY KEY ("row");

ALTER TABLE ONLY public.revisions
    ADD CONSTRAINT revisions_pkey PRIMARY KEY ("row");

ALTER TABLE ONLY public.revisions
    ADD CONSTRAINT revisions_revision_key UNIQUE (revision);

ALTER TABLE ONLY public.schema_version
    ADD CONSTRAINT schema_version_pkey PRIMARY KEY (version);

CREATE INDEX goods_quantity ON public.goods USING btree (quantity);

CREATE INDEX jobs_changed ON public.jobs USING btree (changed);

CREATE INDEX jobs_words ON public.jobs USING gin (words) WITH (fastupdate='on', gin_pending_list_limit='256');

CREATE INDEX outcomes_class ON public.outcomes USING btree (class, proved, minutes, comeback);

CREATE INDEX revisions_job ON public.revisions USING btree (job, parent);

CREATE INDEX revisions_xid ON public.revisions USING btree (xid);

ALTER TABLE ONLY public.outcomes
    ADD CONSTRAINT outcomes_row_fkey FOREIGN KEY ("row") REFERENCES public.jobs("row") ON DELETE CASCADE;
